package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallEnd.Reach;

/** How the stock's build-ups join, worked by hand: plan areas of plies, square millimetres, by their place from the outside. */
class StockJunctionsTest {

    private Building building = Building.of(OfficeStandard.newProject(
            OfficeStandard.settings(OfficeStandard.region("UK"), "Joins", "", "", "", PaperSize.A2)));

    private Wall draw(String buildUp, SetOut setOut, Reach reach, Pick... picks) {
        Editing.Result result = Editing.run(
                new DrawWalls(
                        NewWall.of(
                                OfficeStandard.GROUND,
                                OfficeStandard.LAYER_WALLS,
                                new ElementId("build-up-" + buildUp),
                                setOut,
                                Side.RIGHT,
                                reach),
                        List.of(picks),
                        false),
                building);
        assertThat(result.outcome()).isInstanceOf(Change.class);
        building = result.after();
        return (Wall) ((Change) result.outcome())
                .after().stream().filter(Wall.class::isInstance).findFirst().orElseThrow();
    }

    /** One from the north to the corner at 0, 0 and one on to the east, both along their outer faces: inside is x, y over 0. */
    private List<Wall> corner(String north, String east) {
        SetOut outer = new SetOut.OnFace(0);
        Wall one = draw(north, outer, Reach.STRUCTURE, Pick.bare(0, 3000), Pick.bare(0, 0));
        return List.of(one, draw(east, outer, Reach.STRUCTURE, shared(one), Pick.bare(3000, 0)));
    }

    private static Pick shared(Wall wall) {
        return new Pick(Vec.ORIGIN, new Hold.AtCorner(((WallEnd.AtCorner) wall.end()).corner()));
    }

    /** A wall of 6 m along its outer face on the x axis, inside at y over 0. */
    private Wall host(String buildUp) {
        return draw(buildUp, new SetOut.OnFace(0), Reach.STRUCTURE, Pick.bare(0, 0), Pick.bare(6000, 0));
    }

    /** Square to the host from the middle of its set-out line, to y. */
    private Wall standing(String buildUp, Wall host, Reach reach, double y) {
        Pick foot = new Pick(new Vec(3000, 0), new Hold.OnFace(host.id(), 0));
        return draw(buildUp, new SetOut.MiddleOfStructure(), reach, foot, Pick.bare(3000, y));
    }

    private void assertAreas(Wall wall, double... expected) {
        double[] areas = new double[24];
        building.solid(wall.id())
                .bodies()
                .forEach(b -> areas[b.ply()] += Area.of(b.outline()).mm2());
        for (int i = 0; i < expected.length; i++) {
            assertThat(areas[i])
                    .as("ply %d of %s: %s", i + 1, wall.mark(), Arrays.toString(Arrays.copyOf(areas, expected.length)))
                    .isCloseTo(expected[i], within(0.5));
        }
        assertThat(building.solid(wall.id()).footprint().mm2())
                .as("round all plies of %s", wall.mark())
                .isCloseTo(Arrays.stream(areas).sum(), within(1.0));
    }

    /** Every ply turns with its like: its length is 3,000 less the mean depth of its mate. */
    @Test
    void brickAndFrameTurnsTheCorner() {
        double[] plies = {
            102.5 * (3000 - 51.25),
            50 * (3000 - 127.5),
            0,
            9 * (3000 - 157),
            140 * (3000 - 231.5),
            40 * (3000 - 321.5),
            0,
            12.5 * (3000 - 347.75)
        };
        for (Wall wall : corner("frame-brick", "frame-brick")) assertAreas(wall, plies);
    }

    /** Boarding 0-20, cavity 20-58, OSB 58-67, stud 67-207, PIR 207-247, board 247-259.5, each cut to its mate's depth. */
    @Test
    void brickTurnsIntoBoardingAndStudMeetsStud() {
        List<Wall> walls = corner("frame-brick", "frame-boarded");
        assertAreas(
                walls.get(0),
                102.5 * (3000 - 10),
                50 * (3000 - 39),
                0,
                9 * (3000 - 62.5),
                140 * (3000 - 137),
                40 * (3000 - 227),
                0,
                12.5 * (3000 - 253.25));
        assertAreas(
                walls.get(1),
                20 * (3000 - 51.25),
                38 * (3000 - 127.5),
                0,
                9 * (3000 - 157),
                140 * (3000 - 231.5),
                40 * (3000 - 321.5),
                0,
                12.5 * (3000 - 347.75));
    }

