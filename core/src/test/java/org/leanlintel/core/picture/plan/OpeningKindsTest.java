package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.opening.PlaceCornerPair;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** Kinds of doors and windows: how they are drawn in a partition of 114 mm from x = 0, and what they need of it. */
class OpeningKindsTest {

    private final Sketch sketch = new Sketch();
    private final Wall wall = sketch.partition(Sketch.PARTITION, new Vec(0, 0), null, new Vec(6000, 0), null);

    private PlaceOpening opening(double from, double width, Opening.Kind kind) {
        return new PlaceOpening(wall.id(), Sketch.LAYER, Placing.from(End.START, from), width, 2100, 0, kind);
    }

    private Group drawn(double from, double width, Opening.Kind kind) {
        Change change = sketch.run(opening(from, width, kind));
        Opening made = (Opening) change.after().getFirst();
        Group group = Plan.of(sketch.building(), Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                .picture()
                .groups()
                .stream()
                .filter(g -> g.element().equals(made.id()))
                .findFirst()
                .orElseThrow();
        sketch.apply(change.inverse());
        return group;
    }

    private static List<Item.Arc> swings(Group group) {
        return group.items().stream()
                .filter(Item.Arc.class::isInstance)
                .map(Item.Arc.class::cast)
                .toList();
    }

    private static Bounds bounds(Group group, PenRole role) {
        return Bounds.of(group.items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .toList());
    }

    /** 1,500 less 10 for fixing, two jambs of 32 and two gaps of 3 is 1,420: leaves of 710, or a quarter and the rest. */
    @Test
    void aPairHasTwoLeavesThatMeet() {
        Group equal = drawn(1000, 1500, new Opening.PairDoor(End.START, 0.5, Side.LEFT));
        assertThat(swings(equal)).extracting(Item.Arc::radius).containsExactly(710.0, 710.0);
        Group unequal = drawn(1000, 1500, new Opening.PairDoor(End.END, 0.75, Side.LEFT));
        assertThat(swings(unequal)).extracting(Item.Arc::radius).containsExactly(1065.0, 355.0);
        assertThat(swings(unequal).getFirst().centre().x())
                .as("the active leaf hangs at the end")
                .isCloseTo(2500 - 5 - 32 - 3, within(1e-6));
        assertThat(bounds(unequal, PenRole.DOOR_LEAF).maxY()).isCloseTo(57 + 1065, within(1e-6));
    }

    /** A leaf of 826 in a pocket of its own length and 40 beyond, dashed inside the wall. */
    @Test
    void aPocketLiesInTheWall() {
        Group pocket = drawn(2000, 900, new Opening.PocketDoor(End.START));
        Bounds hidden = bounds(pocket, PenRole.OVERHEAD);
        assertThat(hidden.minX()).isCloseTo(2000 - 826 - 40, within(1e-6));
        assertThat(hidden.maxX()).isCloseTo(2000, within(1e-6));
        assertThat(hidden.maxY() - hidden.minY()).isLessThan(114);
    }

    @Test
    void aPocketNeedsWallBesideTheDoor() {
        assertThat(sketch.refusal(opening(600, 900, new Opening.PocketDoor(End.START))))
                .isEqualTo(
                        "The pocket of the door D1 would run 300 past the end of W1. Turn it to the other side, or move the door.");
        sketch.run(opening(600, 900, new Opening.PocketDoor(End.END)));
        assertThat(sketch.refusal(opening(1800, 910, new Opening.SwingDoor(End.START, Side.LEFT))))
                .isEqualTo("The door D2 lies where the pocket of the door D1 would be.");
    }

    @Test
    void slidingAndFoldingDoorsStandBeforeTheFace() {
        Group sliding = drawn(2000, 900, new Opening.SlidingDoor(End.END, Side.RIGHT));
        assertThat(bounds(sliding, PenRole.DOOR_LEAF).minY()).isCloseTo(-57 - 15 - 40, within(1e-6));
        assertThat(bounds(sliding, PenRole.OVERHEAD).maxX())
                .as("open, beyond the lap")
                .isCloseTo(2900 + 40 + 980, within(1e-6));
        Group folding = drawn(2000, 1800, new Opening.FoldingDoor(End.START, 4, Side.LEFT));
        double panel = (1800 - 10 - 64) / 4.0;
        assertThat(bounds(folding, PenRole.DOOR_LEAF).maxY())
                .isCloseTo(57 + panel * Math.sin(Math.toRadians(70)), within(0.01));
    }

    /** Four panels of 431.5 between the linings: two fold to each, and the picture is the same from both ends. */
    @Test
    void aFoldingDoorInTwoHalvesFoldsToBothEdges() {
        Group halves = drawn(2000, 1800, new Opening.FoldingPair(4, Side.LEFT));
        Bounds leaves = bounds(halves, PenRole.DOOR_LEAF);
        double panel = (1800 - 10 - 64) / 4.0, middle = 2000 + 900;
        assertThat(leaves.maxY()).isCloseTo(57 + panel * Math.sin(Math.toRadians(70)), within(0.01));
        assertThat(leaves.minX() + leaves.maxX()).as("alike from both ends").isCloseTo(2 * middle, within(0.01));
        Bounds closed = bounds(halves, PenRole.DOOR_SWING);
        assertThat(closed.width()).isCloseTo(4 * panel, within(0.01));
        List<Vec> leafPoints = halves.items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.DOOR_LEAF)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .toList();
        assertThat(leafPoints).as("open in the middle").noneMatch(p -> Math.abs(p.x() - middle) < panel);
    }

