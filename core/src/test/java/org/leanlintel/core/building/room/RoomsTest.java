package org.leanlintel.core.building.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.room.NumberRooms;
import org.leanlintel.core.edit.room.RoomNews;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/**
 * Rooms in a shell of 290 mm, 8,000 by 6,000 outside, parted by a partition of 114 mm with its middle at x = 4,000: two
 * rooms of 4,000 - 290 - 57 = 3,653 by 6,000 - 580 = 5,420.
 */
class RoomsTest {

    private static final double HALF = 3653 * 5420;
    private static final Vec IN_WEST = new Vec(1500, 3000), IN_EAST = new Vec(6500, 3000);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(8000, 6000);
    private final Wall partition = sketch.across(shell, 4000);

    private RoomSpace at(Vec point) {
        return Rooms.in(sketch.building()).at(Sketch.STOREY, point);
    }

    private RoomWalls walls(Vec point) {
        return at(point).walls(sketch.building());
    }

    private Room named(Vec at, String name) {
        Change change = sketch.run(
                new NameRoom(Sketch.STOREY, Sketch.LAYER, at, "", name, Room.Use.LIVING, Room.Finishes.NONE));
        return (Room) change.after().getFirst();
    }

    private String labelled(Vec at) {
        return Rooms.in(sketch.building())
                .named(Sketch.STOREY)
                .get(at(at))
                .getFirst()
                .name();
    }

    @Test
    void areasAreClearBetweenFinishedFaces() {
        assertThat(Rooms.in(sketch.building()).of(Sketch.STOREY)).hasSize(2);
        assertThat(at(IN_WEST).net().mm2()).isCloseTo(HALF, within(1.0));
        assertThat(at(IN_EAST).net().mm2()).isCloseTo(HALF, within(1.0));
        assertThat(at(IN_WEST).perimeterMm()).isCloseTo(2 * (3653 + 5420), within(1e-3));
        assertThat(at(new Vec(4000, 3000))).as("in the partition").isNull();
        assertThat(at(new Vec(-500, 0))).as("outside").isNull();
    }

    /** The partition's lining of 12.5 is not structure; the shell has none: 3,665.5 by 5,420. */
    @Test
    void areasAndSizesCanGoToStructureOrToTheMiddleOfIt() {
        assertThat(walls(IN_WEST).toStructure().mm2()).isCloseTo(3665.5 * 5420, within(1.0));
        assertThat(at(IN_WEST).size()).isEqualTo(new RoomSpace.Size(3653, 5420));
        RoomSpace.Size structure = walls(IN_WEST).size(Gap.Faces.STRUCTURE);
        assertThat(structure.widthMm()).isCloseTo(3665.5, within(1e-3));
        RoomSpace.Size middle = walls(IN_WEST).size(Gap.Faces.MIDDLE);
        assertThat(middle.widthMm()).as("from 290 - 70 to 4,000").isCloseTo(3780, within(1e-3));
        assertThat(middle.depthMm()).as("5,420 and 70 at either end").isCloseTo(5560, within(1e-3));
    }

    @Test
    void anOpenWayClosesARoomAsAWallDoes() {
        sketch.run(new PlaceOpening(
                partition.id(),
                Sketch.LAYER,
                Placing.from(End.START, 1000),
                3000,
                2400,
                0,
                new Opening.OpenWay(false)));
        assertThat(at(IN_WEST).net().mm2()).isCloseTo(HALF, within(1.0));
    }

    /** A limit at y = 2,000 leaves 3,653 by 1,710 below it. */
    @Test
    void aRoomLimitPartsARoom() {
        sketch.run(new DrawRoomLimit(Sketch.STOREY, Sketch.LAYER, new Vec(300, 2000), new Vec(3900, 2000)));
        assertThat(Rooms.in(sketch.building()).of(Sketch.STOREY)).hasSize(3);
        assertThat(at(new Vec(1500, 1000)).net().mm2()).isCloseTo(3653 * 1710, within(1.0));
        assertThat(walls(new Vec(1500, 1000)).toStructure().mm2()).isCloseTo(3665.5 * 1710, within(1.0));
        assertThat(at(IN_EAST).net().mm2()).isCloseTo(HALF, within(1.0));
    }

