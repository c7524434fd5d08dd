package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.edit.wall.MoveEnd;
import org.leanlintel.core.edit.wall.RakeUnderStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Rise.Along;
import org.leanlintel.core.model.Rise.Height;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** Walls with raked and stepped heads and feet: their bodies, their plan and their faces follow. */
class RakedWallsTest {

    private final Sketch sketch = new Sketch();
    private final Wall wall = sketch.run(Sketch.PARTITION, false, 0, 0, 4000, 0).getFirst();

    private void rise(Rise.Foot foot, Rise.Head head) {
        sketch.run(new Revise(sketch.wall(wall).rising(new Rise(foot, head))));
    }

    /** Between their planes, which slope along the wall only. */
    private double volume() {
        return sketch.building().solid(wall.id()).bodies().stream()
                .mapToDouble(RakedWallsTest::volume)
                .sum();
    }

    private static double volume(Body b) {
        Area area = Area.of(b.outline());
        Vec centre = new Vec(
                b.outline().stream().mapToDouble(Vec::x).average().orElseThrow(),
                b.outline().stream().mapToDouble(Vec::y).average().orElseThrow());
        return area.mm2() * (b.high().at(centre) - b.low().at(centre));
    }

    private double cutMm2(double mm) {
        WallSolid solid = sketch.building().solid(wall.id());
        Band band = solid.bands().at(mm);
        double sum = 0;
        for (int i = 0; i < solid.strip().plies().size(); i++)
            for (PlyRun run : solid.bands().runs(i, band))
                sum += Area.of(solid.bands().outline(i, run)).mm2();
        return sum;
    }

    @Test
    void aGableHasTheBodyOfARectangleAndATriangle() {
        rise(new Rise.OnFloor(), Along.gable(2000, 4000));
        // 4,000 long, 114 thick: 2,000 high, and half of 2,000 more
        assertThat(volume()).isCloseTo(4000 * 114 * 3000.0, within(4000 * 114 * 0.5));
        assertThat(sketch.building().solid(wall.id()).rise().meanMm()).isCloseTo(3000, within(1e-6));
    }

    @Test
    void aPlanCutsAGableWhereItStandsAtThatHeight() {
        rise(new Rise.OnFloor(), Along.gable(1000, 2000));
        // at 1,200, eight tenths of the 4,000 stand
        assertThat(cutMm2(1200)).isCloseTo(3200 * 114, within(500.0));
        assertThat(cutMm2(900)).isCloseTo(4000 * 114, within(1.0));
    }

    @Test
    void aRakedHeadAndFootKeepTheWallBetweenThem() {
        rise(new Rise.Along(List.of(new Height(0, 0), new Height(1, 600))), Along.raked(2000, 2600));
        assertThat(volume()).isCloseTo(4000 * 114 * 2000.0, within(4000 * 114 * 0.5));
    }

    @Test
    void stepsOnSlopingGroundAreUpright() {
        rise(
                new Along(List.of(new Height(0, 0), new Height(0.5, 0), new Height(0.5, 400), new Height(1, 400))),
                new Rise.Fixed(2400));
        assertThat(volume()).isCloseTo(114 * (2000 * 2400.0 + 2000 * 2000.0), within(114 * 2000 * 0.5));
        assertThat(sketch.building().solid(wall.id()).bodies())
                .allMatch(b -> b.low().isLevel() && b.high().isLevel());
    }

    @Test
    void anOpeningHasToFitUnderTheRake() {
        rise(new Rise.OnFloor(), Along.raked(1500, 3000));
        sketch.door(sketch.wall(wall), 2800, 900);
        assertThat(sketch.refusal(
                        new Revise(sketch.wall(wall).rising(new Rise(new Rise.OnFloor(), Along.raked(3000, 1500))))))
                .contains("would be above the top of W1");
    }

    /** A stair of 13 risers of 200 at 250 from x = 1,000, strings 235 deep: a wall along it follows its underside. */
    @Test
    void aWallUnderAFlightIsRakedAsThatIs() {
        HouseOfTwo house = new HouseOfTwo();
        assertThat(house.sketch.refusal(new RakeUnderStair(house.shell.get(0).id())))
                .isEqualTo("No stair lies over W1.");
        house.stair(900, StairMake.Rails.BOTH, Stair.Above.FOUND);
        Wall under = house.sketch.partition(Sketch.PARTITION, new Vec(2000, 1050), null, new Vec(4000, 1050), null);
        house.sketch.run(new RakeUnderStair(under.id()));
        Rise.Along head = house.sketch.wall(under).rise().headAlong();
        // the nosing line is 200 + 1,000 x 0.8 = 1,000 high there; the string hangs 235 - 45 below it, square to the
        // pitch
        double hangs = 190 * Math.hypot(1, 0.8);
        assertThat(head.at(0)).isCloseTo(1000 - hangs, within(0.01));
        assertThat(head.before(1)).isCloseTo(2600 - hangs, within(0.01));
        assertThat(house.sketch.building().solid(under.id()).bodies()).allMatch(b -> b.highMm() <= 2600 - hangs + 0.01);
    }

    @Test
    void aWallUnderAStairFollowsIt() {
        HouseOfTwo house = new HouseOfTwo();
        Stair stair = house.stair(900, StairMake.Rails.BOTH, Stair.Above.FOUND);
        Wall under = house.sketch.partition(Sketch.PARTITION, new Vec(2000, 1050), null, new Vec(4000, 1050), null);
        house.sketch.run(new RakeUnderStair(under.id()));
        double hangs = 190 * Math.hypot(1, 0.8);
        house.sketch.run(new Move(List.of(stair.id()), new Vec(-250, 0)));
        assertThat(headAt(house, under, 0)).as("a going on is a riser up").isCloseTo(1200 - hangs, within(0.01));
        house.sketch.run(new MoveEnd(under.id(), End.START, Pick.bare(2500, 1050), WallEnd.Reach.STRUCTURE));
        assertThat(headAt(house, under, 0)).isCloseTo(1600 - hangs, within(0.01));
        Storey ground = house.sketch.model().get(Sketch.STOREY, Storey.class);
        Change raised = house.sketch.run(new ReviseStorey(ground.high(2860)));
        assertThat(headAt(house, under, 0))
                .as("13 risers of 220")
                .isCloseTo(220 + 1750 * 0.88 - 190 * Math.hypot(1, 0.88), within(0.01));
        house.sketch.apply(raised.inverse());
        assertThat(headAt(house, under, 0)).isCloseTo(1600 - hangs, within(0.01));
        house.sketch.run(new Delete(List.of(stair.id())));
        assertThat(headAt(house, under, 0)).as("up to the floor above").isEqualTo(2600 - 250);
    }

    private static double headAt(HouseOfTwo house, Wall wall, double part) {
        return house.sketch.wall(wall).rise().headAlong().at(part);
    }

    @Test
    void aCurvedWallIsNotRaked() {
        sketch.run(new Revise(sketch.wall(wall).bent(0.2)));
        assertThat(sketch.refusal(
                        new Revise(sketch.wall(wall).rising(new Rise(new Rise.OnFloor(), Along.raked(2000, 2500))))))
                .isEqualTo("W1 is curved: it cannot be raked or stepped.");
    }
}
