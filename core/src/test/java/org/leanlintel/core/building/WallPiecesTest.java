package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;
import org.leanlintel.core.takeoff.LiningUse;

/** Linings of their own, piers, boxings, niches and posts, worked by hand. */
class WallPiecesTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private final Sketch sketch = new Sketch();

    /** 10 mm of insulation stands for tiles. */
    private static final WallPiece.Make TILES = new WallPiece.Lined(List.of(Sketch.ply("insulation", 10, Does.LINING)));

    private List<Wall> shell() {
        return sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
    }

    private static PlacePiece piece(
            Wall wall, Side side, WallPiece.Stretch stretch, double low, double height, WallPiece.Make make) {
        return new PlacePiece(wall.id(), Sketch.LAYER, side, stretch, low, height, make);
    }

    private static WallPiece.Part part(double fromStart, double width) {
        return new WallPiece.Part(Placing.from(End.START, fromStart), width);
    }

    private WallPiece place(PlacePiece edit) {
        return (WallPiece) sketch.run(edit).after().getFirst();
    }

    private String refusal(Edit edit) {
        Outcome outcome = sketch.tryRun(edit);
        assertThat(outcome).isInstanceOf(Refusal.class);
        return ((Refusal) outcome).sentence();
    }

    private double area(ElementId element, double mm) {
        return Sketch.at(new Bodies(sketch.building()).on(Sketch.STOREY), mm).stream()
                .filter(b -> b.element().equals(element))
                .mapToDouble(b -> Area.of(b.outline()).mm2())
                .sum();
    }

    private void assertNothingOverlaps(double mm) {
        List<Area> all = sketch.cutAt(mm);
        assertThat(Area.union(all).mm2())
                .isCloseTo(all.stream().mapToDouble(Area::mm2).sum(), within(0.5));
    }

    /** A door of 900 interrupts tiles below its head at 2,100; they end at 2,300. */
    @Test
    void aLiningIsInterruptedByOpeningsAndEndsAtItsHeight() {
        Wall wall = sketch.run(Sketch.PARTITION, false, 0, 0, 3000, 0).getFirst();
        sketch.door(wall, 500, 900);
        WallPiece tiles = place(piece(wall, Side.LEFT, new WallPiece.Whole(), 0, 2300, TILES));
        assertThat(tiles.noun()).isEqualTo("lining");
        assertThat(area(tiles.id(), 1000)).isCloseTo(10 * 2100, within(0.01));
        assertThat(area(tiles.id(), 2200)).isCloseTo(10 * 3000, within(0.01));
        assertThat(area(tiles.id(), 2400)).isZero();
        assertThat(LiningUse.of(sketch.building())).singleElement().satisfies(use -> {
            assertThat(use.marks()).containsExactly("P1");
            assertThat(use.lengthMm()).isCloseTo(3000, within(0.01));
            assertThat(use.areaMm2()).isCloseTo(3000 * 2300 - 900 * 2100, within(0.1));
        });
    }

    /** The partition, 114 with its boards, stands on the tiled face and takes its width; it stays where it was. */
    @Test
    void aWallThatStandsOnALinedFaceInterruptsTheLining() {
        Wall host = sketch.run(Sketch.LINED, false, 0, 0, 0, 6000).getFirst();
        Wall standing = sketch.partition(Sketch.PARTITION, new Vec(155, 3000), host, new Vec(3000, 3000), null);
        WallPiece tiles = place(piece(host, Side.RIGHT, new WallPiece.Whole(), 0, 2500, TILES));
        assertThat(area(tiles.id(), 1200)).isCloseTo(10 * (6000 - 114), within(0.01));
        assertThat(sketch.area(standing, "board", 1200)).isCloseTo(2 * 12.5 * (3000 - 155), within(0.01));
        assertNothingOverlaps(1200);
    }

    /** Inside 6,620 by 4,220: the first runs into the corner, the second stops 10 short of the first. */
    @Test
    void liningsMeetInAnInsideCorner() {
        List<Wall> shell = shell();
        WallPiece west = place(piece(shell.get(0), Side.RIGHT, new WallPiece.Whole(), 0, 2500, TILES));
        WallPiece south = place(piece(shell.get(3), Side.RIGHT, new WallPiece.Whole(), 0, 2500, TILES));
        assertThat(area(west.id(), 1200)).isCloseTo(10 * 4220, within(0.01));
        assertThat(area(south.id(), 1200)).isCloseTo(10 * 6610, within(0.01));
        assertNothingOverlaps(1200);
        sketch.run(new Move(List.of(shell.get(1).id()), new Vec(0, 500)));
        assertThat(area(west.id(), 1200)).as("it follows the room").isCloseTo(10 * 4720, within(0.01));
    }

    /**
     * Tiles to 2,100 on the first 900 of the second wall meet tiles on the first: 10 of them are not theirs. A dado above
     * these shares no height and goes into the corner.
     */
    @Test
    void partialLiningsMeetInAnInsideCornerWhereTheyShareAHeight() {
        List<Wall> shell = shell();
        Wall west = shell.get(0), south = shell.get(3);
        double inside = sketch.building().solid(south.id()).face(Side.RIGHT).to();
        double fromEnd = sketch.building().solid(south.id()).visible(End.END) - inside;
        WallPiece.Part corner = new WallPiece.Part(Placing.from(End.END, fromEnd), 900);
        place(piece(west, Side.RIGHT, new WallPiece.Whole(), 0, 1200, TILES));
        WallPiece tiles = place(piece(south, Side.RIGHT, corner, 0, 1200, TILES));
        WallPiece above = place(piece(south, Side.RIGHT, corner, 1200, 600, TILES));
        assertThat(area(tiles.id(), 1000)).isCloseTo(10 * 890, within(0.01));
        assertThat(area(above.id(), 1500)).isCloseTo(10 * 900, within(0.01));
        assertNothingOverlaps(1000);
    }

    /** From tile to the opposite stud: 6,620 - 10. */
    @Test
    void aLiningCountsInClearSizes() {
        List<Wall> shell = shell();
        WallPiece west = place(piece(shell.get(0), Side.RIGHT, new WallPiece.Whole(), 0, 2500, TILES));
        ElementId string = sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        new Vec(0, 2000),
                        List.of(
                                new Hold.OnPiece(west.id(), 0),
                                new Hold.OnFace(shell.get(2).id(), 3))))
                .after()
                .getFirst()
                .id();
        assertThat(items(string).stream().filter(Item.Text.class::isInstance).map(i -> ((Item.Text) i).text()))
                .containsExactly("6610");
        sketch.run(new Delete(List.of(west.id())));
        assertThat(items(string).stream().filter(Item.Text.class::isInstance).map(i -> ((Item.Text) i).text()))
                .as("until its point is mended")
                .containsExactly("6610");
    }

    private List<Item> items(ElementId element) {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(element))
                .findFirst()
                .orElseThrow()
                .items();
    }

    /** A brick pier of 440 x 215 joins the brick: no line between, so the weather face is 440 shorter. */
    @Test
    void aPierOfTheFacingsMaterialJoinsIt() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 6000, 0).getFirst();
        double bare = facing(wall);
        WallPiece pier =
                place(piece(wall, Side.LEFT, part(1000, 440), 0, 2500, new WallPiece.Solid(Sketch.id("brick"), 215)));
        assertThat(area(pier.id(), 1200)).isCloseTo(440 * 215, within(0.01));
        assertThat(facing(wall)).isCloseTo(bare - 440, within(0.01));
        assertNothingOverlaps(1200);
        sketch.run(new Move(List.of(pier.id()), new Vec(300, 50)));
        assertThat(sketch.building().solid(wall.id()).piece(pier.id()).from()).isCloseTo(1300, within(1e-9));
    }

    private double facing(Wall wall) {
        return items(wall.id()).stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.CUT_FACING)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .mapToDouble(l -> l.getFirst().distanceTo(l.getLast()))
                .sum();
    }

    /** 300 x 150 outside with a board of 12.5: its front, and two sides behind it. */
    @Test
    void aBoxingIsHollow() {
        Wall wall = sketch.run(Sketch.LINED, false, 0, 0, 6000, 0).getFirst();
        WallPiece boxing = place(
                piece(wall, Side.RIGHT, part(500, 300), 0, 2500, new WallPiece.Boxed(Sketch.id("board"), 12.5, 150)));
        assertThat(area(boxing.id(), 1200)).isCloseTo(300 * 12.5 + 2 * 12.5 * 137.5, within(0.01));
        assertNothingOverlaps(1200);
    }

    /** 600 wide, 100 deep from 900 to 1,500: it takes 15 of lining and 85 of the 140 of structure. */
    @Test
    void aNicheTakesPliesAwayAtItsHeight() {
        Wall wall = sketch.run(Sketch.LINED, false, 0, 0, 6000, 0).getFirst();
        place(piece(wall, Side.RIGHT, part(2000, 600), 900, 600, new WallPiece.Niche(100)));
        assertThat(sketch.area(wall, "board", 1200)).isCloseTo(15 * 5400, within(0.01));
        assertThat(sketch.area(wall, "stud", 1200)).isCloseTo(140 * 6000 - 85 * 600, within(0.01));
        assertThat(sketch.area(wall, "stud", 800)).isCloseTo(140 * 6000, within(0.01));
        assertNothingOverlaps(1200);
    }

    @Test
    void whatCannotBeBuiltIsRefusedInWords() {
        Wall wall = sketch.run(Sketch.LINED, false, 0, 0, 6000, 0).getFirst();
        sketch.door(wall, 500, 900);
        WallPiece.Make pier = new WallPiece.Solid(Sketch.id("brick"), 215);
        assertThat(refusal(piece(wall, Side.LEFT, part(1200, 440), 0, 2500, pier)))
                .isEqualTo("The pier P1 would stand in the way of door D1.");
        assertThat(refusal(piece(wall, Side.LEFT, part(5800, 440), 0, 2500, pier)))
                .isEqualTo("The pier P1 would run past the end of W1.");
        assertThat(refusal(piece(wall, Side.LEFT, part(3000, 440), 0, 2600, pier)))
                .isEqualTo("The pier P1 would be higher than W1.");
        assertThat(refusal(piece(wall, Side.LEFT, part(3000, 440), 500, 600, new WallPiece.Niche(155))))
                .isEqualTo("The niche P1 would go right through W1.");
        place(piece(wall, Side.LEFT, part(3000, 440), 0, 2500, pier));
        assertThat(refusal(piece(wall, Side.LEFT, part(3400, 440), 0, 2500, pier)))
                .isEqualTo("The pier P2 would lie on the pier P1.");
        assertThat(refusal(new PlacePost(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(2000, -50),
                        0,
                        90,
                        new WallPiece.Solid(Sketch.id("stud"), 90))))
                .contains("would stand in W1");
    }

    /** A post of 140 turned by 45 degrees, and its sides to measure to. */
    @Test
    void aPostStandsFree() {
        ElementId post = sketch.run(new PlacePost(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3000, 3000),
                        Math.PI / 4,
                        140,
                        new WallPiece.Solid(Sketch.id("stud"), 140)))
                .after()
                .getFirst()
                .id();
        assertThat(area(post, 1200)).isCloseTo(140 * 140, within(0.01));
        sketch.run(new Move(List.of(post), new Vec(500, 0)));
        assertThat(sketch.cutAt(1200).getFirst().rings().getFirst())
                .anyMatch(p -> p.distanceTo(new Vec(3500 + 140 * Math.sqrt(0.5), 3000)) < 0.01);
        Wall wall = sketch.run(Sketch.LINED, false, 3000, 0, 3000, 2000).getFirst();
        assertThat(refusal(new Move(List.of(wall.id()), new Vec(500, 1500)))).contains("would stand in W1");
    }

    /** 440 x 215 of the lined build-up, 140 of stud with 15 of board inside: board on three sides, stud for the rest. */
    @Test
    void aPierOfABuildUpIsLinedRoundItsFreeSides() {
        Wall wall = sketch.run(Sketch.LINED, false, 0, 0, 6000, 0).getFirst();
        WallPiece pier =
                place(piece(wall, Side.RIGHT, part(1000, 440), 0, 2500, new WallPiece.Built(Sketch.LINED, 215)));
        assertThat(area(pier.id(), 1200)).isCloseTo(440 * 215, within(0.01));
        assertThat(ofMaterial(pier.id(), "board")).isCloseTo(440 * 15 + 2 * 15 * 200, within(0.01));
        assertThat(ofMaterial(pier.id(), "stud")).isCloseTo(410 * 200, within(0.01));
        assertNothingOverlaps(1200);
        assertThat(refusal(piece(wall, Side.RIGHT, part(3000, 30), 0, 2500, new WallPiece.Built(Sketch.LINED, 215))))
                .isEqualTo("The pier P2 is too slight: its lining alone takes 15.0 mm on each side.");
    }

    /** 120 square of it, lined on all four sides: the core is 90; it follows its build-up. */
    @Test
    void aPostOfABuildUpIsLinedAllRound() {
        ElementId post = sketch.run(new PlacePost(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3000, 3000),
                        0,
                        120,
                        new WallPiece.Built(Sketch.LINED, 120)))
                .after()
                .getFirst()
                .id();
        assertThat(ofMaterial(post, "stud")).isCloseTo(90 * 90, within(0.01));
        assertThat(ofMaterial(post, "board")).isCloseTo(120 * 120 - 90 * 90, within(0.01));
        assertNothingOverlaps(1200);
        BuildUp lined = sketch.model().get(Sketch.LINED, BuildUp.class);
        List<Ply> plies = new ArrayList<>(lined.plies());
        plies.set(plies.size() - 1, Sketch.ply("board", 30, Does.LINING));
        sketch.run(new Revise(of(lined, plies)));
        assertThat(ofMaterial(post, "stud")).isCloseTo(60 * 60, within(0.01));
        plies.set(plies.size() - 1, Sketch.ply("board", 60, Does.LINING));
        assertThat(refusal(new Revise(of(lined, plies))))
                .isEqualTo("The post P1 is too slight: its lining alone takes 60.0 mm on each side.");
    }

    private double ofMaterial(ElementId element, String material) {
        return Sketch.at(new Bodies(sketch.building()).on(Sketch.STOREY), 1200).stream()
                .filter(b -> b.element().equals(element) && b.material().id().equals(Sketch.id(material)))
                .mapToDouble(b -> Area.of(b.outline()).mm2())
                .sum();
    }

    private static BuildUp of(BuildUp was, List<Ply> plies) {
        return new BuildUp(was.id(), was.mark(), was.name(), was.use(), plies, "", "", "");
    }
}
