package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.feature.Feature;
import org.leanlintel.core.building.feature.Features;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.roof.RoofShape;

/** Ceilings of single rooms: joists of 100 over boards of 12.5, in a shell of 290 round 5,420 by 3,420. */
class RoomCeilingTest {

    private static final double WIDE = 5420, DEEP = 3420;

    private final Sketch sketch = new Sketch();

    private Room room(Sketch in, ElementId storey, double height, Room.Above above) {
        in.put(Sketch.ceiling());
        Room room = (Room) in.run(new NameRoom(
                        storey, Sketch.LAYER, new Vec(3000, 2000), "1", "Hall", Room.Use.HALL, Room.Finishes.NONE))
                .after()
                .getFirst();
        Room with = room.under(new Rise.Fixed(height), above);
        in.run(new Revise(with));
        return with;
    }

    private Room room(double height, Room.Above above) {
        sketch.shell(6000, 4000);
        return room(sketch, Sketch.STOREY, height, above);
    }

    private static UnderSlopes under(Sketch sketch, Room room) {
        return sketch.building().get(new UnderSlopes.Of(room.id()));
    }

    @Test
    void aLevelOneLiesWithItsUndersideAtTheRoomsHeight() {
        Room room = room(2200, new Room.LevelCeiling(Sketch.CEILING));
        List<Body> bodies = List.copyOf(new Bodies(sketch.building()).of(room.id()));
        assertThat(bodies).hasSize(2);
        Body board = bodies.get(0), joists = bodies.get(1);
        assertThat(board.does()).isEqualTo(Does.LINING);
        assertThat(List.of(board.lowMm(), board.highMm(), joists.lowMm(), joists.highMm()))
                .containsExactly(2200.0, 2212.5, 2212.5, 2312.5);
        assertThat(Area.of(board.outline()).mm2())
                .as("wall to wall, and a hair into them")
                .isCloseTo((WIDE + 2) * (DEEP + 2), within(10.0));
        assertThat(under(sketch, room).volumeMm3()).isCloseTo(WIDE * DEEP * 2200, within(1e5));
        assertThat(new Bodies(sketch.building()).of(Sketch.STOREY)).isEmpty();
    }