    /**
     * Block 252.5-352.5 and stud 161.5-301.5 are of different materials: the stud is thicker and runs through to the
     * block's outer face, the block stops at the stud's inner face. Wool goes on to the brick; PIR stops at the block.
     */
    @Test
    void theThickerStructureRunsThroughWhereMaterialsDiffer() {
        List<Wall> walls = corner("brick-cavity", "frame-brick");
        assertAreas(
                walls.get(0), 102.5 * (3000 - 51.25), 150 * (3000 - 102.5), 100 * (3000 - 301.5), 13 * (3000 - 347.75));
        assertAreas(
                walls.get(1),
                102.5 * (3000 - 51.25),
                50 * (3000 - 252.5),
                0,
                9 * (3000 - 252.5),
                140 * (3000 - 252.5),
                40 * (3000 - 352.5),
                0,
                12.5 * (3000 - 359));
    }

    /** The cavity runs round the corner; block 152.5-252.5 stops at the stud; OSB, PIR and board have no mate. */
    @Test
    void cavityMeetsCavity() {
        List<Wall> walls = corner("block-single", "frame-brick");
        assertAreas(walls.get(0), 102.5 * (3000 - 51.25), 50 * (3000 - 127.5), 100 * (3000 - 301.5));
        assertAreas(
                walls.get(1),
                102.5 * (3000 - 51.25),
                50 * (3000 - 127.5),
                0,
                9 * (3000 - 152.5),
                140 * (3000 - 152.5),
                40 * (3000 - 252.5),
                0,
                12.5 * (3000 - 252.5));
    }

    /** Block 13-113 is thicker than stud 12.5-87.5; linings turn both corners. */
    @Test
    void studPartitionAndBlockPartition() {
        List<Wall> walls = corner("stud-partition", "block-partition");
        assertAreas(walls.get(0), 12.5 * (3000 - 6.5), 75 * (3000 - 113), 12.5 * (3000 - 119.5));
        assertAreas(walls.get(1), 13 * (3000 - 6.25), 100 * (3000 - 12.5), 13 * (3000 - 93.75));
    }

    /** Siding 0-7.9, OSB 7.9-19, 2x6 19-158.7, gypsum 158.7-171.4. */
    @Test
    void twoBySixTurnsTheCorner() {
        double[] plies = {
            7.9 * (3000 - 3.95), 0, 11.1 * (3000 - 13.45), 139.7 * (3000 - 88.85), 0, 12.7 * (3000 - 165.05)
        };
        TradeRegion us = OfficeStandard.region("US");
        building = Building.of(
                OfficeStandard.newProject(OfficeStandard.settings(us, "Joins", "", "", "", PaperSize.ARCH_D)));
        for (Wall wall : corner("frame-2x6", "frame-2x6")) assertAreas(wall, plies);
    }

    /** The stud goes through board and PIR to the shell's studs at 301.5; its own boards stop at 354. */
    @Test
    void aPartitionAgainstBrickAndFrame() {
        Wall host = host("frame-brick");
        Wall partition = standing("stud-partition", host, Reach.STRUCTURE, 3000);
        assertAreas(partition, 12.5 * (3000 - 354), 75 * (3000 - 301.5), 12.5 * (3000 - 354));
        assertAreas(host, 102.5 * 6000, 50 * 6000, 0, 9 * 6000, 140 * 6000, 40 * (6000 - 75), 0, 12.5 * (6000 - 75));
    }

    @Test
    void aPartitionThatStopsAtTheLining() {
        Wall host = host("frame-brick");
        assertAreas(standing("stud-partition", host, Reach.FACE, 3000), 12.5 * 2646, 75 * 2646, 12.5 * 2646);
        assertAreas(host, 102.5 * 6000, 50 * 6000, 0, 9 * 6000, 140 * 6000, 40 * 6000, 0, 12.5 * 6000);
    }

