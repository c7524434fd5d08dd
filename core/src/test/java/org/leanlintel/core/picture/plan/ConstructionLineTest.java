package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.carry.Copies;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.wall.DrawConstructionLine;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;

/** Lines to draw by: seen and caught on the board, never on paper. */
class ConstructionLineTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    private ConstructionLine draw(boolean endless) {
        return (ConstructionLine) sketch.run(new DrawConstructionLine(
                        Sketch.STOREY, Sketch.LAYER, new Vec(0, 1000), new Vec(3000, 1000), endless))
                .after()
                .getFirst();
    }

    private Picture plan() {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERS).picture();
    }

    private Group group(ConstructionLine line) {
        return plan().groups().stream()
                .filter(g -> g.element().equals(line.id()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEndlessOneIsCaughtAnywhereAlongIt() {
        ConstructionLine line = draw(true);
        assertThat(group(line).catches())
                .anyMatch(c -> c.from().x() < -100_000
                        && c.to().x() > 100_000
                        && c.from().y() == 1000);
        assertThat(Extent.of(plan())).as("as far as paper goes").isNull();
    }

    @Test
    void oneBetweenTwoPointsEndsThere() {
        assertThat(group(draw(false)).catches()).allMatch(c -> c.from().x() >= 0 && c.to().x() <= 3000);
    }

    @Test
    void itNeverComesToASheet() {
        sketch.shell(7200, 4800);
        draw(true);
        Sheet sheet = new Sheet(
                Sketch.id("sheet"),
                "A-1",
                "Plan",
                "",
                Paper.across(PaperSize.A2),
                List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(200, 200))));
        Picture onPaper = SheetPicture.of(sheet, sketch.model(), id -> plan(), LETTERS, TitleFacts.printed("today"));
        assertThat(onPaper.inOrder()).isNotEmpty().allMatch(Item::prints);
    }

    @Test
    void itMovesIsCopiedHandedAndDeleted() {
        ConstructionLine line = draw(true);
        sketch.run(new Move(List.of(line.id()), new Vec(0, 500)));
        assertThat(sketch.model().get(line.id(), ConstructionLine.class).from()).isEqualTo(new Vec(0, 1500));
        sketch.run(new Copies(List.of(line.id()), new Vec(0, 100), 2, false));
        assertThat(sketch.model().all(ConstructionLine.class))
                .extracting(l -> l.from().y())
                .containsExactlyInAnyOrder(1500.0, 1600.0, 1700.0);
        sketch.run(new Hand(new Vec(5000, 0)));
        assertThat(sketch.model().get(line.id(), ConstructionLine.class).from()).isEqualTo(new Vec(10_000, 1500));
        sketch.run(new Delete(List.of(line.id())));
        assertThat(sketch.model().all(ConstructionLine.class)).hasSize(2);
    }
}