    /** Tiles of 10 mm end at 2,100, a boxing 150 deep and 300 wide goes up to the storey's head: the ceiling is over the first alone. */
    @Test
    void itLiesOverWhatEndsBelowIt() {
        Room room = room(2200, new Room.LevelCeiling(Sketch.CEILING));
        double whole = ceiling(room);
        Wall west = sketch.model().all(Wall.class).getFirst(),
                north = sketch.model().all(Wall.class).get(1);
        sketch.run(new PlacePiece(
                west.id(),
                Sketch.LAYER,
                inside(west),
                new WallPiece.Whole(),
                0,
                2100,
                new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)))));
        assertThat(sketch.building().get(new UnderSlopes.Of(room.id())).volumeMm3())
                .as("the tiles take floor")
                .isCloseTo((WIDE - 10) * DEEP * 2200, within(1e5));
        assertThat(ceiling(room)).isCloseTo(whole, within(10.0));
        WallPiece.Part part = new WallPiece.Part(
                new Placing.Off(new Stop.WallsEnd(End.START, Stop.Line.SET_OUT), Placing.Edge.NEAR, 2000), 300);
        sketch.run(new PlacePiece(
                north.id(),
                Sketch.LAYER,
                inside(north),
                part,
                0,
                2500,
                new WallPiece.Boxed(Sketch.id("board"), 12.5, 150)));
        assertThat(whole - ceiling(room)).isBetween(280.0 * 140, 320.0 * 170);
    }

    private static Side inside(Wall wall) {
        return wall.outside() == Side.LEFT ? Side.RIGHT : Side.LEFT;
    }

    private double ceiling(Room room) {
        return Area.of(List.copyOf(new Bodies(sketch.building()).of(room.id()))
                        .getFirst()
                        .outline())
                .mm2();
    }

    /** At 30 degrees over 3,420: 987 high in the middle, 2,000 from 866 on. */
    @Test
    void aVaultRisesFromBothSidesToItsRidge() {
        double tan = Math.tan(Math.toRadians(30)), rise = DEEP / 2 * tan;
        Room room = room(1500, new Room.VaultedCeiling(Sketch.CEILING, Pitch.degrees(30), 0));
        Collection<Body> bodies = new Bodies(sketch.building()).of(room.id());
        assertThat(bodies).hasSize(4);
        assertThat(bodies.stream().mapToDouble(Body::lowMm).min().orElseThrow()).isCloseTo(1500, within(1.0));
        assertThat(bodies.stream().mapToDouble(Body::highMm).max().orElseThrow())
                .as("square to the slope, so thicker upright")
                .isCloseTo(1500 + rise + 112.5 / Math.cos(Math.toRadians(30)), within(1.5));
        UnderSlopes under = under(sketch, room);
        assertThat(under.isSloped()).isTrue();
        assertThat(under.volumeMm3()).isCloseTo(WIDE * DEEP * (1500 + rise / 2), within(1e6));
        assertThat(under.mm2Over(2000)).isCloseTo(WIDE * (DEEP - 2 * 500 / tan), within(1e3));
        sketch.run(new Revise(room.under(new Room.VaultedCeiling(Sketch.CEILING, Pitch.degrees(20), Math.PI / 2))));
        double across = WIDE / 2 * Math.tan(Math.toRadians(20));
        assertThat(under(sketch, room).volumeMm3())
                .as("the ridge the other way")
                .isCloseTo(WIDE * DEEP * (1500 + across / 2), within(1e6));
    }

    /** The structure above lies at 2,500: higher the vault does not go. */
    @Test
    void aVaultEndsUnderTheStructureAbove() {
        Room room = room(2000, new Room.VaultedCeiling(Sketch.CEILING, Pitch.degrees(45), 0));
        double sides = 500 * 500 / 2.0;
        assertThat(under(sketch, room).volumeMm3()).isCloseTo(WIDE * (2500 * DEEP - 2 * sides), within(1e6));
    }

    /** At 10 degrees over 3,420 it rises by 603, from 1,500 to 2,103: 300 higher from 1,701 on. Handed, it rises the other way. */
    @Test
    void aSlopedOneRisesFromOneSideToTheOther() {
        double tan = Math.tan(Math.toRadians(10)), rise = DEEP * tan;
        Room room = room(1500, new Room.SlopedCeiling(Sketch.CEILING, Pitch.degrees(10), Math.PI / 2));
        UnderSlopes under = under(sketch, room);
        assertThat(under.volumeMm3()).isCloseTo(WIDE * DEEP * (1500 + rise / 2), within(1e6));
        assertThat(under.mm2Over(1800)).isCloseTo(WIDE * (DEEP - 300 / tan), within(1e3));
        sketch.run(new Revise(room.under(new Room.SlopedCeiling(Sketch.CEILING, Pitch.degrees(10), 0))));
        assertThat(highest(1000)).isGreaterThan(1500 + (WIDE - 300) * tan);
        sketch.run(new Hand(new Vec(3000, 0)));
        assertThat(highest(1000)).as("over the right end, where it begins now").isLessThan(1500 + 600 * tan);
        assertThatThrownBy(() -> new Room.SlopedCeiling(Sketch.CEILING, new Pitch(Pitch.Said.IN_TWELVE, 0), 0))
                .isInstanceOf(Unusable.class);
    }

    /** How high the room's ceiling lies at its right end. */
    private double highest(double y) {
        Room room = sketch.model().all(Room.class).getFirst();
        Vec end = new Vec(290 + WIDE - 200, 290 + y);
        return under(sketch, room).ceilings().stream()
                .filter(p -> p.plan().covers(end))
                .mapToDouble(p -> p.height().at(end))
                .max()
                .orElseThrow();
    }

    @Test
    void oneOfItsOwnStaysUnderTheRafters() {
        RoofedHouse house = new RoofedHouse();
        Roof roof = house.gabled();
        Building building = house.sketch.building();
        Room room = room(house.sketch, house.house.first.id(), 2900, new Room.LevelCeiling(Sketch.CEILING));
        BuiltRoof built = house.built(roof);
        assertThat(new Bodies(house.sketch.building()).of(room.id()))
                .isNotEmpty()
                .allSatisfy(b -> {
                    for (RoofShape.Face f : built.shape().faces())
                        for (Vec p : b.outline())
                            if (f.plan().grown(-1).covers(p))
                                assertThat(b.high().at(p))
                                        .isLessThanOrEqualTo(
                                                built.underRafters(f).at(p) + 0.01);
                });
        assertThat(building).isNotSameAs(house.sketch.building());
    }

    /** Strings hold to its underside; a section fills what it cuts of it: 112.5 over all the room. */
    @Test
    void itShowsInSectionsAndIsHeldTo() {
        Room room = room(2200, new Room.LevelCeiling(Sketch.CEILING));
        assertThat(Features.of(new Hold.AtLevel(room.id(), Hold.AtLevel.Of.CEILING), sketch.building()))
                .isInstanceOfSatisfying(
                        Feature.Ledge.class, l -> assertThat(l.mm()).isEqualTo(2200));
        ElementId section = sketch.section(new Vec(3000, -500), new Vec(3000, 4500), Side.RIGHT, 0);
        double filled =
                DrawingPicture.of(sketch.building(), section, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                        .picture()
                        .groups()
                        .stream()
                        .filter(g -> g.element().equals(room.id()))
                        .flatMap(g -> g.items().stream())
                        .filter(Item.Fill.class::isInstance)
                        .mapToDouble(i -> Area.of(((Item.Fill) i).ring()).mm2())
                        .sum();
        assertThat(filled).isCloseTo((DEEP + 2) * 112.5, within(300.0));
    }

    @Test
    void itsBuildUpIsInUse() {
        room(2200, new Room.LevelCeiling(Sketch.CEILING));
        assertThat(sketch.refusal(new Delete(List.of(Sketch.CEILING)))).contains("Hall");
        assertThatThrownBy(() -> new Room.VaultedCeiling(Sketch.CEILING, Pitch.degrees(0), 0))
                .isInstanceOf(Unusable.class);
    }

    /** Of two rooms named in one area the first speaks for it. */
    @Test
    void anAreaHasOneCeiling() {
        Room room = room(2200, new Room.LevelCeiling(Sketch.CEILING));
        RoomSpace space = Rooms.in(sketch.building()).of(room);
        assertThat(Rooms.in(sketch.building()).named(space)).hasSize(1);
        Room second = new Room(
                Sketch.id("z-second"),
                room.storey(),
                room.layer(),
                new Vec(1000, 1000),
                "2",
                "Nook",
                Room.Use.OTHER,
                Room.Finishes.NONE,
                new Rise.Fixed(2000),
                new Room.LevelCeiling(Sketch.CEILING),
                room.words());
        sketch.put(second);
        assertThat(new Bodies(sketch.building()).of(second.id())).isEmpty();
        assertThat(new Bodies(sketch.building()).of(room.id())).isNotEmpty();
    }
}
