package org.leanlintel.core.picture.height;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.note.Picked;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.seen.Seen;
import org.leanlintel.core.picture.seen.SeenPainter;
import org.leanlintel.core.picture.seen.Sight;

/** Elevations of the house of two storeys under a gabled roof of 35 degrees. */
class ElevationTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final double SOUTH = -90, NORTH = 90, EAST = 0, COS = Math.cos(Math.toRadians(35));

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;

    private Picture elevation(double degrees) {
        ElementId drawing = house.elevation(degrees);
        return DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
    }

    private static List<List<Vec>> lines(Picture picture, ElementId element, PenRole role) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(element))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private static List<List<Vec>> outline(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.OUTLINE)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private static double length(List<List<Vec>> lines) {
        double length = 0;
        for (List<Vec> l : lines)
            for (int i = 1; i < l.size(); i++) length += l.get(i - 1).distanceTo(l.get(i));
        return length;
    }

    private static Bounds bounds(List<List<Vec>> lines) {
        return Bounds.of(lines.stream().flatMap(List::stream).toList());
    }

    @Test
    void theOutlineRunsFromVergeToVergeAndUpToTheCoveringOfTheRidge() {
        house.gabled();
        Bounds south = bounds(outline(elevation(SOUTH)));
        assertThat(south.minX()).isCloseTo(-300, within(0.1));
        assertThat(south.maxX()).isCloseTo(6300, within(0.1));
        assertThat(south.maxY()).isCloseTo(6508.48 + 50 / COS, within(0.1));
        Bounds east = bounds(outline(elevation(EAST)));
        // seen from the east, north is to the right; gutters of 100 stand out beyond the fascias
        assertThat(east.minX()).isCloseTo(-400, within(0.1));
        assertThat(east.maxX()).isCloseTo(4400, within(0.1));
    }

    @Test
    void oppositeSidesMirrorEachOther() {
        house.draw(house.overShell(RoofedHouse.EAVES, RoofedHouse.at(house.wall(0, 2000), RoofedHouse.VERGE)));
        List<List<Vec>> south = outline(elevation(SOUTH)), north = outline(elevation(NORTH));
        assertThat(length(south)).isCloseTo(length(north), within(1.0));
        assertThat(bounds(north).minX()).isCloseTo(-bounds(south).maxX(), within(0.1));
    }

    @Test
    void anOpeningShowsOnItsSideAlone() {
        house.gabled();
        Wall south = sketch.building().model().all(Wall.class).stream()
                .filter(w -> w.id().equals(house.house.shell.get(3).id()))
                .findFirst()
                .orElseThrow();
        Opening window = sketch.window(south, 1000, 1200, 900, 1200);
        Picture front = elevation(SOUTH);
        Bounds seen = bounds(lines(front, window.id(), PenRole.EDGE));
        assertThat(seen.minY()).as("its sill stands out below it").isLessThan(900 + 5);
        assertThat(seen.maxY()).isCloseTo(900 + 1200 - 5, within(5.1));
        assertThat(lines(elevation(NORTH), window.id(), PenRole.EDGE)).isEmpty();
    }

    /** The left light of two hangs at the left: its lines meet there, or at its handle, which is right. */
    @Test
    void linesOverALightMeetWhereItHangsOrAtItsHandle() {
        house.gabled();
        ElementId drawing = house.elevation(SOUTH);
        Supplier<Picture> south =
                () -> DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
        Opening window =
                sketch.window(sketch.model().get(house.house.shell.get(3).id(), Wall.class), 1000, 1200, 900, 1200);
        List<Lights.Light> row = List.of(
                new Lights.Light(Lights.Opens.SIDE_HUNG, Side.LEFT, 1),
                new Lights.Light(Lights.Opens.FIXED, Side.LEFT, 1));
        sketch.put(glazed(window, row, false));
        List<Vec> met = lines(south.get(), window.id(), PenRole.OVERHEAD).stream()
                .flatMap(List::stream)
                .toList();
        Bounds light = Bounds.of(met);
        Bounds frame = bounds(lines(south.get(), window.id(), PenRole.EDGE));
        assertThat(light.maxX()).as("the right light is fixed").isLessThan((frame.minX() + frame.maxX()) / 2);
        assertThat(vertex(met).x()).isCloseTo(light.minX(), within(0.1));
        sketch.put(with(sketch.model().get(Sketch.LENS, Lens.class), "openingLines", Lens.OpeningLines.MEET_AT_HANDLE));
        Picture handled = south.get();
        assertThat(lines(handled, window.id(), PenRole.OVERHEAD))
                .as("it opens to the viewer")
                .isEmpty();
        List<Vec> through = lines(handled, window.id(), PenRole.DOOR_SWING).stream()
                .flatMap(List::stream)
                .toList();
        assertThat(vertex(through).x()).isCloseTo(light.maxX(), within(0.1));
        sketch.put(glazed(window, row, true));
        assertThat(lines(south.get(), window.id(), PenRole.DOOR_SWING))
                .as("away from the viewer")
                .isEmpty();
        assertThat(lines(south.get(), window.id(), PenRole.OVERHEAD)).isNotEmpty();
    }

    private static Opening glazed(Opening window, List<Lights.Light> row, boolean inwards) {
        Lights lights = new Lights(row, new Lights.NothingOver(), inwards);
        return window.of(new Opening.Window(lights, 100, new Opening.Flat()));
    }

    /** Half way up. */
    private static Vec vertex(List<Vec> points) {
        double middle = (Bounds.of(points).minY() + Bounds.of(points).maxY()) / 2;
        return points.stream()
                .filter(p -> Math.abs(p.y() - middle) < 1)
                .findFirst()
                .orElseThrow();
    }

    /** What slides has an arrow the way it does, half as long as the light is wide. */
    @Test
    void whatSlidesHasAnArrow() {
        house.gabled();
        ElementId drawing = house.elevation(SOUTH);
        Supplier<Picture> south =
                () -> DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
        Opening window =
                sketch.window(sketch.model().get(house.house.shell.get(3).id(), Wall.class), 1000, 1200, 900, 1200);
        sketch.put(glazed(window, List.of(new Lights.Light(Lights.Opens.HORIZONTAL_SLIDING, Side.RIGHT, 1)), false));
        List<List<Vec>> arrow = lines(south.get(), window.id(), PenRole.DOOR_SWING);
        Bounds all = bounds(arrow), frame = bounds(lines(south.get(), window.id(), PenRole.EDGE));
        assertThat(all.maxX() - all.minX()).isBetween(400.0, 700.0);
        Vec barb = arrow.stream()
                .filter(l -> l.size() == 3)
                .findFirst()
                .orElseThrow()
                .get(1);
        assertThat(barb.x()).isCloseTo(all.maxX(), within(0.1)).isGreaterThan((frame.minX() + frame.maxX()) / 2);
    }

    /** A shed 6,000 behind the house, beside it: 5,000 behind its nearest face on, lines are thinner. */
    @Test
    void whatLiesFarBehindIsDrawnWithAPenOfItsOwn() {
        house.gabled();
        ElementId behind = sketch.run(Sketch.SHELL, true, 8000, 10_000, 8000, 12_000, 11_000, 12_000, 11_000, 10_000)
                .get(3)
                .id();
        ElementId front = house.house.shell.get(3).id();
        ElementId drawing = house.elevation(SOUTH);
        Supplier<Picture> south =
                () -> DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
        assertThat(lines(south.get(), behind, PenRole.EDGE)).isNotEmpty();
        sketch.put(with(sketch.model().get(Sketch.LENS, Lens.class), "distantFromMm", 5000.0));
        assertThat(lines(south.get(), behind, PenRole.EDGE)).isEmpty();
        assertThat(lines(south.get(), behind, PenRole.DISTANT)).isNotEmpty();
        assertThat(lines(south.get(), front, PenRole.EDGE)).isNotEmpty();
        assertThat(lines(south.get(), front, PenRole.DISTANT)).isEmpty();
        sketch.put(with(sketch.model().get(Sketch.LENS, Lens.class), "distantFromMm", 15_000.0));
        assertThat(lines(south.get(), behind, PenRole.DISTANT)).isEmpty();
    }

    /** A shed beside the house is raised: of neither the house nor its roof is anything looked at again. */
    @Test
    void whatAnEditDoesNotTouchIsNotLookedAtAgain() {
        house.gabled();
        Wall shed = sketch.run(Sketch.SHELL, true, 9000, 0, 9000, 2000, 12_000, 2000, 12_000, 0)
                .get(3);
        ElementId drawing = house.elevation(SOUTH),
                front = house.house.shell.get(3).id();
        Sight sight = ElevationPicture.sight(drawing);
        Building before = sketch.building();
        List<Seen> ofHouse = before.get(new Seen.Of(sight, front)), ofShed = before.get(new Seen.Of(sight, shed.id()));
        List<Item> drawn = before.get(new SeenPainter.Of(sight, front, drawing));
        assertThat(ofHouse).isNotEmpty();
        Change raise = Change.to(
                before.model(),
                "raise",
                List.of(shed.rising(new Rise(new Rise.OnFloor(), new Rise.Fixed(500)))),
                List.of());
        Building after = before.after(raise, before.model().after(raise));
        assertThat(after.get(new Seen.Of(sight, front))).isSameAs(ofHouse);
        assertThat(after.get(new SeenPainter.Of(sight, front, drawing))).isSameAs(drawn);
        assertThat(after.get(new Seen.Of(sight, shed.id()))).isNotEqualTo(ofShed);
    }

    @Test
    void theRoofHidesWhatLiesBehindItsFascia() {
        house.gabled();
        Wall above = house.wall(3000, 0);
        Bounds wall = bounds(lines(elevation(SOUTH), above.id(), PenRole.EDGE));
        // the fascia hangs 180 below 4,898.0
        assertThat(wall.maxY()).isLessThanOrEqualTo(4898.1 - 100);
    }

    @Test
    void groundHidesWhatLiesInIt() {
        house.gabled();
        sketch.put(new Site(Site.ID, "", 0, 300));
        assertThat(bounds(outline(elevation(SOUTH))).minY()).isCloseTo(300, within(1.1));
    }

    /** Courses of 75 at 1:50 print 1.5 mm apart; on the slope tiles of a gauge of 100 stand 57.4 apart. */
    @Test
    void coursesAndTilesAreDrawnTrueToSize() {
        Roof roof = house.gabled();
        Material brick = sketch.model().get(Sketch.id("brick"), Material.class);
        sketch.run(new Revise(new Material(
                brick.id(),
                brick.name(),
                brick.joinsAs(),
                brick.hatch(),
                brick.tint(),
                brick.heat(),
                new Surface.Rows(150, 0),
                0,
                "")));
        Picture front = elevation(SOUTH);
        List<Double> courses = lines(front, house.house.shell.get(3).id(), PenRole.SURFACE).stream()
                .map(l -> l.getFirst().y())
                .distinct()
                .sorted()
                .toList();
        assertThat(courses).startsWith(150.0, 300.0, 450.0);
        List<Double> tiles = lines(front, roof.id(), PenRole.SURFACE).stream()
                .map(l -> l.getFirst().y())
                .distinct()
                .sorted()
                .toList();
        double apart = tiles.get(5) - tiles.get(4);
        assertThat(apart).isCloseTo(150 * Math.sin(Math.toRadians(35)), within(0.1));
    }

    @Test
    void levelsOfPlateAndRidgeAreTold() {
        house.gabled();
        assertThat(texts(elevation(SOUTH))).contains("+5.100", "plate of R1", "+6.508", "ridge of R1");
    }

    @Test
    void slopesSeenEdgeOnSayTheirPitch() {
        house.gabled();
        assertThat(texts(elevation(EAST))).contains("35\u00b0");
        assertThat(texts(elevation(SOUTH))).doesNotContain("35\u00b0");
    }

    /** From the ground to the ridge in parts, and whole; the house from end to end. */
    @Test
    void anElevationIsDimensionedAtOnce() {
        house.gabled();
        sketch.put(new Site(Site.ID, "", 0, -300));
        ElementId drawing = house.elevation(SOUTH);
        Scheme scheme = new Scheme(Scheme.Walls.FINISH, Scheme.Walls.STRUCTURE, Scheme.Openings.EDGES, 12, 8);
        sketch.run(new DimensionPlan(
                drawing, Sketch.LAYER, List.of(Facing.LEFT, Facing.BOTTOM), false, List.of(), scheme));
        List<String> texts =
                texts(DrawingPicture.of(sketch.building(), drawing, LETTERS).picture());
        // 5,100 to 6,508 and 300 under 0
        assertThat(texts).contains("300", "2600", "2500", "1408", "6808", "6000");
    }

    private static List<String> texts(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @Test
    void aRoofLightAndAChimneyAreSeenWhereTheyGoThrough() {
        house.gabled();
        RoofPart light = placed(3000, 800, 780, 1180, new RoofPart.RoofLight(60, 50));
        RoofPart stack =
                placed(1500, 1800, 600, 450, new RoofPart.Stack(1000, Sketch.id("brick"), new RoofPart.Bare()));
        Picture south = elevation(SOUTH);
        Bounds seen = bounds(lines(south, light.id(), PenRole.EDGE));
        assertThat(seen.width()).isCloseTo(780, within(0.1));
        assertThat(seen.height())
                .isBetween(1180 * Math.sin(Math.toRadians(35)), 1180 * Math.sin(Math.toRadians(35)) + 300);
        // its higher side lies at 2,025: 1,000 over the covering there, as the ridge does at 2,000
        double top = bounds(lines(south, stack.id(), PenRole.EDGE)).maxY();
        assertThat(top).isGreaterThan(6508.48 + 1000);
        Picture north = elevation(NORTH);
        assertThat(lines(north, light.id(), PenRole.EDGE)).isEmpty();
        assertThat(lines(north, stack.id(), PenRole.EDGE)).isNotEmpty();
        assertThat(sketch.refusal(
                        new PlaceRoofPart(Sketch.LAYER, new Vec(9000, 0), 780, 1180, new RoofPart.RoofLight(60, 50))))
                .isEqualTo("There is no roof there.");
    }

    private RoofPart placed(double x, double y, double width, double length, RoofPart.Make make) {
        return (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(x, y), width, length, make))
                .after()
                .getFirst();
    }

    /** A strip of 90 by more than 1,000: 1.8 by over 20 on paper. */
    @Test
    void whatIsSeenOfAMaterialInANarrowStripIsNotNamed() {
        house.gabled();
        sketch.run(new PlaceRoofPart(
                Sketch.LAYER,
                new Vec(3000, 1000),
                90,
                600,
                new RoofPart.Stack(1500, Sketch.id("board"), new RoofPart.Bare())));
        ElementId drawing = house.elevation(SOUTH);
        assertThat(MaterialNames.of(sketch.building(), drawing, LETTERS))
                .extracting(MaterialNames.Named::material)
                .containsExactly("brick");
    }

    /** Walls and roof are faced with brick here, the chimney with board: each is named once, over the house, where most of it is seen. */
    @Test
    void materialsAreNamedUntilANoteNamesThem() {
        Roof roof = house.gabled();
        sketch.run(new PlaceRoofPart(
                Sketch.LAYER,
                new Vec(3000, 1000),
                600,
                600,
                new RoofPart.Stack(1500, Sketch.id("board"), new RoofPart.Bare())));
        ElementId drawing = house.elevation(SOUTH);
        List<MaterialNames.Named> named = MaterialNames.of(sketch.building(), drawing, LETTERS);
        assertThat(named).extracting(MaterialNames.Named::material).containsExactlyInAnyOrder("brick", "board");
        double ridge = house.built(roof).ridgeMm();
        assertThat(named).allSatisfy(n -> {
            assertThat(n.at().y()).isGreaterThan(ridge);
            assertThat(n.tip().y()).isLessThan(n.at().y());
        });
        MaterialNames.Named left = named.getFirst(), right = named.getLast();
        assertThat(left.at().x() + LETTERS.width(left.material(), Lettering.NOTE_MM, false) * 50)
                .as("in a row, apart")
                .isLessThan(right.at().x());
        assertThat(left.tip().x() - left.at().x())
                .as("the first leader drops about straight")
                .isLessThan((LETTERS.width(left.material(), Lettering.NOTE_MM, false) + 10) * 50);
        assertThat(right.tip().x() - left.tip().x())
                .as("their leaders end 8 mm apart, though the chimney stands in the middle of the wall")
                .isGreaterThan(8 * 50 - 2);
        for (MaterialNames.Named n : named)
            sketch.run(new PlaceNote(
                    drawing,
                    Sketch.LAYER,
                    n.at(),
                    MaterialNames.TEXT,
                    Sketch.LETTERS,
                    0,
                    Leaders.Shape.ELBOWED,
                    Leaders.Tip.DOT,
                    List.of(new Picked.Thing(n.element(), n.tip()))));
        assertThat(MaterialNames.of(sketch.building(), drawing, LETTERS)).isEmpty();
        assertThat(DrawingPicture.of(sketch.building(), drawing, LETTERS).picture().groups().stream()
                        .flatMap(g -> g.items().stream())
                        .filter(Item.Text.class::isInstance)
                        .map(x -> ((Item.Text) x).text()))
                .contains("brick", "board");
    }
}
