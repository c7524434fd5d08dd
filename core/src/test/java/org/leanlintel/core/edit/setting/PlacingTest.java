package org.leanlintel.core.edit.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Wall;

/**
 * Placing rules in the south wall of a shell of 290 mm, 8,000 by 6,000, with a partition of 114 mm on it at x = 4,000. The
 * wall runs from x = 8,000 to 0, its inside to its right: places are given as x of the drawing.
 */
class PlacingTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(8000, 6000);
    private final Wall south = shell.get(3);
    private final Wall partition = sketch.across(shell, 4000);

    private List<Opening> placed(Aim aim, double width) {
        Change change = sketch.run(new PlaceOpening(
                south.id(),
                Sketch.LAYER,
                aim,
                width,
                1200,
                900,
                new Opening.Window(1, 100, Lights.Opens.FIXED),
                OpeningMake.WINDOW));
        return change.after().stream().map(Opening.class::cast).toList();
    }

    private double left(Opening o) {
        PlacedOpening placed = sketch.building().solid(o.wall()).opening(o.id());
        double one = sketch.building().strip(o.wall()).at(placed.from(), 0).x(),
                two = sketch.building().strip(o.wall()).at(placed.to(), 0).x();
        return Math.min(one, two);
    }

    private static Vec at(double x) {
        return new Vec(x, 500);
    }

    private void moveEast(double by) {
        sketch.run(new Move(List.of(shell.get(2).id()), new Vec(by, 0)));
    }

    /** East room from 4,057 to 7,710: the middle is 5,883.5, a window of 1,200 begins at 5,283.5. */
    @Test
    void aCentredWindowStaysCentredWhenTheRoomIsWidened() {
        Opening window = placed(new Aim.Centred(at(6000), Side.RIGHT, Stop.Of.FINISH, Aim.In.ROOM), 1200)
                .getFirst();
        assertThat(left(window)).isCloseTo(5283.5, within(1e-6));
        moveEast(600);
        assertThat(left(window)).as("300 further").isCloseTo(5583.5, within(1e-6));
        sketch.run(new Move(List.of(partition.id()), new Vec(-1000, 0)));
        assertThat(left(window)).as("500 back").isCloseTo(5083.5, within(1e-6));
    }

    /** To structure, the room begins at 4,044.5: 6.25 less. */
    @Test
    void theMiddleCanBeThatBetweenStructures() {
        Opening window = placed(new Aim.Centred(at(6000), Side.RIGHT, Stop.Of.STRUCTURE, Aim.In.ROOM), 1200)
                .getFirst();
        assertThat(left(window)).isCloseTo(5283.5 - 6.25, within(1e-6));
    }

    @Test
    void theMiddleOfTheWallAndOfTheGapBetweenOpenings() {
        sketch.run(new Move(List.of(partition.id()), new Vec(-500, 0)));
        Opening whole = placed(new Aim.Centred(at(6000), Side.LEFT, Stop.Of.FINISH, Aim.In.WALL), 100)
                .getFirst();
        assertThat(left(whole)).as("8,000 outside").isCloseTo(3950, within(1e-6));
        Opening first = placed(
                        new Aim.By(new Placing.Off(
                                new Stop.AtWall(partition.id(), towardsEast(), Stop.Of.FINISH),
                                Placing.Edge.NEAR,
                                500)),
                        600)
                .getFirst();
        assertThat(left(first)).isCloseTo(4057, within(1e-6));
        Opening gap = placed(new Aim.Centred(at(6500), Side.RIGHT, Stop.Of.FINISH, Aim.In.GAP), 500)
                .getFirst();
        assertThat(left(gap)).as("between 4,657 and 7,710").isCloseTo(6183.5 - 250, within(1e-6));
        sketch.run(new Move(List.of(first.id()), new Vec(200, 0)));
        assertThat(left(first)).isCloseTo(4257, within(1e-6));
        assertThat(left(gap)).as("follows its neighbour by half").isCloseTo(6283.5 - 250, within(1e-6));
    }

    private static End towardsEast() {
        return End.START;
    }

    /** 3,653 less three times 600 leaves four gaps of 463.25. */
    @Test
    void severalAreSpacedEqually() {
        List<Opening> three = placed(new Aim.Spaced(at(6000), Side.RIGHT, Stop.Of.FINISH, 3), 600);
        assertThat(three).extracting(Opening::mark).containsExactly("G1", "G2", "G3");
        List<Double> lefts = three.stream().map(this::left).sorted().toList();
        assertThat(lefts.get(0)).isCloseTo(4057 + 463.25, within(1e-6));
        assertThat(lefts.get(1)).isCloseTo(4057 + 2 * 463.25 + 600, within(1e-6));
        assertThat(lefts.get(2)).isCloseTo(4057 + 3 * 463.25 + 1200, within(1e-6));
    }

    @Test
    void aStandOffIsKeptFromTheCornerOfTheRoom() {
        Opening nearPartition = placed(new Aim.StandOff(at(4500), Side.RIGHT, Stop.Of.FINISH, 150), 900)
                .getFirst();
        assertThat(left(nearPartition)).isCloseTo(4057 + 150, within(1e-6));
        Opening nearCorner = placed(new Aim.StandOff(at(7300), Side.RIGHT, Stop.Of.STRUCTURE, 150), 900)
                .getFirst();
        assertThat(left(nearCorner)).isCloseTo(7710 - 150 - 900, within(1e-6));
        sketch.run(new Move(List.of(partition.id()), new Vec(-700, 0)));
        assertThat(left(nearPartition)).isCloseTo(3357 + 150, within(1e-6));
        moveEast(250);
        assertThat(left(nearCorner)).isCloseTo(7960 - 150 - 900, within(1e-6));
    }

    /** Pointed at with its middle at 5,000.4: 4,400.4 - 4,057 is 343 from the partition. */
    @Test
    void pointedAtItIsRoundedFromItsNearerNeighbour() {
        Opening window = placed(new Aim.Pointed(at(5000.4), Side.RIGHT, Stop.Of.FINISH), 1200)
                .getFirst();
        assertThat(left(window)).isCloseTo(4057 + 343, within(1e-6));
        SettingOut.Answer answer = SettingOut.of(sketch.building(), window.id(), Stop.Of.FINISH);
        assertThat(answer.rule()).isEqualTo("343 from %s to its nearer edge".formatted(partition.mark()));
        assertThat(answer.measures())
                .extracting(m -> Math.rint(m.mm() * 10) / 10)
                .as("edges from the east corner and the partition, then the middle from both")
                .containsExactly(2110.0, 343.0, 2710.0, 943.0);
    }

    @Test
    void aTypedDistanceIsThatOfTheMeasureChosen() {
        for (int measure = 0; measure < 4; measure++) {
            Opening window = placed(new Aim.Typed(at(6000), Side.RIGHT, Stop.Of.FINISH, measure, 1000), 1200)
                    .getFirst();
            double[] expected = {7710 - 1000 - 1200, 4057 + 1000, 7710 - 1000 - 600, 4057 + 1000 - 600};
            assertThat(left(window)).as("measure " + measure).isCloseTo(expected[measure], within(1e-6));
            sketch.run(new Delete(List.of(window.id())));
        }
    }

    @Test
    void inLineWithAnOpeningOfAnotherWallItFollowsThat() {
        Opening north = sketch.window(shell.get(1), 5000, 1000, 900, 1200);
        Opening window = placed(new Aim.InLineWith(north.id()), 1200).getFirst();
        assertThat(left(window)).as("its middle at 5,500").isCloseTo(4900, within(1e-6));
        sketch.run(new Move(List.of(north.id()), new Vec(300, 0)));
        assertThat(left(window)).isCloseTo(5200, within(1e-6));
        sketch.run(new Delete(List.of(north.id())));
        assertThat(left(window)).as("stays where it is once that is gone").isCloseTo(5200, within(1e-6));
        assertThat(sketch.model().get(window.id(), Opening.class).placing()).isInstanceOf(Placing.Off.class);
    }

    @Test
    void withoutItsPartitionItStaysWhereItIs() {
        Opening window = placed(new Aim.StandOff(at(4500), Side.RIGHT, Stop.Of.FINISH, 150), 900)
                .getFirst();
        Change change = sketch.run(new Delete(List.of(partition.id())));
        assertThat(left(window)).isCloseTo(4207, within(1e-6));
        sketch.apply(change.inverse());
        assertThat(sketch.model().get(window.id(), Opening.class)).isEqualTo(window);
    }

    @Test
    void openingsThatWaitForEachOtherAreRefused() {
        Opening north = sketch.window(shell.get(1), 5000, 1000, 900, 1200);
        Opening window = placed(new Aim.InLineWith(north.id()), 1200).getFirst();
        sketch.tryRun(new Revise(north.placed(north.wall(), new Placing.InLine(window.id()))));
        double middle = left(window) + 600;
        assertThat(left(sketch.model().get(north.id(), Opening.class)) + 500)
                .as("one of them has a place of its own")
                .isCloseTo(middle, within(1.0));
    }

    /** A copy of the shell's wall alone cannot follow the partition: its window keeps its place. */
    @Test
    void splitWallsKeepTheirOpeningsWhereTheyAre() {
        Opening window = placed(new Aim.Centred(at(6000), Side.RIGHT, Stop.Of.FINISH, Aim.In.ROOM), 1200)
                .getFirst();
        double before = left(window);
        sketch.run(new Split(south.id(), new Vec(2000, 0)));
        assertThat(left(sketch.model().get(window.id(), Opening.class))).isCloseTo(before, within(1e-6));
    }
}