    /** A front of 1,200 stands 600 before the outer face at y = 57 of a wall whose outside is left. */
    @Test
    void aBayStandsOut() {
        Opening.Bay form = new Opening.Bay(600, 0.6, Opening.BayFoot.HUNG, new Opening.FlatLid());
        Group bay = drawn(2000, 2000, new Opening.Window(2, 0, Opens.FIXED).in(form));
        Bounds frames = bounds(bay, PenRole.CUT_LINING);
        assertThat(frames.maxY()).isCloseTo(57 + 600, within(1e-6));
        assertThat(frames.minX()).isCloseTo(2000, within(1e-6));
        assertThat(frames.maxX()).isCloseTo(4000, within(1e-6));
        double front = bay.items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.CUT_LINING)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .filter(p -> Math.abs(p.y() - 657) < 0.02)
                .mapToDouble(Vec::x)
                .max()
                .orElseThrow();
        assertThat(front).isCloseTo(3600, within(0.02));
    }

    /** At the corner of two shells of 290 nothing stands at the cut; the wall under the sill turns it. */
    @Test
    void aPairOfWindowsTakesTheCorner() {
        Sketch house = new Sketch();
        List<Wall> shell = house.shell(6000, 4000);
        PlaceCornerPair pair = new PlaceCornerPair(
                shell.get(1).id(),
                End.END,
                Sketch.LAYER,
                1200,
                900,
                1200,
                900,
                new Opening.Window(1, 100, Opens.FIXED),
                OpeningMake.WINDOW);
        house.run(pair);
        Area corner = Area.rectangle(6000 - 290 - 1200, 4000 - 290 - 900, 1490, 1190);
        assertThat(Area.union(house.cutAt(1500)).and(corner).mm2()).isZero();
        double whole = 1490 * 1190 - 1200 * 900;
        assertThat(Area.union(house.cutAt(500)).and(corner).mm2())
                .as("an L of 290 round 1,200 by 900")
                .isCloseTo(whole, within(1.0));
        assertThat(house.model().relations().openingsIn(shell.get(2).id()))
                .singleElement()
                .extracting(Opening::mark)
                .isEqualTo("G2");
        assertThat(house.refusal(pair)).contains("would overlap window G");
        Opening one = house.model().relations().openingsIn(shell.get(1).id()).getFirst();
        Placing.Off off = (Placing.Off) one.placing();
        Opening drawnBack = one.placed(one.wall(), new Placing.Off(off.stop(), off.to(), -2000));
        assertThat(house.refusal(new Revise(drawnBack))).contains("would end before the corner");
    }

    @Test
    void anOpenWayHasNoLeaf() {
        Group way = drawn(2000, 1200, new Opening.OpenWay(false));
        assertThat(way.items()).allMatch(i -> i instanceof Item.Strokes s && s.role() == PenRole.OVERHEAD);
        assertThat(drawn(2000, 1200, new Opening.OpenWay(true)).items()).hasSizeGreaterThan(1);
    }

    @Test
    void windowsOpenInTheirOwnWays() {
        int fixed =
                drawn(1000, 1200, new Opening.Window(2, 0, Opens.FIXED)).items().size();
        for (Opens opens : Opens.values())
            assertThat(drawn(1000, 1200, new Opening.Window(2, 0, opens))
                            .items()
                            .size())
                    .isGreaterThanOrEqualTo(fixed);
        Bounds glass = bounds(drawn(1000, 1200, new Opening.Window(2, 0, Opens.HORIZONTAL_SLIDING)), PenRole.EDGE);
        Bounds whole = bounds(drawn(1000, 1200, new Opening.Window(2, 0, Opens.FIXED)), PenRole.EDGE);
        assertThat(glass.height()).as("two planes").isGreaterThan(whole.height() + 20);
    }

    @Test
    void turnedOrMirroredTwiceAKindIsWhatItWas() {
        List<Opening.Kind> kinds = List.of(
                new Opening.SwingDoor(End.START, Side.LEFT),
                new Opening.PairDoor(End.END, 0.6, Side.RIGHT),
                new Opening.PocketDoor(End.START),
                new Opening.SlidingDoor(End.END, Side.LEFT),
                new Opening.FoldingDoor(End.START, 4, Side.RIGHT),
                new Opening.FoldingPair(6, Side.LEFT),
                new Opening.LiftingDoor(),
                new Opening.OpenWay(true),
                new Opening.Window(2, 50, Opens.SIDE_HUNG));
        for (Opening.Kind kind : kinds) {
            assertThat(kind.turnedAbout().turnedAbout()).isEqualTo(kind);
            assertThat(kind.mirrored().mirrored()).isEqualTo(kind);
        }
        assertThatIllegalArgumentException().isThrownBy(() -> new Opening.FoldingDoor(End.START, 9, Side.LEFT));
        assertThatIllegalArgumentException().isThrownBy(() -> new Opening.FoldingPair(5, Side.LEFT));
        assertThatIllegalArgumentException().isThrownBy(() -> new Opening.PairDoor(End.START, 0.95, Side.LEFT));
    }
}
