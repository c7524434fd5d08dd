package org.leanlintel.core.picture.height;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.storey.LayFootings;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Sections of a house of two storeys. */
class SectionTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;

    private Picture section(double x0, double y0, double x1, double y1, Side looking, double depth) {
        ElementId id = sketch.section(new Vec(x0, y0), new Vec(x1, y1), looking, depth);
        return DrawingPicture.of(sketch.building(), id, LETTERS).picture();
    }

    /** Its mark at both ends, and beside that the sheet it is drawn on once there is one. */
    @Test
    void aPlanSaysOnWhichSheetASectionIsDrawn() {
        section(3000, -500, 3000, 4500, Side.RIGHT, 0);
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        assertThat(said(line)).containsExactly("A", "A");
        Drawing drawn = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.SECTION)
                .findFirst()
                .orElseThrow();
        sketch.run(new AddSheet(
                "A-201",
                "Section",
                PaperSize.A2,
                List.of(new Sheet.Placed(drawn.id(), Vec.ORIGIN, new Vec(200, 200)))));
        assertThat(said(line)).containsExactly("A", "A-201", "A", "A-201");
    }

    /** A line before the house cuts nothing: through a lens that says so, it is an elevation along that line. */
    @Test
    void aSectionShowsFacesBeyondItWhereItsLensSaysSo() {
        Opening door = sketch.door(house.shell.get(3), 1000, 900);
        Picture edges = section(-500, -500, 6500, -500, Side.LEFT, 3000);
        assertThat(roles(edges, door.id())).contains(PenRole.EDGE).doesNotContain(PenRole.OVERHEAD);
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.FACINGS))));
        Picture faces = section(-500, -600, 6500, -600, Side.LEFT, 3000);
        assertThat(roles(faces, door.id())).contains(PenRole.EDGE, PenRole.OVERHEAD);
        assertThat(lines(faces, door.id(), PenRole.EDGE)).isEqualTo(lines(edges, door.id(), PenRole.EDGE));
    }

    /** As an elevation has it: heavier than edges, down to the ground; what is cut has its own. */
    @Test
    void whatIsSeenAloneHasAHeavyOutlineAndItsMaterialsAreNamed() {
        ElementId before = sketch.section(new Vec(-500, -500), new Vec(6500, -500), Side.LEFT, 3000);
        List<List<Vec>> outline = outline(before);
        Bounds round = Bounds.of(outline.stream().flatMap(List::stream).toList());
        assertThat(round.width()).as("along the whole front").isCloseTo(6000, within(0.1));
        assertThat(round.maxY()).isCloseTo(2 * 2700, within(600.0));
        assertThat(outline(sketch.section(new Vec(-500, 2000), new Vec(6500, 2000), Side.LEFT, 3000)))
                .isEmpty();
        assertThat(MaterialNames.of(sketch.building(), before, LETTERS))
                .extracting(MaterialNames.Named::material)
                .containsExactly("brick");
    }

    /** Strips whose tops lie 775 below the ground: seen from before the house it is dashed, and the ground hides it. */
    @Test
    void theGroundHidesWhatStandsInItWhereNothingIsCut() {
        sketch.run(new LayFootings(
                Sketch.STOREY,
                Sketch.LAYER,
                List.of(new Footing.UnderShell(new Vec(3000, 2000))),
                600,
                225,
                -1000,
                Sketch.id("brick"),
                new Footing.Stem(Sketch.id("brick"), 290)));
        ElementId footing = sketch.model().all(Footing.class).getFirst().id();
        ElementId before = sketch.section(new Vec(-500, -2000), new Vec(6500, -2000), Side.LEFT, 4000);
        Picture picture = DrawingPicture.of(sketch.building(), before, LETTERS).picture();
        assertThat(items(picture, footing)).as("its edges").isEmpty();
        assertThat(lines(picture, before, PenRole.OVERHEAD)).isEmpty();
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.FACINGS, Lens.MarkOf.FOOTINGS))));
        List<List<Vec>> dashed =
                lines(DrawingPicture.of(sketch.building(), before, LETTERS).picture(), before, PenRole.OVERHEAD);
        Bounds round = Bounds.of(dashed.stream().flatMap(List::stream).toList());
        assertThat(round.minY()).isEqualTo(-1000);
        assertThat(round.maxY()).isZero();
    }

    private List<List<Vec>> outline(ElementId drawing) {
        return lines(DrawingPicture.of(sketch.building(), drawing, LETTERS).picture(), drawing, PenRole.OUTLINE);
    }

    private static List<PenRole> roles(Picture picture, ElementId element) {
        return items(picture, element).stream()
                .filter(Item.Strokes.class::isInstance)
                .map(i -> ((Item.Strokes) i).role())
                .toList();
    }

    private static List<List<Vec>> lines(Picture picture, ElementId element, PenRole role) {
        return items(picture, element).stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private List<String> said(SectionLine line) {
        return items(DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERS).picture(), line.id()).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private static List<Item> items(Picture picture, ElementId element) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(element))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    /** At y = 1,000 as far as x = 3,000, at y = 2,000 from there: the pier at the left of the first leg is seen before nothing. */
    @Test
    void aLineThatStepsAsideCutsEachStretchWhereItRuns() {
        WallPiece.Mass brick = new WallPiece.Solid(Sketch.id("brick"), 300);
        Post first = (Post) sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(1500, 1000), 0, 300, brick))
                .after()
                .getFirst();
        Post second = (Post) sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(4500, 2000), 0, 300, brick))
                .after()
                .getFirst();
        section(-500, 1000, 6500, 1000, Side.LEFT, 0);
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        Drawing drawn = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.SECTION)
                .findFirst()
                .orElseThrow();
        Picture straight =
                DrawingPicture.of(sketch.building(), drawn.id(), LETTERS).picture();
        assertThat(filledMm2(items(straight, first.id()))).isPositive();
        assertThat(filledMm2(items(straight, second.id()))).isZero();
        sketch.run(new Revise(line.stepping(List.of(new SectionLine.Step(3500, 1000)))));
        Picture stepped =
                DrawingPicture.of(sketch.building(), drawn.id(), LETTERS).picture();
        assertThat(filledMm2(items(stepped, first.id()))).isEqualTo(filledMm2(items(straight, first.id())));
        assertThat(bounds(items(stepped, second.id())).minX())
                .as("x runs on along the line")
                .isCloseTo(4850, within(0.1));
        assertThat(bounds(items(stepped, second.id())).maxX()).isCloseTo(5150, within(0.1));
        double cut =
                stepped.groups().stream().mapToDouble(g -> filledMm2(g.items())).sum();
        double before = straight.groups().stream()
                .mapToDouble(g -> filledMm2(g.items()))
                .sum();
        assertThat(cut - before)
                .as("what else is cut is as it was: no wall runs between the legs")
                .isCloseTo(filledMm2(items(stepped, second.id())), within(1.0));
        sketch.run(new Revise(
                sketch.model().get(line.id(), SectionLine.class).through(line.from(), line.to(), Side.RIGHT)));
        Picture back = DrawingPicture.of(sketch.building(), drawn.id(), LETTERS).picture();
        assertThat(bounds(items(back, first.id())).maxX())
                .as("from the other side")
                .isCloseTo(7000 - 1850, within(0.1));
        assertThat(filledMm2(items(back, second.id()))).isPositive();
    }

    /** What lies beyond is seen from both stretches; where they meet it was only cut off. */
    @Test
    void noLineIsDrawnWhereASectionStepsAside() {
        section(-500, 1000, 6500, 1000, Side.LEFT, 20_000);
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        sketch.run(new Revise(line.stepping(List.of(new SectionLine.Step(3500, 1000)))));
        ElementId drawn = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.SECTION)
                .findFirst()
                .orElseThrow()
                .id();
        List<List<Vec>> edges = DrawingPicture.of(sketch.building(), drawn, LETTERS).picture().groups().stream()
                .flatMap(g -> lines(g.items(), PenRole.EDGE).stream())
                .toList();
        assertThat(edges).isNotEmpty();
        for (List<Vec> edge : edges)
            for (int i = 1; i < edge.size(); i++)
                assertThat(Math.abs(edge.get(i - 1).x() - 3500) < 1
                                && Math.abs(edge.get(i).x() - 3500) < 1)
                        .as("upright at x = 3,500: %s", edge)
                        .isFalse();
    }

    @Test
    void aSectionsStepsLieBetweenItsEnds() {
        section(-500, 1000, 6500, 1000, Side.LEFT, 0);
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        for (double along : new double[] {20, 6980, 9000})
            assertThatThrownBy(() -> line.stepping(List.of(new SectionLine.Step(along, 1000))))
                    .isInstanceOf(Unusable.class);
        assertThat(line.stepping(List.of(new SectionLine.Step(2000, 800), new SectionLine.Step(4000, 0)))
                        .path())
                .containsExactly(
                        new Vec(-500, 1000),
                        new Vec(1500, 1000),
                        new Vec(1500, 1800),
                        new Vec(3500, 1800),
                        new Vec(3500, 1000),
                        new Vec(6500, 1000));
    }

    private static double filledMm2(List<Item> items) {
        return items.stream()
                .filter(Item.Fill.class::isInstance)
                .mapToDouble(i -> Area.of(((Item.Fill) i).ring()).mm2())
                .sum();
    }

    private static List<List<Vec>> lines(List<Item> items, PenRole role) {
        return items.stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    /** The south wall: brick and stud are filled, air is not; above it stops under the floor's structure. */
    @Test
    void aWallIsCutPlyByPlyAtItsHeights() {
        Picture picture = section(3000, -500, 3000, 4500, Side.RIGHT, 0);
        Wall south = house.shell.get(3);
        // from 0 to 2,600 - 250: brick 100 and stud 140
        assertThat(filledMm2(items(picture, south.id()))).isCloseTo(240 * 2350.0, within(1.0));
        Bounds low = bounds(items(picture, south.id()));
        assertThat(low.maxY()).isCloseTo(2350, within(0.02));
        // looking east from the south up: the south wall lies to the right
        assertThat(low.maxX()).isCloseTo(4500, within(0.02));
        Wall above = house.above.get(3);
        // stud from the floor's structure at 2,580 to 5,100; brick runs on down to 2,350
        assertThat(filledMm2(items(picture, above.id()))).isCloseTo(140 * 2520.0 + 100 * 2750.0, within(1.0));
    }

    private static Bounds bounds(List<Item> items) {
        return Bounds.of(items.stream()
                .filter(Item.Fill.class::isInstance)
                .flatMap(i -> ((Item.Fill) i).ring().stream())
                .toList());
    }

    @Test
    void everyStoreyHasItsLevel() {
        List<String> texts = section(3000, -500, 3000, 4500, Side.RIGHT, 0).groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
        assertThat(texts).contains("±0.000", "Ground", "+2.600", "First", "+5.100");
    }

    @Test
    void whatLiesBeyondShowsWhereNothingNearerHidesIt() {
        Wall near = sketch.across(house.shell, 4000), far = sketch.across(house.shell, 5000);
        Picture picture = section(3000, -500, 3000, 4500, Side.RIGHT, 20_000);
        assertThat(lines(items(picture, near.id()), PenRole.EDGE)).isNotEmpty();
        assertThat(lines(items(picture, far.id()), PenRole.EDGE))
                .as("behind the first")
                .isEmpty();
        Picture shallow = section(3000, -500, 3000, 4500, Side.RIGHT, 500);
        assertThat(items(shallow, near.id())).as("further than it looks").isEmpty();
        Picture other = section(3000, -500, 3000, 4500, Side.LEFT, 20_000);
        assertThat(items(other, near.id())).as("behind one's back").isEmpty();
    }

    @Test
    void theTreadsOfAStairThatIsCutAreFilledAndItsFloorIsOpenAboveIt() {
        Stair stair = house.stair(900, StairMake.Rails.BOTH, Stair.Above.FOUND);
        ElementId floor = house.layFloorAbove().id();
        Picture along = section(-500, 1050, 6500, 1050, Side.LEFT, 2000);
        // twelve treads of 250 by 22, risers of 12 by what is between, and the handrail across the end of the void
        double treads = 12 * 250 * 22, risers = 13 * 12 * (200 - 22.0), handrail = 50 * 50;
        assertThat(filledMm2(items(along, stair.id()))).isCloseTo(treads + risers + handrail, within(treads * 0.01));
        double whole = 5700 * 250, open = (2000 + 250) * 250 / 200.0 * 250;
        assertThat(filledMm2(items(along, floor))).isCloseTo(whole - open, within(100.0));
    }
}
