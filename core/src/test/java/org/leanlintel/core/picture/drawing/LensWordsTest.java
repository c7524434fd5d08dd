package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.LetterMarks;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.PutInFront;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NumberRooms;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** What a lens says of words, of what goes at a small scale, of what stands behind; and what stands in front of what. */
class LensWordsTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall partition = sketch.across(shell, 3600);
    private final Opening window = sketch.window(shell.get(3), 1000, 1200, 900, 1200);

    private void lens(String component, Object value) {
        sketch.run(new Revise(with(sketch.model().get(Sketch.LENS, Lens.class), component, value)));
    }

    private Picture plan() {
        return picture(Sketch.PLAN);
    }

    private Picture picture(ElementId drawing) {
        return Plan.of(sketch.building(), drawing, LETTERS).picture();
    }

    private static Stream<Item.Text> texts(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast);
    }

    private static List<Item> items(Picture picture, ElementId of) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(of))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private Fitting table(double x, double y, double wide) {
        return sketch.table(new Vec(x, y), 0, wide);
    }

    @Test
    void labelsAndMarksAreAsLargeAsTheLensSays() {
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        lens("roomLabels", List.of(LabelPart.AREA));
        lens("marks", List.of(Lens.MarkOf.WINDOWS));
        lens("letters", new Lens.Letters(5, 3, 2));
        assertThat(texts(plan()).filter(t -> t.text().startsWith("Room"))).allMatch(t -> height(t) == 5);
        assertThat(texts(plan()).filter(t -> t.text().endsWith("m\u00b2")))
                .hasSize(2)
                .allMatch(t -> height(t) == 3);
        assertThat(texts(plan()).filter(t -> t.text().equals(window.mark())))
                .singleElement()
                .satisfies(t -> assertThat(height(t)).isEqualTo(2));
    }

    private static double height(Item.Text text) {
        return text.runs().getFirst().height();
    }

    @Test
    void aLayerGoesFromAScaleOn() {
        Fitting table = table(5000, 2400, 600);
        sketch.run(new Revise(sketch.model()
                .get(Sketch.LENS, Lens.class)
                .showing(List.of(new Lens.LayerShown(Sketch.LAYER, Lens.Shown.FULL, 100)))));
        assertThat(items(plan(), table.id())).isNotEmpty();
        Drawing now = sketch.model().get(Sketch.PLAN, Drawing.class);
        sketch.run(new Revise(new Drawing(
                now.id(),
                now.name(),
                now.kind(),
                now.storey(),
                now.lens(),
                100,
                "",
                now.subject(),
                1,
                now.frame(),
                List.of())));
        assertThat(items(plan(), table.id())).isEmpty();
    }

    @Test
    void theStoreyBelowStandsPaleBehindAPlanWhereItPrints() {
        sketch.storeyAbove();
        Drawing above = sketch.model().all(Drawing.class).stream()
                .filter(d -> !d.id().equals(Sketch.PLAN))
                .findFirst()
                .orElseThrow();
        assertThat(items(picture(above.id()), above.id())).isEmpty();
        lens("backdrop", new Lens.Backdrop(Lens.Behind.STOREY_BELOW, false));
        assertThat(items(picture(above.id()), above.id()))
                .as("on the board alone")
                .isEmpty();
        lens("backdrop", new Lens.Backdrop(Lens.Behind.STOREY_BELOW, true));
        List<Item> behind = items(picture(above.id()), above.id());
        assertThat(behind)
                .isNotEmpty()
                .allMatch(i -> i instanceof Item.Strokes s && s.pen().ink().equals(Inks.PALE));
        assertThat(Extent.of(new Picture(50, List.of(new Group(above.id(), above.id(), behind, List.of())))))
                .isEqualTo(new Bounds(0, 0, 7200, 4800));
        assertThat(items(plan(), Sketch.PLAN)).as("nothing is below it").isEmpty();
        Plan before = Plan.of(sketch.building(), above.id(), LETTERS);
        Picture old = before.picture();
        sketch.run(new Move(List.of(partition.id()), new Vec(300, 0)));
        Plan after = Plan.of(sketch.building(), above.id(), LETTERS);
        assertThat(after.since(before)).isEqualTo(after.picture().since(old));
        assertThat(after.since(before).changed()).extracting(Group::element).containsExactly(above.id());
    }

    /** One stands on its table; one is too large for its own and stands beside with a leader. */
    @Test
    void marksOfFittingsStandOnThemOrBesideThem() {
        Fitting large = table(5000, 2400, 2000), small = table(1800, 2400, 200);
        lens("marks", List.of(Lens.MarkOf.FITTINGS));
        assertThat(at(large).distanceTo(new Vec(5000, 2400 - 62.5))).isLessThan(0.1);
        Vec beside = at(small);
        assertThat(beside.distanceTo(new Vec(1800, 2400))).isBetween(250.0, 1500.0);
        assertThat(items(plan(), small.id()))
                .anyMatch(i -> i instanceof Item.Strokes s
                        && s.lines().stream().anyMatch(l -> l.getLast().equals(new Vec(1800, 2400))));
        lens("marks", List.of());
        assertThat(texts(plan())).isEmpty();
    }

    private Vec at(Fitting fitting) {
        return texts(plan())
                .filter(t -> t.text().equals(fitting.mark()))
                .findFirst()
                .orElseThrow()
                .at();
    }

    /** Two tables over each other by half: the one in front hides a quarter of the other's outline, and its own is whole. */
    @Test
    void whatIsInFrontHidesWhatIsBehind() {
        Fitting one = table(5000, 2000, 600), other = table(5300, 2300, 600);
        double whole = drawn(one);
        front(PutInFront.How.FRONT, other);
        assertThat(drawn(one)).isCloseTo(whole * 3 / 4, within(30.0));
        assertThat(drawn(other)).isCloseTo(whole, within(0.1));
        front(PutInFront.How.FRONT, one);
        assertThat(drawn(one)).isCloseTo(whole, within(0.1));
        assertThat(drawn(other)).isCloseTo(whole * 3 / 4, within(30.0));
        front(PutInFront.How.BACKWARD, one);
        assertThat(drawn(other)).as("one step behind").isCloseTo(whole, within(0.1));
        assertThat(sketch.refusal(new PutInFront(Sketch.PLAN, List.of(other.id()), PutInFront.How.FRONT)))
                .isEqualTo("It stands there already.");
        front(PutInFront.How.BACK, one);
        front(PutInFront.How.BACK, other);
        assertThat(drawn(one) + drawn(other)).isCloseTo(2 * whole, within(0.1));
    }

    @Test
    void anAnswerSaysWhatComesInFrontAndMovesThere() {
        Fitting one = table(5000, 2000, 600), other = table(5300, 2300, 600);
        Plan before = Plan.of(sketch.building(), Sketch.PLAN, LETTERS);
        Picture old = before.picture();
        front(PutInFront.How.FRONT, other);
        Plan after = Plan.of(sketch.building(), Sketch.PLAN, LETTERS);
        assertThat(after.since(before)).isEqualTo(after.picture().since(old));
        sketch.run(new Move(List.of(other.id()), new Vec(100, 0)));
        Plan moved = Plan.of(sketch.building(), Sketch.PLAN, LETTERS);
        assertThat(moved.since(after)).isEqualTo(moved.picture().since(after.picture()));
        assertThat(moved.since(after).changed()).extracting(Group::element).contains(one.id(), other.id());
    }

    private void front(PutInFront.How how, Element thing) {
        sketch.run(new PutInFront(Sketch.PLAN, List.of(thing.id()), how));
    }

    private double drawn(Fitting fitting) {
        double length = 0;
        for (Item item : items(plan(), fitting.id()))
            if (item instanceof Item.Strokes s)
                for (List<Vec> line : s.lines())
                    for (int i = 1; i < line.size(); i++) length += line.get(i).distanceTo(line.get(i - 1));
        return length;
    }

    @Test
    void marksBeginWithOtherLettersAndKeepTheirNumbers() {
        Opening named = sketch.window(shell.get(3), 4000, 900, 900, 1200);
        sketch.run(new Revise(named.named(named.id(), "East light")));
        sketch.run(new LetterMarks(new MarkLetters("wa", "D", "W")));
        assertThat(sketch.model().get(window.id(), Opening.class).mark()).isEqualTo("W1");
        assertThat(sketch.wall(partition).mark()).isEqualTo("WA5");
        assertThat(sketch.model().get(named.id(), Opening.class).mark())
                .as("typed by hand")
                .isEqualTo("East light");
        assertThat(sketch.across(shell, 2200).mark()).isEqualTo("WA6");
        assertThat(sketch.window(shell.get(1), 1000, 900, 900, 1200).mark()).isEqualTo("W2");
        assertThatRefused("W", "D", "W", "The marks of walls, doors and windows begin with different letters.");
        assertThatRefused("W1", "D", "G", "The marks of walls begin with one to three letters, not with \"W1\".");
    }

    private static void assertThatRefused(String walls, String doors, String windows, String why) {
        assertThatThrownBy(() -> new MarkLetters(walls, doors, windows)).hasMessage(why);
    }
}
