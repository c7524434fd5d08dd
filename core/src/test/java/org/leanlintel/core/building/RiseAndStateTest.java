package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;
import org.leanlintel.core.takeoff.BuildUpUse;

/** Heads and feet of walls, and what becomes of walls in the work drawn. The storey is 2,500 high, its plan cut at 1,200. */
class RiseAndStateTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall partition = sketch.across(shell, 3600);

    private void rise(Wall wall, double foot, Rise.Head head) {
        sketch.run(new Revise(
                sketch.wall(wall).rising(new Rise(foot == 0 ? new Rise.OnFloor() : new Rise.Fixed(foot), head))));
    }

    private void state(Wall wall, WorkState state) {
        sketch.run(new Revise(sketch.wall(wall).in(state)));
    }

    private Map<PenRole, Long> lines(ElementId wall) {
        Group group = Plan.of(sketch.building(), Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                .picture()
                .groups()
                .stream()
                .filter(g -> g.element().equals(wall))
                .findFirst()
                .orElseThrow();
        return group.items().stream()
                .filter(Item.Strokes.class::isInstance)
                .map(Item.Strokes.class::cast)
                .collect(Collectors.toMap(
                        Item.Strokes::role, s -> (long) s.lines().size()));
    }

    private double volume(Wall wall) {
        return sketch.building().solid(wall.id()).bodies().stream()
                .mapToDouble(b -> Area.of(b.outline()).mm2() * (b.highMm() - b.lowMm()))
                .sum();
    }

    @Test
    void aHeadUnderTheStoreyAboveFollowsIt() {
        assertThat(sketch.building().solid(partition.id()).headMm()).isEqualTo(2500);
        sketch.run(new Revise(Storey.bare(Sketch.STOREY, "Ground", 0, 2700)));
        assertThat(sketch.building().solid(partition.id()).headMm()).isEqualTo(2700);
        rise(partition, 0, new Rise.Fixed(2100));
        sketch.run(new Revise(Storey.bare(Sketch.STOREY, "Ground", 0, 2500)));
        assertThat(sketch.building().solid(partition.id()).headMm()).isEqualTo(2100);
    }

    /** Its structure goes 12.5 into a lined host up to its head; above, the host's lining runs through. */
    @Test
    void aLowWallInterruptsALiningOnlyAsHighAsItStands() {
        Wall host = sketch.run(Sketch.LINED, false, 0, 9000, 4000, 9000).getFirst();
        Wall low = sketch.partition(Sketch.PARTITION, new Vec(2000, 8845), host, new Vec(2000, 7000), null);
        double cut = sketch.area(host, "board", 600);
        assertThat(cut).isCloseTo(15 * (4000 - 89), within(0.01));
        assertThat(sketch.area(host, "board", 2000)).isCloseTo(cut, within(0.01));
        rise(low, 0, new Rise.Fixed(1000));
        assertThat(sketch.area(host, "board", 600)).isCloseTo(cut, within(0.01));
        assertThat(sketch.area(host, "board", 2000)).as("whole above").isCloseTo(15 * 4000, within(0.01));
        assertThat(volume(low))
                .isCloseTo(sketch.area(low, "stud", 600) * 1000 + sketch.area(low, "board", 600) * 1000, within(1.0));
    }

    @Test
    void whatTheCutMissesIsDrawnFromAboveOrDashed() {
        rise(partition, 0, new Rise.Fixed(1100));
        assertThat(lines(partition.id())).containsOnlyKeys(PenRole.EDGE);
        rise(partition, 2000, new Rise.UnderStoreyAbove());
        assertThat(lines(partition.id())).containsOnlyKeys(PenRole.OVERHEAD);
        rise(partition, 0, new Rise.UnderStoreyAbove());
        assertThat(lines(partition.id())).containsKey(PenRole.CUT_STRUCTURE);
    }

    @Test
    void aWallToBeRemovedIsDashedAndCountsForNothing() {
        Map<PenRole, Long> before = lines(shell.get(1).id());
        state(partition, WorkState.REMOVED);
        assertThat(lines(partition.id())).containsOnlyKeys(PenRole.REMOVED);
        assertThat(BuildUpUse.of(sketch.building()))
                .extracting(u -> u.buildUp().id())
                .containsExactly(Sketch.SHELL);
        assertThat(before.get(PenRole.CUT_STRUCTURE)).isPositive();
        Wall instead = sketch.across(shell, 3650);
        assertThat(instead.mark()).as("another may be built in its place").isEqualTo("W6");
        sketch.run(new Delete(List.of(instead.id())));
        state(partition, WorkState.EXISTING);
        assertThat(lines(partition.id())).containsOnlyKeys(PenRole.CUT_STRUCTURE);
    }

    @Test
    void whatCannotRiseSoIsRefused() {
        assertThat(sketch.refusal(new Revise(
                        sketch.wall(shell.get(1)).rising(new Rise(new Rise.Fixed(3000), new Rise.UnderStoreyAbove())))))
                .isEqualTo("W2 would have no height left.");
        sketch.door(shell.get(1), 1000, 910);
        assertThat(sketch.refusal(new Revise(
                        sketch.wall(shell.get(1)).rising(new Rise(new Rise.OnFloor(), new Rise.Fixed(2000))))))
                .isEqualTo("The head of the door D1 would be above the top of W2.");
        assertThat(sketch.refusal(new Revise(
                        sketch.wall(shell.get(1)).rising(new Rise(new Rise.Fixed(100), new Rise.UnderStoreyAbove())))))
                .isEqualTo("The door D1 would reach below the foot of W2.");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Rise(new Rise.Fixed(1000), new Rise.Fixed(900)))
                .withMessage("A wall's head must stand at least 20 mm above its foot, not at 900 mm.");
    }
}