    @Test
    void aBlockPartitionAgainstACavityWall() {
        Wall host = host("brick-cavity");
        Wall partition = standing("block-partition", host, Reach.STRUCTURE, 3000);
        assertAreas(partition, 13 * (3000 - 365.5), 100 * (3000 - 352.5), 13 * (3000 - 365.5));
        assertAreas(host, 102.5 * 6000, 150 * 6000, 100 * 6000, 13 * (6000 - 100));
    }

    /** Backer boards the studs and passes the other wall's lining with them; tile stops at it. */
    @Test
    void aWetWallAgainstAPartition() {
        Wall host = host("stud-partition");
        Wall wet = standing("wet-wall", host, Reach.STRUCTURE, 3000);
        assertAreas(wet, 9.5 * 2900, 12.5 * 2912.5, 140 * 2912.5, 12.5 * 2900);
        assertAreas(host, 12.5 * 6000, 75 * 6000, 12.5 * (6000 - 152.5));
    }

    /** From outside: block to the studs at 161.5, cavity to the cavity at 102.5, brick to the brick. */
    @Test
    void aGarageWallAgainstTheHouse() {
        Wall host = host("frame-brick");
        Wall garage = standing("block-single", host, Reach.STRUCTURE, -3000);
        assertAreas(garage, 102.5 * 3000, 50 * 3102.5, 100 * 3161.5);
        assertAreas(host, 102.5 * (6000 - 150), 50 * (6000 - 100), 0, 9 * (6000 - 100), 140 * 6000);
    }

    /** By choice its block goes through the studs too, to their inner face at 301.5, and they are interrupted. */
    @Test
    void aStructureMayGoThroughAnother() {
        Wall host = host("frame-brick");
        Wall garage = standing("block-single", host, Reach.THROUGH, -3000);
        assertAreas(garage, 102.5 * 3000, 50 * 3102.5, 100 * (3000 + 301.5));
        assertAreas(host, 102.5 * 5850, 50 * 5900, 0, 9 * 5900, 140 * 5900, 40 * 6000, 0, 12.5 * 6000);
    }

    /** Studs go through the plaster on either side to the block, whose middle is the set-out line. */
    @Test
    void partitionsThatCross() {
        Wall host = draw(
                "block-partition",
                new SetOut.MiddleOfStructure(),
                Reach.STRUCTURE,
                Pick.bare(0, 0),
                Pick.bare(6000, 0));
        Wall south = draw(
                "stud-partition",
                new SetOut.MiddleOfStructure(),
                Reach.STRUCTURE,
                Pick.bare(3000, -3000),
                Pick.bare(3000, 3000));
        assertAreas(south, 12.5 * 2937, 75 * 2950, 12.5 * 2937);
        assertAreas(host, 13 * 5925, 100 * 6000, 13 * 5925);
    }

    /** Block of 100 is thicker than stud of 75: drawn across it, it goes on through to the stud's far face. */
    @Test
    void theThickerStructureRunsThroughACrossing() {
        Wall host = draw(
                "stud-partition", new SetOut.MiddleOfStructure(), Reach.STRUCTURE, Pick.bare(0, 0), Pick.bare(6000, 0));
        Wall south = draw(
                "block-partition",
                new SetOut.MiddleOfStructure(),
                Reach.STRUCTURE,
                Pick.bare(3000, -3000),
                Pick.bare(3000, 3000));
        assertAreas(south, 13 * 2950, 100 * 3037.5, 13 * 2950);
        assertAreas(host, 12.5 * 5900, 75 * 5900, 12.5 * 5900);
    }

    /** In line, along one outer face: both are cut on a square line. */
    @Test
    void inLineChangesOfThickness() {
        Wall one = draw("frame-brick", new SetOut.OnFace(0), Reach.STRUCTURE, Pick.bare(-3000, 0), Pick.bare(0, 0));
        Wall two = draw("block-single", new SetOut.OnFace(0), Reach.STRUCTURE, shared(one), Pick.bare(3000, 0));
        assertAreas(one, 102.5 * 3000, 50 * 3000, 0, 9 * 3000, 140 * 3000, 40 * 3000, 0, 12.5 * 3000);
        assertAreas(two, 102.5 * 3000, 50 * 3000, 100 * 3000);
    }
}
