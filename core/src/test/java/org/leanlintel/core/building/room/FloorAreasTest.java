package org.leanlintel.core.building.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Floor.Edge;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/** How far floors reach into a shell of 100 brick, 50 air and 140 stud with its outer face on 6,000 by 4,000. */
class FloorAreasTest {

    private static final ElementId FLOOR = Sketch.id("floor");

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);

    FloorAreasTest() {
        sketch.put(new BuildUp(
                FLOOR,
                "FX",
                "Floor",
                BuildUp.Use.FLOOR,
                List.of(Sketch.ply("board", 20, Does.LINING), Sketch.ply("stud", 200, Does.CARRIES)),
                "",
                "",
                ""));
    }

    private Floor lay(Floor.Outline outline, Floor.Fall fall) {
        return (Floor) sketch.run(new DrawFloor(Sketch.STOREY, Sketch.LAYER, FLOOR, outline, 0, 0, fall))
                .after()
                .getFirst();
    }

    private Floor inside(Edge edge) {
        return lay(new Floor.InsideShell(new Vec(3000, 2000), edge), new Floor.Level());
    }

    private double mm2(Floor floor) {
        return FloorAreas.of(sketch.model().get(floor.id(), Floor.class), sketch.building())
                .mm2();
    }

    private double mm2(Edge edge) {
        Floor.Outline outline = new Floor.InsideShell(new Vec(3000, 2000), edge);
        Floor floor = new Floor(
                new ElementId("f"),
                Sketch.STOREY,
                Sketch.LAYER,
                "FL1",
                FLOOR,
                outline,
                0,
                0,
                new Floor.Level(),
                WorkState.NEW);
        return FloorAreas.of(floor, sketch.building()).mm2();
    }

    private static List<Vec> rectangle(double x0, double y0, double x1, double y1) {
        return List.of(new Vec(x0, y0), new Vec(x1, y0), new Vec(x1, y1), new Vec(x0, y1));
    }

    @Test
    void itsEdgeLiesAtTheFaceThatIsChosen() {
        sketch.across(shell, 3000);
        assertThat(mm2(Edge.OUTER_FACE)).isCloseTo(6000 * 4000, within(1.0));
        assertThat(mm2(Edge.STRUCTURE_OUTER)).isCloseTo(5700 * 3700, within(1.0));
        assertThat(mm2(Edge.STRUCTURE_INNER)).as("under the partition too").isCloseTo(5420 * 3420, within(1.0));
        assertThat(mm2(Edge.INNER_FACE)).isCloseTo(5420 * 3420, within(1.0));
    }

    @Test
    void itFollowsTheWallsAndGivesWayToVoidsAndDrawnFloors() {
        Floor floor = inside(Edge.STRUCTURE_OUTER);
        sketch.run(new Move(List.of(shell.get(2).id()), new Vec(500, 0)));
        assertThat(mm2(floor)).isCloseTo(6200 * 3700, within(1.0));
        sketch.run(new DrawVoid(Sketch.STOREY, Sketch.LAYER, rectangle(1000, 1000, 2000, 3000)));
        assertThat(mm2(floor)).isCloseTo(6200 * 3700 - 2_000_000, within(1.0));
        Floor sunk = lay(new Floor.Drawn(rectangle(3000, 1000, 4000, 2000)), new Floor.Level());
        assertThat(mm2(floor)).isCloseTo(6200 * 3700 - 3_000_000, within(1.0));
        assertThat(mm2(sunk)).isCloseTo(1_000_000, within(1.0));
        double volume = new Bodies(sketch.building())
                .on(Sketch.STOREY).stream()
                        .filter(b -> b.element().equals(floor.id()))
                        .mapToDouble(b -> org.leanlintel.core.geometry.Area.of(b.outline())
                                        .mm2()
                                * (b.highMm() - b.lowMm()))
                        .sum();
        assertThat(volume).as("220 thick, cut round its hole").isCloseTo(220 * (6200 * 3700 - 3e6), within(220.0));
    }

    @Test
    void itGoesWithAShellThatIsMovedAway() {
        Floor floor = inside(Edge.OUTER_FACE);
        List<ElementId> all = shell.stream().map(Wall::id).toList();
        sketch.run(new Move(all, new Vec(20_000, 0)));
        assertThat(mm2(floor)).isCloseTo(6000 * 4000, within(1.0));
    }

    @Test
    void aTerraceFallsFromItsHighestEdge() {
        Floor terrace = lay(new Floor.Drawn(rectangle(0, -2000, 3000, 0)), new Floor.Falling(-Math.PI / 2, 1 / 80.0));
        List<Body> bodies = new Bodies(sketch.building())
                .on(Sketch.STOREY).stream()
                        .filter(b -> b.element().equals(terrace.id()))
                        .toList();
        Body top = bodies.getFirst();
        assertThat(top.high().at(new Vec(1500, 0))).isCloseTo(0, within(1e-6));
        assertThat(top.high().at(new Vec(1500, -2000))).isCloseTo(-25, within(1e-6));
        assertThat(top.low().at(new Vec(1500, -2000))).isCloseTo(-45, within(1e-6));
    }

    @Test
    void whatCannotBeAFloorIsRefused() {
        assertThat(sketch.refusal(new DrawFloor(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        FLOOR,
                        new Floor.InsideShell(new Vec(9000, 9000), Edge.OUTER_FACE),
                        0,
                        0,
                        new Floor.Level())))
                .isEqualTo("No walls close round that point, so no floor can fill them.");
        Floor floor = inside(Edge.OUTER_FACE);
        assertThat(sketch.refusal(
                        new DrawFloor(Sketch.STOREY, Sketch.LAYER, FLOOR, floor.outline(), 0, 0, new Floor.Level())))
                .isEqualTo("FL1 fills this shell already: change it, or draw the outline of a part of it.");
        assertThat(sketch.refusal(new Revise(new Floor(
                        floor.id(),
                        floor.storey(),
                        floor.layer(),
                        floor.mark(),
                        Sketch.PARTITION,
                        floor.outline(),
                        0,
                        0,
                        floor.fall(),
                        WorkState.NEW))))
                .contains("is not for floors");
        List<Vec> crossed = List.of(new Vec(0, 0), new Vec(3000, 3000), new Vec(3000, 0), new Vec(0, 2000));
        assertThat(sketch.refusal(new DrawVoid(Sketch.STOREY, Sketch.LAYER, crossed)))
                .contains("crosses itself");
    }

    @Test
    void whatIsOpenThroughAFloorIsNoFloorOfItsRoom() {
        HouseOfTwo house = new HouseOfTwo(new Limit(What.HEADROOM_LEAST, 2000, "H", true));
        double clear = 5420 * 3420;
        assertThat(netOf(house, house.first.id())).isCloseTo(clear, within(1.0));
        house.stair(900, StairMake.Rails.NONE, Stair.Above.FOUND);
        double open = (2000 + 250) * 250 / 200.0 * 900;
        assertThat(netOf(house, house.first.id())).isCloseTo(clear - open, within(1.0));
        assertThat(Rooms.in(house.sketch.building())
                        .of(house.first.id())
                        .getFirst()
                        .walls(house.sketch.building())
                        .toStructure()
                        .mm2())
                .isCloseTo(5420 * 3420 - open, within(1.0));
        assertThat(netOf(house, Sketch.STOREY)).as("below, its floor is whole").isCloseTo(clear, within(1.0));
        Storey ground = house.sketch.model().get(Sketch.STOREY, Storey.class);
        house.sketch.run(new ReviseStorey(ground.high(2800)));
        double shorter = (2000 + 250) * 250 / (2800 / 13.0) * 900;
        assertThat(netOf(house, house.first.id()))
                .as("steeper under a higher floor")
                .isCloseTo(clear - shorter, within(1.0));
        house.sketch.run(new DrawVoid(house.first.id(), Sketch.LAYER, rectangle(4500, 500, 5500, 3500)));
        assertThat(netOf(house, house.first.id())).isCloseTo(clear - shorter - 3_000_000, within(1.0));
    }

    private static double netOf(HouseOfTwo house, ElementId storey) {
        return Rooms.in(house.sketch.building()).of(storey).stream()
                .mapToDouble(s -> s.net().mm2())
                .sum();
    }
}
