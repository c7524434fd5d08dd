package org.leanlintel.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.SymbolLines;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.fitting.FillBetweenWalls;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.setting.SettingOut;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Fittings in a shell of 290 mm, 3,000 by 3,000 outside, so 2,420 square inside, from 290 to 2,710 each way. */
class FindingsTest {

    private static final ElementId WC = Sketch.id("wc"), BATH = Sketch.id("bath");
    private static final String FRONT_AND_SIDE = "IRC P2705.1";

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(3000, 3000);
    private final Wall north = shell.get(1), east = shell.get(2);

    FindingsTest() {
        sketch.put(
                symbol(WC, "WC", Symbol.Kind.WC, 380, 680, 800),
                symbol(BATH, "Bath", Symbol.Kind.BATH, 1700, 700, 550),
                new Rules(
                        Rules.ID,
                        "Test",
                        List.of(
                                new Rules.Clearance(Symbol.Kind.WC, Rules.Where.CENTRE, 381, FRONT_AND_SIDE, true),
                                new Rules.Clearance(Symbol.Kind.WC, Rules.Where.FRONT, 533.4, FRONT_AND_SIDE, true)),
                        new Rules.Escape(0.33e6, 450, 450, 1100, "AD B vol 1", true),
                        new Rules.Support(10, "T1", false),
                        new Rules.Chimneys(
                                914.4, 3048, 609.6, 0, 0, "R1003.9", true, new Rules.Saddles(762, "R1003.20", true)),
                        new Rules.Headroom(1500, 2300, 0.75, "H1", true),
                        new Rules.Foundations(450, 150, 1, "F1", true),
                        new Rules.Drainage(List.of(), List.of(), 0, "", "none", true),
                        new Rules.Upstand(150, "U1", true),
                        new StairRules("none", List.of())));
    }

    private static Symbol symbol(ElementId id, String name, Symbol.Kind kind, double w, double d, double h) {
        return new Symbol(
                id,
                name,
                kind,
                "Test",
                true,
                new Vec(w / 2, 0),
                Symbol.Extent.fixed(w),
                Symbol.Extent.fixed(d),
                0,
                h,
                List.of(),
                List.of(),
                List.of(new Symbol.Rounded(Vec.ORIGIN, w, d, 20)),
                List.of(),
                "");
    }

    /** On the north wall, so far from the east wall's inside corner. */
    private Fitting wc(double fromCorner) {
        return place(WC, fromCorner(fromCorner), 380, 680);
    }

    private Fitting.OnWall fromCorner(double mm) {
        Stop corner = new Stop.WallsEnd(End.END, Stop.Line.RIGHT_FINISH);
        return new Fitting.OnWall(north.id(), Side.RIGHT, new Placing.Off(corner, Placing.Edge.NEAR, mm));
    }

    private Fitting place(ElementId symbol, Fitting.Seat seat, double w, double d) {
        return placed(symbol, new PlaceFitting.Seated(seat), w, d);
    }

    private Fitting placed(ElementId symbol, PlaceFitting.Where where, double w, double d) {
        return (Fitting) sketch.run(new PlaceFitting(Sketch.STOREY, Sketch.LAYER, symbol, where, 0, false, w, d))
                .after()
                .getFirst();
    }

    private List<String> sentences() {
        return Findings.of(sketch.building()).stream().map(Finding::sentence).toList();
    }

    private List<String> escapes() {
        return sentences().stream().filter(f -> !f.contains("no way in")).toList();
    }

    private Bounds box(Fitting f) {
        return Bounds.of(PlacedFitting.of(sketch.model().get(f.id(), Fitting.class), sketch.building())
                .outline());
    }

