package org.leanlintel.core.building.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.Gutter;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/**
 * A house of 12,000 square round a court of 4,000 square in its middle; walls of 290, their structure behind 150 of facing and air.
 */
class CourtTest {

    private static final Offset<Double> NEAR = within(1.0);
    private static final ElementId COVER = Sketch.id("cover");
    private static final double TAN = Math.tan(Math.toRadians(30)), COS = Math.cos(Math.toRadians(30));

    private final Sketch sketch = new Sketch();
    private final Room court;
    private final List<Wall> round;

    CourtTest() {
        sketch.shell(12_000, 12_000);
        round = sketch.run(Sketch.SHELL, true, 4000, 4000, 4000, 8000, 8000, 8000, 8000, 4000);
        sketch.run(new ReviseAll(round.stream().<Element>map(CourtTest::turned).toList()));
        court = name(6000, "Court", Room.Use.COURT);
        name(2000, "Hall", Room.Use.HALL);
        sketch.put(new BuildUp(
                COVER, "RX", "Roof", BuildUp.Use.ROOF, List.of(Sketch.ply("stud", 150, Does.CARRIES)), "", "", ""));
    }

    private Room name(double at, String name, Room.Use use) {
        return (Room) sketch.run(
                        new NameRoom(Sketch.STOREY, Sketch.LAYER, new Vec(at, at), "", name, use, Room.Finishes.NONE))
                .after()
                .getFirst();
    }

    private static Wall turned(Wall w) {
        Side other = w.outside() == Side.LEFT ? Side.RIGHT : Side.LEFT;
        return new Wall(
                w.id(),
                w.storey(),
                w.layer(),
                w.mark(),
                w.buildUp(),
                w.setOut(),
                other,
                w.start(),
                w.end(),
                w.bulge(),
                w.rise(),
                w.state());
    }

    private Area inside(Floor.Edge edge) {
        return FloorAreas.inside(sketch.building(), Sketch.STOREY, new Floor.InsideShell(new Vec(2000, 2000), edge));
    }

    @Test
    void floorsLeaveItOutToTheSameLineOfItsWallsAsOutside() {
        assertThat(inside(Floor.Edge.OUTER_FACE).mm2()).isCloseTo(144e6 - 16e6, NEAR);
        assertThat(inside(Floor.Edge.STRUCTURE_OUTER).mm2()).isCloseTo(11_700.0 * 11_700 - 4300.0 * 4300, NEAR);
        assertThat(inside(Floor.Edge.INNER_FACE).mm2()).isCloseTo(11_420.0 * 11_420 - 4580.0 * 4580, NEAR);
        sketch.run(new Delete(List.of(court.id())));
        assertThat(inside(Floor.Edge.OUTER_FACE).mm2()).isCloseTo(144e6, NEAR);
    }

    @Test
    void aWallThatTurnsItsOutsideAwayFromItIsFound() {
        assertThat(said()).isEmpty();
        sketch.run(new Revise(turned(sketch.wall(round.getFirst()))));
        assertThat(said())
                .singleElement()
                .asString()
                .contains(round.getFirst().mark() + " turns its outside away from Court.");
    }

    private List<String> said() {
        return Findings.of(sketch.building()).stream()
                .map(Finding::sentence)
                .filter(s -> s.contains("outside away"))
                .toList();
    }

    @Test
    void wallsRoundItAreOfTheShell() {
        FloorAreas.Shell shell = FloorAreas.shellRound(sketch.building(), Sketch.STOREY, new Vec(2000, 2000));
        assertThat(shell).isNotNull();
        assertThat(shell.walls()).hasSize(8);
    }

    @Test
    void itIsListedButCountsNeitherAsFloorNorAsCovered() {
        Drawing rooms = sketch.drawing("Rooms", Drawing.Kind.ROOMS, Sketch.STOREY, 10);
        Table table = Tables.of(rooms, sketch.building());
        List<String> row = table.rows().stream()
                .map(r -> r.cells().stream().map(Table.Cell::text).toList())
                .filter(r -> r.contains("Court"))
                .findFirst()
                .orElseThrow();
        assertThat(row)
                .contains("16.00 m\u00b2")
                .filteredOn(c -> c.contains("m\u00b3"))
                .isEmpty();
        List<String> sum =
                table.sums().getFirst().cells().stream().map(Table.Cell::text).toList();
        assertThat(sum.get(4)).isEqualTo("109.44 m\u00b2");
        assertThat(sum).contains("to outer faces 128.00 m\u00b2");
    }

    private static DrawRoof draw(double overhangMm, double gutterMm) {
        return new DrawRoof(
                Sketch.STOREY,
                Sketch.LAYER,
                COVER,
                new Roof.OverShell(new Vec(2000, 2000)),
                new Roof.AtWallHeads(),
                new Roof.Seated(100),
                new Roof.Edge(new Roof.Eaves(Pitch.degrees(30)), overhangMm, 0),
                List.of(),
                RoofedHouse.trim(180, Roof.Soffit.NONE, gutterMm),
                new Roof.ItsUnderside());
    }

    private BuiltRoof roof(double overhangMm, double gutterMm) {
        Roof roof = (Roof) sketch.run(draw(overhangMm, gutterMm)).after().getFirst();
        BuiltRoof built = sketch.building().get(new BuiltRoof.Of(roof.id()));
        assertThat(built).isNotNull();
        return built;
    }

    /** Four wings of 4,000, hipped outside and with valleys inside: a ridge runs round in the middle of them. */
    @Test
    void aRoofRunsRoundIt() {
        BuiltRoof built = roof(300, 0);
        RoofShape shape = (RoofShape) built.solution();
        assertThat(built.covered().mm2()).isCloseTo(12_600.0 * 12_600 - 3400.0 * 3400, NEAR);
        assertThat(shape.faces()).hasSize(8);
        assertThat(shape.faces().stream().mapToDouble(RoofShape.Face::trueMm2).sum() * COS)
                .isCloseTo(built.covered().mm2(), within(50.0));
        assertThat(shape.lines().stream()
                        .filter(l -> l.kind() == RoofShape.Kind.RIDGE)
                        .mapToDouble(RoofShape.Line::trueMm)
                        .sum())
                .isCloseTo(4 * 8000, NEAR);
        assertThat(built.ridgeMm()).isCloseTo(built.lowestEavesMm() + 2300 * TAN, NEAR);
    }

    @Test
    void nothingOfTheRoofLiesOverIt() {
        BuiltRoof built = roof(300, 100);
        Area open = Area.rectangle(4301, 4301, 3398, 3398);
        List<Body> bodies = new Bodies(sketch.building())
                .on(Sketch.STOREY).stream()
                        .filter(b -> b.element().equals(built.roof().id()))
                        .toList();
        assertThat(bodies)
                .isNotEmpty()
                .noneMatch(b -> Area.of(b.outline()).and(open.grown(-110)).mm2() > 1);
    }

    @Test
    void itsGutterRunsRoundByItself() {
        BuiltRoof built = roof(0, 100);
        JoinedRoof joined = sketch.building().get(new JoinedRoof.Of(built.roof().id()));
        assertThat(joined).isNotNull();
        assertThat(Gutter.of(joined))
                .allMatch(Gutter::closed)
                .extracting(g -> Math.round(g.lengthMm()))
                .containsExactlyInAnyOrder(48_000L, 16_000L);
    }

    @Test
    void overhangsThatFillItAreSaid() {
        assertThat(sketch.refusal(draw(2100, 0))).contains("overhangs run into each other");
    }
}
