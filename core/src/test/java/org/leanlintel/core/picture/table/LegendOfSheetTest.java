package org.leanlintel.core.picture.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/** A shell to the left of a partition: a legend that stands on a sheet names what the drawings beside it show. */
class LegendOfSheetTest {

    private final Sketch sketch = new Sketch();
    private final Drawing legend =
            sketch.drawing("Legend", Drawing.Kind.LEGEND, Sketch.STOREY, 50).of(new Drawing.OnItsSheet());
    private final List<Wall> shell = sketch.shell(4000, 3000);
    private final Wall partition =
            sketch.run(Sketch.PARTITION, false, 8000, 0, 8000, 3000).getFirst();

    @BeforeEach
    void standsOnItsSheet() {
        sketch.put(legend, tinted("brick", "#cc8877"), tinted("stud", "#eeddaa"));
    }

    private Material tinted(String material, String tint) {
        Material m = sketch.model().get(Sketch.id(material), Material.class);
        return new Material(
                m.id(), m.name(), m.joinsAs(), m.hatch(), tint, m.heat(), m.surface(), m.leastPitch(), m.source());
    }

    private List<String> rows() {
        return LegendRows.of(legend.id(), sketch);
    }

    private static String named(String material, Sketch sketch) {
        return sketch.model().get(Sketch.id(material), Material.class).name();
    }

    private static Sheet.Placed placed(ElementId drawing, Drawing.Frame crop) {
        return new Sheet.Placed(drawing, Vec.ORIGIN, new Vec(200, 200), 0, crop);
    }

    private void onSheet(Sheet.Placed... drawings) {
        sketch.put(new Sheet(Sketch.id("sheet"), "A-1", "Plan", "", Paper.across(PaperSize.A1), List.of(drawings)));
    }

    private static Drawing.Part rectangle(double left, double right) {
        return new Drawing.Part(
                List.of(new Vec(left, -500), new Vec(right, -500), new Vec(right, 4000), new Vec(left, 4000)), false);
    }

    @Test
    void onNoSheetItIsOfAllDrawings() {
        assertThat(rows()).contains(named("brick", sketch), named("stud", sketch));
    }

    @Test
    void itNamesTheMaterialsThatStandBesideIt() {
        onSheet(placed(legend.id(), new Drawing.All()), placed(Sketch.PLAN, rectangle(7000, 9000)));
        assertThat(rows()).contains(named("stud", sketch)).doesNotContain(named("brick", sketch));
        onSheet(placed(legend.id(), new Drawing.All()), placed(Sketch.PLAN, rectangle(-500, 5000)));
        assertThat(rows()).contains(named("brick", sketch));
        onSheet(placed(legend.id(), new Drawing.All()));
        assertThat(rows()).containsExactly("No drawing of the house stands with it.");
    }

    @Test
    void whatGoesOrStandsIsToldWhereItIsDrawn() {
        sketch.run(new Revise(shell.getFirst().in(WorkState.EXISTING)));
        sketch.run(new Revise(partition.in(WorkState.REMOVED)));
        onSheet(placed(legend.id(), new Drawing.All()), placed(Sketch.PLAN, rectangle(7000, 9000)));
        assertThat(rows()).contains("To be removed").doesNotContain("Wall that stands");
        onSheet(placed(legend.id(), new Drawing.All()), placed(Sketch.PLAN, rectangle(-500, 5000)));
        assertThat(rows()).contains("Wall that stands").doesNotContain("To be removed");
    }

    @Test
    void signsAreThoseOfTheDrawingsThere() {
        sketch.run(new DrawGrid(
                Sketch.LAYER, new Vec(8500, 0), new Vec(8500, 3000), "A", GridLine.Bubbles.BOTH, Side.LEFT, List.of()));
        ElementId section = sketch.section(new Vec(2000, -1000), new Vec(2000, 1000), Side.LEFT, 1000);
        onSheet(placed(legend.id(), new Drawing.All()), placed(Sketch.PLAN, rectangle(7000, 9000)));
        assertThat(rows()).contains("Grid line").doesNotContain("Section that way, and its sheet", "Level");
        onSheet(placed(legend.id(), new Drawing.All()), placed(section, new Drawing.All()));
        assertThat(rows())
                .contains("Level", "Ground, where it is cut")
                .doesNotContain("Grid line", "Section that way, and its sheet");
    }

    @Test
    void itIsDrawnOnWhenAPlanBesideItIsDeletedAndComesBack() {
        Drawing plan = sketch.model().get(Sketch.PLAN, Drawing.class);
        Drawing other = sketch.drawing("Another", Drawing.Kind.PLAN, Sketch.STOREY, 100);
        onSheet(placed(legend.id(), new Drawing.All()), placed(plan.id(), rectangle(-500, 9000)));
        List<String> beside = rows();
        Change deleted = sketch.run(new Delete(List.of(plan.id())));
        assertThat(rows()).containsExactly("No drawing of the house stands with it.");
        sketch.apply(deleted.inverse());
        assertThat(rows()).isEqualTo(beside);
        onSheet(placed(legend.id(), new Drawing.All()), placed(other.id(), rectangle(-500, 9000)));
        assertThat(rows()).isEqualTo(beside);
    }

    @Test
    void nothingElseIsOfItsSheet() {
        Drawing plan = sketch.model().get(Sketch.PLAN, Drawing.class);
        assertThatThrownBy(() -> plan.of(new Drawing.OnItsSheet()))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("Only a legend");
    }
}