    /** A free wall of 114 by 1,500 and a post of 140 by 140; a pier of 400 by 200. */
    @Test
    void whatStandsOnTheFloorIsTakenOut() {
        sketch.partition(Sketch.PARTITION, new Vec(1000, 3000), null, new Vec(2500, 3000), null);
        assertThat(at(new Vec(1500, 2000)).net().mm2()).isCloseTo(HALF - 114 * 1500, within(1.0));
        WallPiece.Solid stud = new WallPiece.Solid(Sketch.id("stud"), 140);
        sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(6000, 4000), 0, 140, stud));
        assertThat(at(IN_EAST).net().mm2()).isCloseTo(HALF - 140 * 140, within(1.0));
        assertThat(at(IN_EAST).net().holesMm2()).isCloseTo(140 * 140, within(1.0));
        sketch.run(new PlacePiece(
                shell.get(2).id(),
                Sketch.LAYER,
                Side.RIGHT,
                new WallPiece.Part(Placing.from(End.START, 2000), 400),
                0,
                2500,
                new WallPiece.Solid(Sketch.id("brick"), 200)));
        assertThat(at(IN_EAST).net().mm2()).isCloseTo(HALF - 140 * 140 - 400 * 200, within(1.0));
    }

    /** A wall of 1,000 mm is under the cut at 1,200: it takes floor and parts nothing. */
    @Test
    void aLowWallPartsNothing() {
        Wall now = sketch.wall(partition);
        sketch.run(new Revise(now.rising(new Rise(new Rise.OnFloor(), new Rise.Fixed(1000)))));
        assertThat(at(IN_WEST)).isSameAs(at(IN_EAST)).isNotNull();
        assertThat(at(IN_WEST).net().mm2() + 0).isBetween(HALF, 2 * HALF + 1);
    }

    @Test
    void aRoomKeepsItsNameWhenItsWallMovesPastItsSeed() {
        Room west = named(new Vec(3600, 3000), "West");
        named(IN_EAST, "East");
        assertThat(west.number()).isEqualTo("0.01");
        sketch.run(new Move(List.of(partition.id()), new Vec(-1000, 0)));
        assertThat(labelled(new Vec(1000, 1000))).isEqualTo("West");
        assertThat(labelled(new Vec(3600, 3000))).isEqualTo("East");
        assertThat(at(new Vec(1000, 1000)).net().mm2()).isCloseTo(2653 * 5420, within(1.0));
        RoomSpace east = at(IN_EAST);
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        assertThat(at(IN_EAST)).as("what is not touched stays the same object").isSameAs(east);
    }

    /** By half the width of the house, so that what was West lies where East was: each goes along, with a label that was put by hand. */
    @Test
    void roomsGoWithTheirWalls() {
        Room west = named(IN_WEST, "West"), east = named(IN_EAST, "East");
        sketch.run(new Revise(west.worded(west.words().put(new Vec(900, 900)))));
        for (Vec by : List.of(new Vec(-3600, 0), new Vec(60_000, 20_000))) {
            double was =
                    at(sketch.model().get(west.id(), Room.class).seed()).net().mm2();
            Vec label = sketch.model().get(west.id(), Room.class).words().in(Sketch.PLAN);
            List<ElementId> walls =
                    sketch.model().all(Wall.class).stream().map(Wall::id).toList();
            sketch.run(new Move(walls, by));
            for (Room room : List.of(west, east)) {
                Room now = sketch.model().get(room.id(), Room.class);
                assertThat(labelled(now.seed())).isEqualTo(room.name());
            }
            Room now = sketch.model().get(west.id(), Room.class);
            assertThat(at(now.seed()).net().mm2()).isCloseTo(was, within(1.0));
            assertThat(now.words().in(Sketch.PLAN).minus(label).distanceTo(by)).isLessThan(0.1);
        }
        assertThat(sketch.model()
                        .get(west.id(), Room.class)
                        .seed()
                        .distanceTo(west.seed().plus(new Vec(56_400, 20_000))))
                .isLessThan(0.1);
    }

    @Test
    void roomsThatJoinOrPartSaySo() {
        named(IN_WEST, "West");
        named(IN_EAST, "East");
        Building before = sketch.building();
        sketch.run(new Delete(List.of(partition.id())));
        assertThat(RoomNews.between(before, sketch.building()))
                .containsExactly("West and East are one area now; its label says West.");
        Building joined = sketch.building();
        sketch.across(shell, 5000);
        assertThat(RoomNews.between(joined, sketch.building())).isEmpty();
        assertThat(labelled(IN_WEST)).as("each has its own again").isEqualTo("West");
        assertThat(labelled(IN_EAST)).isEqualTo("East");
        Building parted = sketch.building();
        sketch.run(new DrawRoomLimit(Sketch.STOREY, Sketch.LAYER, new Vec(300, 5000), new Vec(4900, 5000)));
        assertThat(RoomNews.between(parted, sketch.building()))
                .containsExactly("West was parted: 3.30 m\u00B2 of it have no name yet.");
        Building closed = sketch.building();
        sketch.run(new Delete(List.of(shell.get(2).id())));
        assertThat(RoomNews.between(closed, sketch.building())).containsExactly("Nothing closes round East any more.");
    }

    @Test
    void anAreaIsNamedOnceAndOnlyWhereItIsClosed() {
        named(IN_WEST, "West");
        assertThat(sketch.refusal(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(2000, 1000),
                        "",
                        "Other",
                        Room.Use.OTHER,
                        Room.Finishes.NONE)))
                .isEqualTo("This is West already.");
        assertThat(sketch.refusal(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(-2000, 0),
                        "",
                        "Other",
                        Room.Use.OTHER,
                        Room.Finishes.NONE)))
                .startsWith("Nothing closes round this place.");
    }

    /** The entrance is in the south wall of the east room: halls first, then clockwise from there. */
    @Test
    void roomsAreNumberedClockwiseFromTheEntranceHallsFirst() {
        sketch.door(shell.get(3), 1000, 900);
        named(IN_EAST, "East");
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        Room east = Rooms.in(sketch.building())
                .named(Sketch.STOREY)
                .get(at(IN_EAST))
                .getFirst();
        Room west = Rooms.in(sketch.building())
                .named(Sketch.STOREY)
                .get(at(IN_WEST))
                .getFirst();
        assertThat(west.name()).isEqualTo("Room");
        assertThat(List.of(west.number(), east.number())).containsExactlyInAnyOrder("0.01", "0.02");
        sketch.run(new Revise(new Room(
                east.id(),
                east.storey(),
                east.layer(),
                east.seed(),
                "9",
                "Hall",
                Room.Use.HALL,
                east.finishes(),
                east.ceiling(),
                east.words())));
        sketch.run(new NumberRooms(Sketch.STOREY, Sketch.LAYER));
        assertThat(Rooms.in(sketch.building())
                        .named(Sketch.STOREY)
                        .get(at(IN_EAST))
                        .getFirst()
                        .number())
                .isEqualTo("0.01");
    }

    /** 8,000 by 6,000 outside is the rooms and the walls together. */
    @Test
    void roomsAndWallsMakeUpTheOutline() {
        assertThat(Rooms.in(sketch.building()).outline(Sketch.STOREY).mm2()).isCloseTo(8000.0 * 6000, within(1.0));
    }
}