    /** 170 from its edge to the wall is 360 from its centre; 200 is 390. */
    @Test
    void aWcTooNearTheWallIsFoundWithTheMeasureThatIsShort() {
        Fitting wc = wc(170);
        assertThat(sentences())
                .containsExactly(
                        "WC %s: 360 from its centre to %s, 381 needed, IRC P2705.1.".formatted(wc.mark(), east.mark()));
        Finding finding = Findings.of(sketch.building()).getFirst();
        assertThat(finding.concerns()).containsExactly(wc.id(), east.id());
        assertThat(finding.remedy()).startsWith("Move it by 21");
        sketch.run(new Revise(wc.seated(fromCorner(200))));
        assertThat(sentences()).isEmpty();
    }

    /** Tiles of 12 on the east wall bring 390 down to 378; on the north wall the WC comes forward by as much. */
    @Test
    void finishesCountForClearancesAndForWhereItsBackIs() {
        Fitting wc = wc(200);
        assertThat(box(wc).maxY()).isCloseTo(2710, within(1e-6));
        tiles(east);
        assertThat(sentences()).singleElement().asString().contains("378 from its centre");
        tiles(north);
        assertThat(box(wc).maxY()).isCloseTo(2698, within(1e-6));
    }

    private void tiles(Wall wall) {
        sketch.run(new PlacePiece(
                wall.id(),
                Sketch.LAYER,
                Side.RIGHT,
                new WallPiece.Whole(),
                0,
                2100,
                new WallPiece.Lined(List.of(Sketch.ply("board", 12, Does.LINING)))));
    }

    /** The WC's front is at 2,710 - 680 = 2,030, the bath's far side at 1,240 + 350 = 1,590: 440 between them. */
    @Test
    void whatStandsInFrontOfItIsNamed() {
        Fitting wc = wc(600);
        Fitting bath = place(BATH, new Fitting.Free(new Vec(1700, 1240), Math.PI), 1700, 700);
        assertThat(sentences())
                .containsExactly("WC %s: 440 free before it, to Bath %s, 533.4 needed, IRC P2705.1."
                        .formatted(wc.mark(), bath.mark()));
        assertThat(Clearances.of(sketch.building(), Sketch.STOREY)).hasSize(3);
    }

    @Test
    void aFittingInAnotherOrInAWallIsFound() {
        Fitting one = place(BATH, new Fitting.Free(new Vec(1500, 1000), 0), 1700, 700);
        Fitting two = place(BATH, new Fitting.Free(new Vec(1500, 1600), 0), 1700, 700);
        assertThat(sentences()).containsExactly("Bath %s stands 100 in Bath %s.".formatted(one.mark(), two.mark()));
        sketch.run(new Revise(two.seated(new Fitting.Free(new Vec(1900, 1800), 0))));
        assertThat(sentences())
                .as("2,750 is 40 into the wall at 2,710")
                .containsExactly("Bath %s stands 40 in %s.".formatted(two.mark(), east.mark()));
    }

    @Test
    void aLeafThatStrikesAFittingOrAnotherLeafIsFound() {
        door(east, Placing.from(End.START, 1000), End.START);
        assertThat(sentences()).isEmpty();
        Fitting wc = place(WC, new Fitting.Free(new Vec(2300, 1500), Math.PI), 380, 680);
        assertThat(sentences()).contains("The leaf of D1 strikes WC %s on its way open.".formatted(wc.mark()));
        door(north, Placing.from(End.END, 350), End.END);
        assertThat(sentences()).contains("The leaf of D2 strikes the leaf of D1 on its way open.");
    }

    private void door(Wall wall, Placing placing, End hinge) {
        Opening.SwingDoor kind = new Opening.SwingDoor(hinge, Side.RIGHT);
        sketch.run(new PlaceOpening(wall.id(), Sketch.LAYER, placing, 900, 2100, 0, kind));
    }

