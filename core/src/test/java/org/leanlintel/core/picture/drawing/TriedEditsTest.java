package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawBoundary;
import org.leanlintel.core.edit.note.DrawCloud;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.PlaceSpotLevel;
import org.leanlintel.core.edit.wall.DrawConstructionLine;
import org.leanlintel.core.edit.wall.DrawRectangle;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** What is tried on one model and not made leaves no trace, though the next thing that is tried there has the same name. */
class TriedEditsTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    private static List<Edit> edits(Sketch sketch, Vec at) {
        Vec low = new Vec(1500, 1500), high = new Vec(4500, 3500), across = new Vec(4500, 1500);
        List<Vec> ring = List.of(low, across, high);
        return List.of(
                new PlacePost(Sketch.STOREY, Sketch.LAYER, at, 0, 140, new WallPiece.Solid(Sketch.id("stud"), 140)),
                new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        low,
                        List.of(new Hold.AtPoint(low), new Hold.AtPoint(across))),
                new NameRoom(Sketch.STOREY, Sketch.LAYER, low, "1", "Hall", Room.Use.HALL, Room.Finishes.NONE),
                new DrawVoid(Sketch.STOREY, Sketch.LAYER, ring),
                new DrawRoomLimit(Sketch.STOREY, Sketch.LAYER, new Vec(3000, 0), new Vec(3000, 5000)),
                new DrawConstructionLine(Sketch.STOREY, Sketch.LAYER, low, high, false),
                new PlaceSpotLevel(Sketch.LAYER, low, -100, -150),
                new DrawBoundary(Sketch.LAYER, ring, true),
                new DrawCloud(Sketch.PLAN, Sketch.LAYER, ring, "1"),
                new PlaceSign(Sketch.PLAN, Sketch.LAYER, low, Sign.Says.NORTH),
                new DrawRectangle(sketch.newWall(Sketch.PARTITION), low, high, 0, DrawRectangle.Sizes.OUTSIDE));
    }

    @Test
    void whatIsTriedNextIsDrawnAsIfItWereTheFirst() {
        sketch.shell(6000, 5000);
        edits(sketch, new Vec(5000, 4000)).subList(0, 3).forEach(sketch::run);
        drawn(sketch.building());
        sketch.run(new PlaceSign(Sketch.PLAN, Sketch.LAYER, new Vec(2000, 2500), Sign.Says.NORTH));
        drawn(sketch.building());
        for (Edit first : edits(sketch, new Vec(1500, 1500)))
            for (Edit next : edits(sketch, new Vec(1500, 1500))) {
                Building now = sketch.building();
                drawn(Editing.run(first, now).after());
                Building then = Editing.run(next, now).after();
                assertThat(drawn(then))
                        .as("%s after %s was tried", next, first)
                        .isEqualTo(drawn(Building.of(then.model())));
            }
    }

    private static Picture drawn(Building building) {
        return DrawingPicture.of(building, Sketch.PLAN, LETTERS).picture();
    }
}
