package org.leanlintel.core.picture.height;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.drawing.DrawInterior;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.SymbolPart;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A room of 3,420 by 2,420 between finished faces, with units and a basin on its walls. */
class InteriorTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId UNITS = Sketch.id("units"), BASIN = Sketch.id("basin"), BED = Sketch.id("bed");
    private static final Scheme SCHEME =
            new Scheme(Scheme.Walls.FINISH, Scheme.Walls.FINISH, Scheme.Openings.EDGES, 12, 8);
    private static final double WIDE = 3420, DEEP = 2420;

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(4000, 3000);
    private final Room room = (Room) sketch.run(new NameRoom(
                    Sketch.STOREY,
                    Sketch.LAYER,
                    new Vec(2000, 1500),
                    "",
                    "Kitchen",
                    Room.Use.KITCHEN,
                    Room.Finishes.NONE))
            .after()
            .getFirst();

    InteriorTest() {
        sketch.put(
                symbol(
                        UNITS,
                        Symbol.Kind.BASE_UNITS,
                        new Symbol.Extent(300, 1800, 4000),
                        900,
                        List.of(
                                new SymbolPart.Block(box(0, 0, 1800, 560), 150, 860),
                                new SymbolPart.Doors(List.of(600.0), 620, 580, 18, 150, 860),
                                new SymbolPart.Block(box(0, 0, 1800, 600), 860, 900))),
                symbol(
                        BASIN,
                        Symbol.Kind.BASIN,
                        Symbol.Extent.fixed(500),
                        850,
                        List.of(new SymbolPart.Round(new Vec(250, 300), 240, 250, 0, 850))),
                symbol(BED, Symbol.Kind.BED, Symbol.Extent.fixed(900), 500, List.of()));
    }

    private static List<Vec> box(double x0, double y0, double x1, double y1) {
        return List.of(new Vec(x0, y0), new Vec(x1, y0), new Vec(x1, y1), new Vec(x0, y1));
    }

    private static Symbol symbol(
            ElementId id, Symbol.Kind kind, Symbol.Extent width, double high, List<SymbolPart> parts) {
        return new Symbol(
                id,
                kind.name(),
                kind,
                "Test",
                true,
                new Vec(width.usualMm() / 2, 0),
                width,
                Symbol.Extent.fixed(600),
                0,
                high,
                width.varies() ? List.of(900.0) : List.of(),
                List.of(),
                List.of(new Symbol.Rounded(Vec.ORIGIN, width.usualMm(), 600, 0)),
                parts,
                "");
    }

    private Fitting fitting(ElementId symbol, double x, double y, double width) {
        return (Fitting) sketch.run(new PlaceFitting(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        symbol,
                        new PlaceFitting.Near(new Vec(x, y)),
                        0,
                        false,
                        width,
                        600))
                .after()
                .getFirst();
    }

    private Drawing drawn() {
        return (Drawing)
                sketch.run(new DrawInterior(room.id(), Sketch.LENS, 50)).after().getFirst();
    }

    private Picture picture(Drawing drawing) {
        return DrawingPicture.of(sketch.building(), drawing.id(), LETTERS).picture();
    }

    private static List<List<Vec>> lines(Picture picture, ElementId element, PenRole role) {
        List<List<Vec>> lines = new ArrayList<>();
        for (Group g : picture.groups())
            if (g.element().equals(element))
                for (Item i : g.items()) if (i instanceof Item.Strokes s && s.role() == role) lines.addAll(s.lines());
        return lines;
    }

    /** From left to right, the outlines of the walls. */
    private static List<Bounds> profiles(Picture picture, Drawing drawing) {
        return lines(picture, drawing.id(), PenRole.OUTLINE).stream()
                .map(Bounds::of)
                .sorted((a, b) -> Double.compare(a.minX(), b.minX()))
                .toList();
    }

    @Test
    void theWallsOfARoomStandSideBySideClockwiseFromTheTop() {
        Drawing drawing = drawn();
        List<Bounds> walls = profiles(picture(drawing), drawing);
        double ceiling = sketch.building().space(Sketch.STOREY).ceilingMm();
        assertThat(walls).hasSize(4);
        assertThat(walls.stream().map(Bounds::width).toList()).containsExactly(WIDE, DEEP, WIDE, DEEP);
        assertThat(walls).allSatisfy(b -> {
            assertThat(b.minY())
                    .isEqualTo(sketch.building().space(Sketch.STOREY).levelMm());
            assertThat(b.height()).isCloseTo(ceiling, within(0.01));
        });
        for (int i = 1; i < 4; i++)
            assertThat(walls.get(i).minX()).isGreaterThan(walls.get(i - 1).maxX());
    }

    /** A wall tiled on both sides of its door leaves a step of 10 mm there: turned by any angle it is one wall still, up to its ceiling. */
    @Test
    void aRoomThatLiesAskewHasTheSameWalls() {
        Wall tiled = shell.getFirst();
        sketch.door(tiled, 1500, 910);
        WallPiece.Make tiles = new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)));
        for (Side side : Side.values())
            sketch.run(new PlacePiece(tiled.id(), Sketch.LAYER, side, new WallPiece.Whole(), 0, 2000, tiles));
        Drawing drawing = drawn();
        List<Bounds> square = profiles(picture(drawing), drawing);
        List<ElementId> all = Stream.<Element>concat(
                        sketch.model().all(Wall.class).stream(), sketch.model().all(Room.class).stream())
                .map(Element::id)
                .toList();
        for (int i = 1; i <= 6; i++) {
            sketch.run(new Turn(all, new Vec(2000, 1500), Math.toRadians(7), false));
            List<Bounds> askew = profiles(picture(drawing), drawing);
            assertThat(askew).as("turned %d times", i).hasSameSizeAs(square);
            for (int k = 0; k < askew.size(); k++) {
                assertThat(askew.get(k).maxY()).isCloseTo(square.get(k).maxY(), within(0.1));
                assertThat(askew.stream().mapToDouble(Bounds::width).sum())
                        .isCloseTo(square.stream().mapToDouble(Bounds::width).sum(), within(1.0));
            }
        }
    }

    /** Over tiles that end below it the wall lies 10 mm back: its picture ends under the ceiling there, too. */
    @Test
    void wallsEndUnderACeilingOfTheRoomsOwn() {
        sketch.put(Sketch.ceiling());
        sketch.run(new Revise(room.under(new Rise.Fixed(2200), new Room.LevelCeiling(Sketch.CEILING))));
        WallPiece.Make tiles = new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)));
        for (Wall w : shell) {
            Side inside = w.outside() == Side.LEFT ? Side.RIGHT : Side.LEFT;
            sketch.run(new PlacePiece(w.id(), Sketch.LAYER, inside, new WallPiece.Whole(), 0, 2100, tiles));
        }
        Drawing drawing = drawn();
        assertThat(profiles(picture(drawing), drawing)).hasSize(4).allSatisfy(b -> assertThat(b.height())
                .isCloseTo(2200, within(0.1)));
    }

    /** Units of 1,800 on the wall at the top, with their left end 210 from the room's: three doors of 600 less their gaps. */
    @Test
    void unitsShowTheirDoorsAndTheirWorktop() {
        Fitting units = fitting(UNITS, 290 + 1110, 2700, 1800);
        List<List<Vec>> seen = lines(picture(drawn()), units.id(), PenRole.EDGE);
        Bounds all = Bounds.of(seen.stream()
                .flatMap(List::stream)
                .filter(p -> p.x() < WIDE + 1)
                .toList());
        double left = all.minX();
        assertThat(all.width()).isCloseTo(1800, within(0.05));
        assertThat(all.maxY()).isCloseTo(900, within(0.05));
        assertThat(uprights(seen, 300))
                .contains(left + 1.5, left + 598.5, left + 601.5, left + 1198.5, left + 1201.5, left + 1798.5);
        assertThat(uprights(seen, 880)).contains(left, left + 1800);
    }

    /** Where upright lines pass a height, to a tenth of a millimetre. */
    private static List<Double> uprights(List<List<Vec>> lines, double y) {
        List<Double> at = new ArrayList<>();
        for (List<Vec> l : lines)
            for (int i = 1; i < l.size(); i++) {
                Vec p = l.get(i - 1), q = l.get(i);
                boolean crosses = Math.min(p.y(), q.y()) < y && Math.max(p.y(), q.y()) > y;
                if (crosses && Math.abs(p.x() - q.x()) < 0.01) at.add(Math.rint(p.x() * 10) / 10);
            }
        return at;
    }

    /** A cylinder of 24 sides is an outline and nothing else. */
    @Test
    void whatIsRoundHasNoLinesDownItsSides() {
        Fitting basin = fitting(BASIN, 2000, 2700, 500);
        Picture picture = picture(drawn());
        List<Double> at = uprights(lines(picture, basin.id(), PenRole.EDGE), 400);
        assertThat(at.stream().filter(x -> x < WIDE).toList()).hasSize(2);
    }

    @Test
    void whatIsLooseIsLeftOut() {
        Fitting bed = fitting(BED, 2000, 2700, 900);
        assertThat(lines(picture(drawn()), bed.id(), PenRole.EDGE)).isEmpty();
    }

    @Test
    void aWindowIsSeenFromInsideAndFollows() {
        Opening window = sketch.window(shell.get(1), 1000, 1200, 900, 1200);
        Drawing drawing = drawn();
        Bounds before = Bounds.of(lines(picture(drawing), window.id(), PenRole.EDGE).stream()
                .flatMap(List::stream)
                .toList());
        assertThat(before.minY()).isBetween(880.0, 930.0);
        sketch.run(new Revise(new Opening(
                window.id(),
                window.layer(),
                window.mark(),
                window.wall(),
                window.placing(),
                window.widthMm(),
                window.heightMm(),
                1100,
                window.kind(),
                window.make(),
                window.typeMark(),
                window.words(),
                window.work())));
        Bounds after = Bounds.of(lines(picture(drawing), window.id(), PenRole.EDGE).stream()
                .flatMap(List::stream)
                .toList());
        assertThat(after.minY() - before.minY()).isCloseTo(200, within(0.1));
        assertThat(picture(drawing))
                .isEqualTo(DrawingPicture.of(Building.of(sketch.model()), drawing.id(), LETTERS)
                        .picture());
    }

    /** Worked: faces at 0 and 3,420; units from 210 to 2,010; the middle of the basin at 2,900. */
    @Test
    void oneCommandDimensionsEveryWall() {
        fitting(UNITS, 290 + 1110, 2700, 1800);
        fitting(BASIN, 290 + 2900, 2700, 500);
        Drawing drawing = drawn();
        sketch.run(new DimensionPlan(drawing.id(), Sketch.LAYER, List.of(Facing.values()), true, List.of(), SCHEME));
        Unrolled.View first =
                sketch.building().get(new Unrolled.Of(room.id())).views().getFirst();
        List<List<Double>> told = told();
        assertThat(told).hasSize(1);
        List<Double> row = told.getFirst();
        assertThat(row.getFirst()).isZero();
        assertThat(row.getLast()).isEqualTo(WIDE);
        assertThat(row.get(2) - row.get(1)).isEqualTo(1800);
        assertThat(heights(first)).contains(List.of(0.0, 850.0, 900.0, 2500.0));
        assertThat(sketch.refusal(new DimensionPlan(
                        drawing.id(), Sketch.LAYER, List.of(Facing.values()), true, List.of(), SCHEME)))
                .contains("already");
    }

    /** A mat may be 0 high: its sides are points in the picture of a wall, and are measured as before. */
    @Test
    void aStringHoldsToAFittingWithoutHeight() {
        fitting(UNITS, 290 + 1110, 2700, 1800);
        Drawing drawing = drawn();
        sketch.run(new DimensionPlan(drawing.id(), Sketch.LAYER, List.of(Facing.values()), true, List.of(), SCHEME));
        List<List<Double>> before = told();
        sketch.put(symbol(UNITS, Symbol.Kind.BASE_UNITS, new Symbol.Extent(300, 1800, 4000), 0, List.of()));
        assertThat(told()).isEqualTo(before);
        assertThat(Findings.of(sketch.building())).extracting(Finding::kind).doesNotContain(Finding.Kind.STRING);
    }

    /** What level strings of the first wall say. */
    private List<List<Double>> told() {
        Unrolled.View first =
                sketch.building().get(new Unrolled.Of(room.id())).views().getFirst();
        return sketch.model().all(DimensionString.class).stream()
                .filter(s -> s.direction().x() == 1 && s.at().x() < first.lengthMm())
                .map(s -> HeldPoints.along(s, sketch.building()).stream()
                        .map(h -> Math.rint(h.position() * 10) / 10)
                        .toList())
                .toList();
    }

    private List<List<Double>> heights(Unrolled.View view) {
        return sketch.model().all(DimensionString.class).stream()
                .filter(s -> s.direction().y() == 1 && s.at().x() < view.lengthMm() + 690)
                .map(s -> HeldPoints.along(s, sketch.building()).stream()
                        .map(h -> Math.rint(h.position() * 10) / 10)
                        .toList())
                .toList();
    }

    @Test
    void aRoomIsDrawnOnceAndItsDrawingGoesWithIt() {
        Drawing drawing = drawn();
        assertThat(sketch.refusal(new DrawInterior(room.id(), Sketch.LENS, 50)))
                .isEqualTo("The walls of Kitchen are drawn already: \"Walls of Kitchen\".");
        sketch.run(new Delete(List.of(room.id())));
        assertThat(sketch.model().find(drawing.id())).isNull();
    }

    @Test
    void thePlanSaysWhichWallsAreDrawn() {
        assertThat(texts()).doesNotContain("4");
        drawn();
        assertThat(texts()).contains("1", "2", "3", "4");
    }

    private List<String> texts() {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(room.id()))
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }
}