    /** A light of three in 1,200: (1,190 - 32) / 3 - 32 = 354, less 30 for its sash is 324. */
    @Test
    void aBedroomNeedsAWindowToEscapeBy() {
        sketch.run(new NameRoom(
                Sketch.STOREY, Sketch.LAYER, new Vec(1500, 1500), "", "Bedroom", Room.Use.BEDROOM, Room.Finishes.NONE));
        assertThat(escapes()).singleElement().asString().startsWith("Bedroom has no escape window. It has no window");
        Opening fixed = sketch.window(north, 1000, 1200, 900, 900);
        assertThat(escapes()).singleElement().asString().contains("G1 does not open, AD B vol 1");
        sketch.run(new Revise(fixed.of(new Opening.Window(1, 100, Lights.Opens.SIDE_HUNG))));
        assertThat(escapes()).isEmpty();
        sketch.run(new Revise(fixed.of(new Opening.Window(3, 100, Lights.Opens.SIDE_HUNG))));
        assertThat(escapes()).singleElement().asString().contains("opens 324 wide, 450 needed");
        Lights.Light fix = new Lights.Light(Lights.Opens.FIXED, Side.LEFT, 1);
        Lights one = new Lights(
                List.of(fix, new Lights.Light(Lights.Opens.SIDE_HUNG, Side.LEFT, 3), fix),
                new Lights.NothingOver(),
                false);
        sketch.run(new Revise(fixed.of(new Opening.Window(one, 100, new Opening.Flat()))));
        assertThat(escapes()).as("its widest light opens").isEmpty();
        sketch.run(new Revise(fixed.of(new Opening.Window(1, 100, Lights.Opens.BOTTOM_HUNG))));
        assertThat(escapes()).as("it only tilts").singleElement().asString().contains("G1 does not open");
    }

    /** The inside corners are at x = 290 and 2,710. */
    @Test
    void aRoomNeedsAWayIn() {
        sketch.run(new NameRoom(
                Sketch.STOREY, Sketch.LAYER, new Vec(1500, 1500), "", "Store", Room.Use.STORE, Room.Finishes.NONE));
        String noWay = "Store has no way in: no door, open way or stair leads into it.";
        assertThat(sentences()).contains(noWay);
        sketch.window(north, 1000, 600, 900, 1000);
        assertThat(sentences()).as("a window is no way in").contains(noWay);
        sketch.door(east, 1000, 800);
        assertThat(sentences()).doesNotContain(noWay);
    }

    /** A limit across the middle parts the shell in two, and one walks over it. */
    @Test
    void aRoomLimitIsAWayIn() {
        sketch.run(new DrawRoomLimit(Sketch.STOREY, Sketch.LAYER, new Vec(290, 1500), new Vec(2710, 1500)));
        sketch.run(new NameRoom(
                Sketch.STOREY, Sketch.LAYER, new Vec(1500, 2200), "", "Niche", Room.Use.STORE, Room.Finishes.NONE));
        assertThat(sentences()).noneMatch(f -> f.contains("no way in"));
    }

    /**
     * A bath of 1,700 by 700 stands with its end against the north wall, its edge 700 from the east wall's inside corner: a WC is
     * set out 381 from that edge to its middle, in one typed number, so 700 + 381 - 190 from the corner.
     */
    @Test
    void aFittingIsSetOutFromTheEdgeAndTheMiddleOfAnother() {
        Fitting bath = place(BATH, new Fitting.OnWall(east.id(), Side.RIGHT, Placing.from(End.START, 300)), 1700, 700);
        Bounds tub = box(bath);
        assertThat(tub.minX()).isCloseTo(2710 - 700, within(1e-6));
        Vec pointed = new Vec(1300, 2600);
        PlaceFitting near =
                new PlaceFitting(Sketch.STOREY, Sketch.LAYER, WC, new PlaceFitting.Near(pointed), 0, false, 380, 680);
        Fitting tried = (Fitting) sketch.run(near).after().getFirst();
        SettingOut.Answer answer = SettingOut.of(sketch.building(), tried.id(), Stop.Of.FINISH);
        assertThat(answer.measures())
                .extracting(SettingOut.Measure::words)
                .contains("From Bath F1, to the middle", "From the middle of Bath F1, to the middle");
        int which = answer.measures().stream()
                .map(SettingOut.Measure::words)
                .toList()
                .indexOf("From Bath F1, to the middle");
        sketch.run(new Delete(List.of(tried.id())));
        Fitting wc = placed(WC, new PlaceFitting.NearAt(pointed, which, 381), 380, 680);
        assertThat(box(wc).maxX()).isCloseTo(tub.minX() - 381 + 190, within(1e-6));
    }

