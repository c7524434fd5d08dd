package org.leanlintel.core.edit.dimension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;

/** An overall string under a front of 7,200 with a door in it, broken and put together again by hand. */
class RefiningStringsTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall south = shell.get(3);
    private final Opening door = sketch.door(south, 2000, 900);
    private final DimensionString string =
            drawn(-900, new Hold.OnFace(shell.get(0).id(), 0), outer(shell.get(2)));

    private static Hold outer(Wall wall) {
        return new Hold.OnFace(wall.id(), 0);
    }

    private DimensionString drawn(double y, Hold... holds) {
        return (DimensionString)
                sketch.run(new DrawString(Sketch.PLAN, Sketch.LAYER, new Vec(1, 0), new Vec(3000, y), List.of(holds)))
                        .after()
                        .getFirst();
    }

    private Hold jamb(End edge) {
        return new Hold.AtJamb(door.id(), edge);
    }

    private List<Double> parts(DimensionString of) {
        DimensionString now = sketch.model().get(of.id(), DimensionString.class);
        List<HeldPoints.Held> points = HeldPoints.along(now, sketch.building());
        List<Double> parts = new ArrayList<>();
        for (int i = 1; i < points.size(); i++)
            parts.add(points.get(i).position() - points.get(i - 1).position());
        return parts;
    }

    private void add(Hold hold) {
        sketch.run(new AddStringPoint(string.id(), hold));
    }

    /** Takes out what lies nearest to a place along the front. */
    private void take(double x) {
        sketch.run(new TakeStringPoint(string.id(), new Vec(x, -900), 400));
    }

    /** The south wall runs from east to west: 2,000 from its start are 5,200 from the west, less 900 of the door. */
    @Test
    void pointsAreAddedAnywhereAndTakenOutSoThatNeighboursJoin() {
        assertThat(parts(string)).containsExactly(7200.0);
        add(jamb(End.START));
        add(jamb(End.END));
        assertThat(parts(string)).hasSize(3);
        assertThat(parts(string).get(1)).isCloseTo(900, within(1e-6));
        assertThat(parts(string).stream().mapToDouble(p -> p).sum()).isCloseTo(7200, within(1e-6));
        assertThat(sketch.refusal(new AddStringPoint(string.id(), jamb(End.START))))
                .contains("has a point there");
        take(parts(string).getFirst() + 200);
        assertThat(parts(string)).hasSize(2);
        add(new Hold.AtPoint(new Vec(1000, 700)));
        assertThat(parts(string).getFirst()).isCloseTo(1000, within(1e-6));
    }

    @Test
    void aStringKeepsTwoPointsAndMeasuresNothingAlongItself() {
        assertThat(sketch.refusal(new TakeStringPoint(string.id(), new Vec(7000, 0), 400)))
                .contains("has two points");
        assertThat(sketch.refusal(new AddStringPoint(string.id(), outer(south))))
                .contains("runs along the string");
    }

    @Test
    void nothingIsTakenOutWhereThereIsNoPoint() {
        add(jamb(End.START));
        assertThat(sketch.refusal(new TakeStringPoint(string.id(), new Vec(1500, -900), 400)))
                .contains("no point here");
        assertThat(parts(string)).hasSize(2);
    }

    @Test
    void oneIsSplitAtAPointAndTwoAreJoinedAgain() {
        add(jamb(End.START));
        add(jamb(End.END));
        List<Double> before = parts(string);
        assertThat(sketch.refusal(new SplitString(string.id(), new Vec(0, -900))))
                .contains("between its ends");
        DimensionString second = (DimensionString)
                sketch.run(new SplitString(string.id(), new Vec(before.getFirst(), 0))).after().stream()
                        .filter(e -> !e.id().equals(string.id()))
                        .findFirst()
                        .orElseThrow();
        assertThat(parts(string)).hasSize(1);
        assertThat(parts(second)).hasSize(2);
        sketch.run(new JoinStrings(List.of(string.id(), second.id())));
        assertThat(parts(string)).isEqualTo(before);
        assertThat(sketch.model().all(DimensionString.class)).hasSize(1);
    }

    @Test
    void stringsThatMeasureOtherwiseAreNotJoined() {
        DimensionString upright = (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(0, 1),
                        new Vec(-900, 0),
                        List.of(outer(shell.get(1)), outer(south))))
                .after()
                .getFirst();
        assertThat(sketch.refusal(new JoinStrings(List.of(string.id(), upright.id()))))
                .contains("different ways");
        assertThat(sketch.refusal(new JoinStrings(List.of(string.id(), string.id()))))
                .contains("two strings");
    }

    @Test
    void aCopyLiesBesideAndIsRefinedByItself() {
        DimensionString copy = (DimensionString)
                sketch.run(new CopyString(string.id(), -400)).after().getFirst();
        assertThat(copy.at().y()).isCloseTo(-1300, within(1e-9));
        sketch.run(new AddStringPoint(copy.id(), jamb(End.START)));
        assertThat(parts(copy)).hasSize(2);
        assertThat(parts(string)).hasSize(1);
    }

    /** What a point held to is deleted: the point stays where it was and is found, until another takes its place. */
    @Test
    void aPointWhoseThingIsDeletedKeepsItsPlaceUntilItIsMended() {
        add(jamb(End.START));
        List<Double> before = parts(string);
        sketch.run(new Delete(List.of(door.id())));
        assertThat(parts(string)).isEqualTo(before);
        assertThat(lost()).hasSize(1);
        take(before.getFirst() + 300);
        assertThat(parts(string)).containsExactly(7200.0);
        assertThat(lost()).isEmpty();
    }

    /** Turned upright it runs along the west wall that it holds to: that point is not drawn, and is found. */
    @Test
    void aPointThatItsLineDoesNotMeetIsFound() {
        Wall west = shell.get(0);
        assertThat(lost()).isEmpty();
        DimensionString now = sketch.model().get(string.id(), DimensionString.class);
        sketch.put(new DimensionString(
                now.id(),
                now.layer(),
                now.drawing(),
                new Vec(0, 1),
                now.at(),
                List.of(outer(west), outer(shell.get(1)), outer(south)),
                false));
        assertThat(lost()).hasSize(1);
        assertThat(lost().getFirst().sentence()).contains("does not show a point");
    }

    @Test
    void aStringAllOfWhoseThingsAreDeletedGoesWithThem() {
        sketch.run(new Delete(shell.stream().map(Wall::id).toList()));
        assertThat(sketch.model().all(DimensionString.class)).isEmpty();
    }

    private List<Finding> lost() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.STRING)
                .toList();
    }

    /** Splitting and joining lose no point and make none; every string goes on measuring something. */
    @Test
    void noPointIsLostBySplittingAndJoining() {
        Random random = new Random(3);
        int split = 0, joined = 0;
        for (int i = 0; i < 300; i++) {
            List<DimensionString> all = List.copyOf(sketch.model().all(DimensionString.class));
            DimensionString one = all.get(random.nextInt(all.size()));
            Vec at = new Vec(Math.round(random.nextDouble() * 72) * 100, -500);
            Set<Double> before = positions();
            switch (random.nextInt(4)) {
                case 0 -> split += sketch.tryRun(new SplitString(one.id(), at)) instanceof Change ? 1 : 0;
                case 1 -> {
                    List<ElementId> two =
                            all.stream().map(DimensionString::id).limit(2).toList();
                    joined += sketch.tryRun(new JoinStrings(two)) instanceof Change ? 1 : 0;
                }
                default -> {
                    sketch.tryRun(
                            random.nextInt(3) == 0
                                    ? new TakeStringPoint(one.id(), at, 10_000)
                                    : new AddStringPoint(one.id(), new Hold.AtPoint(at)));
                    before = positions();
                }
            }
            assertThat(positions()).as("step %d", i).isEqualTo(before);
            for (DimensionString s : sketch.model().all(DimensionString.class))
                assertThat(parts(s)).isNotEmpty();
        }
        assertThat(Math.min(split, joined)).isGreaterThan(10);
    }

    private Set<Double> positions() {
        Set<Double> positions = new TreeSet<>();
        for (DimensionString s : sketch.model().all(DimensionString.class))
            for (HeldPoints.Held h : HeldPoints.along(s, sketch.building()))
                positions.add((double) Math.round(h.position() * 10));
        return positions;
    }
}
