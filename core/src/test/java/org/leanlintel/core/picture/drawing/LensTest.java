package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.MoveToLayer;
import org.leanlintel.core.edit.change.PutMark;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.office.AddLayer;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.DrawnPlies;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TakenBoxes;

/** What a lens makes of one small storey: a shell of 7,200 by 4,800 with a partition, a door in it and a window in the south wall. */
class LensTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId OTHER = Sketch.id("other");

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall partition = sketch.across(shell, 3600);
    private final Opening door = sketch.door(partition, 1000, 900);
    private final Opening window = sketch.window(shell.get(3), 1000, 1200, 900, 1200);

    LensTest() {
        sketch.run(new AddLayer(Layer.plain(OTHER, "Other", List.of())));
    }

    private void lens(UnaryOperator<Lens> way) {
        sketch.run(new Revise(way.apply(sketch.model().get(Sketch.LENS, Lens.class))));
    }

    private Picture plan() {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERS).picture();
    }

    private List<Item> items(Element element) {
        return plan().groups().stream()
                .filter(g -> g.element().equals(element.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private static Stream<Pen> pens(List<Item> items) {
        return items.stream().flatMap(i -> switch (i) {
            case Item.Strokes s -> Stream.of(s.pen());
            case Item.Arc a -> Stream.of(a.pen());
            default -> Stream.empty();
        });
    }

    private static Map<PenRole, Double> lengths(List<Item> items) {
        Map<PenRole, Double> lengths = new EnumMap<>(PenRole.class);
        for (Item item : items)
            if (item instanceof Item.Strokes s)
                for (List<Vec> line : s.lines())
                    for (int i = 1; i < line.size(); i++)
                        lengths.merge(s.role(), line.get(i).distanceTo(line.get(i - 1)), Double::sum);
        return lengths;
    }

    private void show(ElementId layer, Lens.Shown shown) {
        lens(l -> l.showing(List.of(new Lens.LayerShown(layer, shown))));
    }

    private void state(Wall wall, WorkState state) {
        sketch.run(new Revise(sketch.wall(wall).in(state)));
    }

    @Test
    void aHiddenLayerIsNotDrawnAndComesBackTheSame() {
        sketch.run(new MoveToLayer(List.of(door.id()), OTHER));
        Picture before = plan();
        show(OTHER, Lens.Shown.HIDDEN);
        assertThat(items(door)).isEmpty();
        assertThat(items(partition)).as("the hole stays").isNotEmpty();
        lens(l -> l.showing(List.of()));
        assertThat(plan()).isEqualTo(before);
    }

    @Test
    void aFaintLayerIsPaleInLinesWordsAndTints() {
        sketch.run(new MoveToLayer(List.of(partition.id()), OTHER));
        show(OTHER, Lens.Shown.FAINT);
        assertThat(pens(items(partition))).isNotEmpty().allMatch(p -> p.ink().equals(Inks.PALE));
        assertThat(pens(items(shell.get(0)))).allMatch(p -> p.ink().isEmpty());
        assertThat(Inks.paled("#000000")).as("three tenths of black are left").isEqualTo("#b3b3b3");
        assertThat(Inks.paled("#ffffff")).isEqualTo("#ffffff");
    }

    @Test
    void aLayersPenIsUsedAlwaysAndItsInkWhereALensIsInColour() {
        sketch.run(new MoveToLayer(List.of(partition.id()), OTHER));
        Pen wide = new Pen(0.7, Pen.Dash.DASHED);
        sketch.run(new Revise(new Layer(
                OTHER, "Other", "", Layer.StandsFor.BUILT, new Layer.WithPen(wide), "#1d5f8a", false, List.of())));
        assertThat(pens(items(partition))).isNotEmpty().allMatch(wide::equals);
        lens(l -> with(l, "colours", Lens.Colours.EVERYWHERE));
        assertThat(pens(items(partition))).allMatch(wide.inked("#1d5f8a")::equals);
        assertThat(pens(items(door))).as("on a layer without an ink").allMatch(p -> p.ink()
                .isEmpty());
    }

    @ParameterizedTest
    @EnumSource(Lens.Fill.class)
    void wallsAreFilledAsTheLensSays(Lens.Fill fill) {
        lens(l -> with(with(l, "fill", fill), "colours", Lens.Colours.EVERYWHERE));
        List<String> tints = items(shell.get(0)).stream()
                .filter(Item.Fill.class::isInstance)
                .map(i -> ((Item.Fill) i).tint())
                .distinct()
                .toList();
        switch (fill) {
            case MATERIALS, NONE -> assertThat(tints).containsOnly("#ffffff");
            case SOLID -> assertThat(tints).containsOnly(DrawnPlies.SOLID);
        }
        if (fill == Lens.Fill.SOLID)
            assertThat(lengths(items(shell.get(0))))
                    .as("one outline, no plies")
                    .containsOnlyKeys(PenRole.CUT_STRUCTURE);
    }

    @Test
    void openingsShowTheirLeavesTheirEdgesOrNothing() {
        assertThat(items(door)).anyMatch(i -> i instanceof Item.Arc a && a.role() == PenRole.DOOR_SWING);
        lens(l -> with(l, "symbol", Lens.Symbol.PLAIN));
        assertThat(lengths(items(door))).containsOnlyKeys(PenRole.EDGE);
        assertThat(lengths(items(door)).get(PenRole.EDGE)).as("both faces").isCloseTo(1800, within(0.1));
        lens(l -> with(l, "symbol", Lens.Symbol.NONE));
        assertThat(items(door)).isEmpty();
    }

    @Test
    void doorsAndWindowsAreMarkedClearOfWallsAndLeaves() {
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.DOORS)));
        assertThat(items(window)).noneMatch(Item.Text.class::isInstance);
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.DOORS, Lens.MarkOf.WINDOWS)));
        for (Opening o : List.of(door, window)) {
            Item.Text words = items(o).stream()
                    .filter(Item.Text.class::isInstance)
                    .map(Item.Text.class::cast)
                    .findFirst()
                    .orElseThrow();
            assertThat(words.text()).isEqualTo(o.mark());
            assertThat(words.angle()).as("upright").isZero();
            Bounds box = TakenBoxes.marks(List.of(new Group(o.id(), Sketch.LAYER, List.of(words), List.of())), 50)
                    .getFirst();
            for (Wall w : List.of(shell.get(3), partition))
                assertThat(sketch.building().solid(w.id()).footprint().meets(box))
                        .as("%s stands in %s", o.mark(), w.mark())
                        .isFalse();
        }
        assertThat(Math.abs(mark(door).x() - sketch.lineOf(partition)))
                .as("beside its wall")
                .isBetween(57.0, 1200.0);
    }

    private Vec mark(Opening opening) {
        return items(opening).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).at())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aMarkThatWasPutStaysBesideItsOpening() {
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.WINDOWS)));
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(5000, -1500)));
        Vec before = mark(window);
        assertThat(before.distanceTo(new Vec(5000, -1500 - Lettering.NOTE_MM / 2 * 50)))
                .isLessThan(0.1);
        sketch.run(new Move(List.of(window.id()), new Vec(300, 0)));
        assertThat(mark(window).minus(before).x()).isCloseTo(300, within(0.1));
        assertThat(lengths(items(window))).as("with a leader").containsKey(PenRole.DIMENSION);
    }

    /** Far along its wall: to the near side of the opening, a tenth of its width within, not across the whole of it. */
    @Test
    void theLeaderOfAMarkEndsWhereItsOpeningIsNearest() {
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.WINDOWS)));
        WallSolid wall = sketch.building().solid(shell.get(3).id());
        PlacedOpening placed = wall.openings().getFirst();
        Strip strip = wall.strip();
        double one = strip.at(placed.from(), 0).x(),
                other = strip.at(placed.to(), 0).x();
        double wide = Math.abs(one - other), right = Math.max(one, other);
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(right + 2000, -700)));
        assertThat(ends(items(window))).anySatisfy(end -> assertThat(end.distanceTo(new Vec(right - wide / 10, 0)))
                .isLessThan(1));
    }

    private static List<Vec> ends(List<Item> items) {
        return items.stream()
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .map(List::getLast)
                .toList();
    }

    @Test
    void aMarkThatWasPutIsHandedWithItsHouse() {
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.WINDOWS)));
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(5000, -1500)));
        sketch.run(new Hand(new Vec(3600, 0)));
        assertThat(mark(window).distanceTo(new Vec(2200, -1500 - Lettering.NOTE_MM / 2 * 50)))
                .isLessThan(0.2);
    }

    /** One partition stands, one goes, one comes: three plans of one model. */
    @Test
    void eachStateIsDrawnAsTheLensSays() {
        Wall goes = sketch.across(shell, 1800), comes = sketch.across(shell, 4600);
        state(partition, WorkState.EXISTING);
        state(goes, WorkState.REMOVED);
        assertThat(lengths(items(goes))).containsOnlyKeys(PenRole.REMOVED);

        states(Lens.StateLook.FULL, Lens.StateLook.FULL, Lens.StateLook.HIDDEN);
        assertThat(items(comes)).as("as it is: not there yet").isEmpty();
        assertThat(lengths(items(goes))).as("still standing").containsKey(PenRole.CUT_STRUCTURE);
        assertThat(lengths(items(partition))).containsKey(PenRole.CUT_LINING);

        states(Lens.StateLook.GREY, Lens.StateLook.DASHED, Lens.StateLook.HIDDEN);
        assertThat(items(comes)).isEmpty();
        assertThat(lengths(items(goes))).containsOnlyKeys(PenRole.REMOVED);
        assertThat(lengths(items(partition))).as("whole").doesNotContainKey(PenRole.CUT_LINING);

        states(Lens.StateLook.GREY, Lens.StateLook.HIDDEN, Lens.StateLook.FULL);
        assertThat(items(goes)).isEmpty();
        assertThat(lengths(items(comes))).containsKey(PenRole.CUT_LINING);
    }

    /** As long as the partition is not there, the lining runs on behind where it will stand. */
    @Test
    void aWallThatIsHiddenLeavesNoNotchInTheOneItStandsOn() {
        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(3657, 2400), partition, new Vec(6000, 2400), null);
        Wall host = sketch.wall(partition);
        state(host, WorkState.EXISTING);
        states(Lens.StateLook.FULL, Lens.StateLook.DASHED, Lens.StateLook.FULL);
        double open = lengths(items(host)).get(PenRole.CUT_LINING);
        states(Lens.StateLook.FULL, Lens.StateLook.DASHED, Lens.StateLook.HIDDEN);
        assertThat(items(wing)).isEmpty();
        assertThat(lengths(items(host)).get(PenRole.CUT_LINING)).isGreaterThan(open + 80);
    }

    private void states(Lens.StateLook existing, Lens.StateLook removed, Lens.StateLook fresh) {
        lens(l -> with(
                l, "states", Map.of(WorkState.EXISTING, existing, WorkState.REMOVED, removed, WorkState.NEW, fresh)));
    }

    /** A new door in a wall that stands: a whole wall before, a dashed hole to cut, a door after; a filled one the other way about. */
    @Test
    void anOpeningComesOrGoesInAWallThatStands() {
        state(partition, WorkState.EXISTING);
        double whole = 4800 - 2 * 290;
        for (Opening.Work work : List.of(Opening.Work.NEW, Opening.Work.FILLED)) {
            Opening now = sketch.model().get(door.id(), Opening.class);
            sketch.run(new Revise(now.in(work)));
            boolean comes = work == Opening.Work.NEW;

            states(Lens.StateLook.FULL, Lens.StateLook.FULL, Lens.StateLook.HIDDEN);
            assertThat(items(door).isEmpty()).as("as it is, %s", work).isEqualTo(comes);
            assertThat(longestFace()).isCloseTo(comes ? whole : whole - 900 - 1000, within(0.5));

            states(Lens.StateLook.GREY, Lens.StateLook.DASHED, Lens.StateLook.HIDDEN);
            assertThat(lengths(items(door))).as("demolition, %s", work).containsOnlyKeys(PenRole.REMOVED);

            states(Lens.StateLook.GREY, Lens.StateLook.HIDDEN, Lens.StateLook.FULL);
            if (comes) assertThat(items(door)).anyMatch(Item.Arc.class::isInstance);
            else assertThat(lengths(items(door))).containsOnlyKeys(PenRole.CUT_STRUCTURE);
        }
    }

    private double longestFace() {
        return items(partition).stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.CUT_LINING)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .mapToDouble(l -> l.getFirst().distanceTo(l.getLast()))
                .max()
                .orElse(0);
    }

    @Test
    void whatIsHiddenTakesNoPlaceFromMarks() {
        lens(l -> with(l, "marks", List.of(Lens.MarkOf.WINDOWS)));
        Vec free = mark(window);
        Note note = (Note) sketch.run(new PlaceNote(Sketch.PLAN, OTHER, free, "in the way", Sketch.LETTERS))
                .after()
                .getFirst();
        assertThat(mark(window)).as("clear of %s", note.text()).isNotEqualTo(free);
        show(OTHER, Lens.Shown.HIDDEN);
        assertThat(mark(window)).isEqualTo(free);
    }
}