    @Test
    void aTypedDistanceGoesToTheNeighbourChosen() {
        Vec at = new Vec(1600, 2600);
        assertThat(box(placed(WC, new PlaceFitting.NearAt(at, 0, 200), 380, 680))
                        .minX())
                .isCloseTo(490, within(1e-6));
        assertThat(box(placed(WC, new PlaceFitting.NearAt(at, 1, 200), 380, 680))
                        .maxX())
                .isCloseTo(2510, within(1e-6));
        assertThat(box(placed(WC, new PlaceFitting.NearAt(at, 2, 1000), 380, 680))
                        .centre()
                        .x())
                .isCloseTo(1290, within(1e-6));
        Vec nearTheEnd = new Vec(2400, 2600);
        assertThat(box(placed(WC, new PlaceFitting.NearAt(nearTheEnd, SettingOut.NEARER, 100), 380, 680))
                        .maxX())
                .isCloseTo(2610, within(1e-6));
    }

    /** From 290 to 2,710 is 2,420: two units of 1,000, one of 400 and a filler of 20. */
    @Test
    void aRunFillsTheRoomBetweenTheWalls() {
        ElementId run = Sketch.id("run");
        List<Double> widths = List.of(400.0, 1000.0);
        sketch.put(new Symbol(
                run,
                "Run",
                Symbol.Kind.OTHER,
                "Test",
                true,
                new Vec(500, 0),
                new Symbol.Extent(400, 1000, 9000),
                Symbol.Extent.fixed(600),
                0,
                900,
                List.of(500.0),
                List.of(),
                List.of(new Symbol.Rounded(Vec.ORIGIN, 1000, 600, 0), new Symbol.Units(widths, 500, 600)),
                List.of(),
                ""));
        Fitting units = placed(run, new PlaceFitting.Near(new Vec(1500, 2600)), 1000, 600);
        sketch.run(new FillBetweenWalls(units.id()));
        assertThat(box(units).minX()).isCloseTo(290, within(1e-6));
        assertThat(box(units).maxX()).isCloseTo(2710, within(1e-6));
        PlacedFitting now = PlacedFitting.of(sketch.model().get(units.id(), Fitting.class), sketch.building());
        assertThat(SymbolLines.of(now).lines())
                .as("the outline and three divisions")
                .hasSize(4);
        assertThat(sketch.refusal(new FillBetweenWalls(wc(200).id()))).isEqualTo("WC has one width only.");
    }

    @Test
    void nearAWallAFittingTurnsItsBackToIt() {
        Fitting wc = placed(WC, new PlaceFitting.Near(new Vec(2500, 1500)), 380, 680);
        assertThat(wc.seat()).isInstanceOf(Fitting.OnWall.class);
        assertThat(box(wc).maxX()).isCloseTo(2710, within(1e-6));
        assertThat(box(wc).width()).isCloseTo(680, within(1e-6));
        assertThat(box(wc).centre().y()).isCloseTo(1500, within(1.0));
        Fitting corner = placed(BATH, new PlaceFitting.Near(new Vec(500, 340)), 1700, 700);
        assertThat(box(corner).minX()).as("pushed out of the corner").isCloseTo(290, within(1e-6));
        assertThat(box(corner).minY()).isCloseTo(290, within(1e-6));
    }
}
