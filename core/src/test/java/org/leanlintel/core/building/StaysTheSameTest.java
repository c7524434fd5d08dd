package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;

/** What an edit does not change is the same afterwards, so that nothing which follows from it is worked out again. */
class StaysTheSameTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(12000, 6000);
    private final Wall west = partition(4000), east = partition(8000);

    private Wall partition(double x) {
        return sketch.partition(Sketch.PARTITION, new Vec(x, 0), shell.get(3), new Vec(x, 6000), shell.get(1));
    }

    /** The walls a partition stands on change where it lands; those round the corner from them do not. */
    @Test
    void aWallIsTheSameWhereOnlyTheFarEndOfAnotherMoves() {
        Building before = sketch.building();
        sketch.run(new Move(List.of(east.id()), new Vec(100, 0)));
        Building after = sketch.building();
        assertThat(after.solid(west.id())).isSameAs(before.solid(west.id()));
        assertThat(after.solid(east.id())).isNotEqualTo(before.solid(east.id()));
        assertThat(after.fitted()).contains(east.id()).doesNotContain(west.id());
    }

    @Test
    void aRoomIsTheSameWhereWallsChangeBesideOthers() {
        sketch.run(new NameRoom(
                Sketch.STOREY, Sketch.LAYER, new Vec(2000, 3000), "1", "Study", Room.Use.OTHER, Room.Finishes.NONE));
        Room study = sketch.model().all(Room.class).getFirst();
        Building before = sketch.building();
        sketch.run(new Move(List.of(east.id()), new Vec(100, 0)));
        assertThat(Rooms.in(sketch.building()).of(study))
                .isSameAs(Rooms.in(before).of(study));
        sketch.run(new Move(List.of(west.id()), new Vec(100, 0)));
        assertThat(Rooms.in(sketch.building()).of(study))
                .isNotEqualTo(Rooms.in(before).of(study));
    }
}
