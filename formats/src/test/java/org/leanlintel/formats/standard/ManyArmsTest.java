package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** Three to five unlike walls of the stock at one corner: what any of them takes is filled, and nothing twice. */
class ManyArmsTest {

    private static final List<String> WALLS = List.of(
            "frame-brick",
            "frame-boarded",
            "brick-cavity",
            "panel-render",
            "block-insulated",
            "stud-partition",
            "block-partition");

    private Building building;

    private static Building project() {
        TradeRegion uk = OfficeStandard.region("UK");
        return Building.of(OfficeStandard.newProject(OfficeStandard.settings(uk, "Arms", "", "", "", uk.paper())));
    }

    private boolean draw(String buildUp, SetOut setOut, Side outside, double angle) {
        Pick centre = building.model().all(Corner.class).stream()
                .filter(c -> c.at().length() < 1)
                .map(c -> new Pick(c.at(), new Hold.AtCorner(c.id())))
                .findFirst()
                .orElse(Pick.bare(0, 0));
        Vec far = Vec.ofAngle(angle).times(4000);
        Editing.Result result = Editing.run(
                new DrawWalls(
                        NewWall.of(
                                OfficeStandard.GROUND,
                                OfficeStandard.LAYER_WALLS,
                                new ElementId("build-up-" + buildUp),
                                setOut,
                                outside,
                                WallEnd.Reach.STRUCTURE),
                        List.of(centre, Pick.bare(far.x(), far.y())),
                        false),
                building);
        building = result.after();
        return result.outcome() instanceof Change;
    }

    private void random(RandomGenerator random, boolean square) {
        building = project();
        int arms = 3 + random.nextInt(square ? 2 : 3);
        double first = square ? 0 : random.nextDouble(0, 6);
        List<SetOut> setOuts = List.of(new SetOut.OnFace(0), new SetOut.MiddleOfStructure(), new SetOut.InnerFace());
        for (int i = 0; i < arms; i++)
            assertThat(draw(
                            WALLS.get(random.nextInt(WALLS.size())),
                            setOuts.get(random.nextInt(3)),
                            random.nextBoolean() ? Side.LEFT : Side.RIGHT,
                            square ? i * Math.PI / 2 : first + i * Math.TAU / arms + random.nextDouble(-0.3, 0.3)))
                    .isTrue();
    }

    /** Square millimetres: of what the walls take, what none fills; what lies twice; and holes. */
    private record Measured(double missing, double twice, double holes) {}

    /** @param square whether all that lies beside the lines counts; at other angles a wall may reach through its neighbour */
    private Measured measured(boolean square) {
        List<Area> plies = new ArrayList<>(), outlines = square ? new ArrayList<>() : betweenLines();
        for (Wall w : building.model().all(Wall.class)) {
            WallSolid solid = building.solid(w.id());
            Strip strip = solid.strip();
            if (square) outlines.add(Area.of(strip.outline()));
            for (var body : solid.bodies())
                if (body.lowMm() <= 1200 && body.highMm() > 1200) plies.add(Area.of(body.outline()));
        }
        Area all = Area.union(plies);
        double sum = plies.stream().mapToDouble(Area::mm2).sum();
        return new Measured(
                Area.union(outlines).minus(all).mm2(),
                sum - all.mm2(),
                all.filled().mm2() - all.mm2());
    }

    /** What walls take between their lines and those of their neighbours. */
    private List<Area> betweenLines() {
        List<Strip> strips = building.model().all(Wall.class).stream()
                .map(w -> building.strip(w.id()))
                .sorted(Comparator.comparingDouble(s -> direction(s).angle()))
                .toList();
        List<Area> areas = new ArrayList<>();
        for (int i = 0; i < strips.size(); i++) {
            Strip right = strips.get(i), left = strips.get((i + 1) % strips.size());
            if (direction(right).cross(direction(left)) < 0.1) continue;
            Area between = Area.of(List.of(
                    Vec.ORIGIN, direction(right).times(3900), direction(left).times(3900)));
            for (Strip s : List.of(right, left)) areas.add(between.and(Area.of(s.outline())));
        }
        return areas;
    }

    private static Vec direction(Strip strip) {
        return strip.away(End.START);
    }

    /** Half of them square, half at any angle: all can be drawn. */
    @ParameterizedTest(name = "seeds from {0}")
    @ValueSource(longs = {1, 31, 61, 91, 121, 151})
    void whatAnyOfThemTakesIsFilled(long from) {
        for (long seed = from; seed < from + 30; seed++) {
            RandomGenerator random =
                    RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
            boolean square = seed % 2 == 0;
            random(random, square);
            Measured m = measured(square);
            assertThat(m.missing()).as("empty, seed %d", seed).isLessThan(50);
            assertThat(m.twice()).as("twice, seed %d", seed).isLessThan(10);
            assertThat(m.holes()).as("holes, seed %d", seed).isLessThan(10);
        }
    }

    /** Two runs that cross, each with its weather side to one side of its line. */
    @ParameterizedTest(name = "three cavity walls, and a boarded frame to the {0}")
    @ValueSource(ints = {0, 1, 2, 3})
    void threeBrickCavityWallsAndABoardedFrameLeaveNoHole(int odd) {
        building = project();
        for (int i = 0; i < 4; i++)
            assertThat(draw(
                            i == odd ? "frame-boarded" : "brick-cavity",
                            new SetOut.MiddleOfStructure(),
                            i < 2 ? Side.LEFT : Side.RIGHT,
                            i * Math.PI / 2))
                    .isTrue();
        assertThat(measured(true).missing()).isLessThan(50);
        assertThat(measured(true).holes()).isLessThan(1);
        assertThat(measured(true).twice()).isLessThan(1);
    }
}
