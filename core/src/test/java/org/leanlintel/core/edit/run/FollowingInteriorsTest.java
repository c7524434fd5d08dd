package org.leanlintel.core.edit.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.carry.LaySquare;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawInterior;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;

/** What is written on the walls of a room of 3,420 by 2,420, in the picture that has them side by side from the top of the plan on. */
class FollowingInteriorsTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(4000, 3000);
    private final Room room = (Room) sketch.run(new NameRoom(
                    Sketch.STOREY,
                    Sketch.LAYER,
                    new Vec(2000, 1500),
                    "",
                    "Bath",
                    Room.Use.BATHROOM,
                    Room.Finishes.NONE))
            .after()
            .getFirst();
    private final ElementId drawing = drawn();
    /** 500 from the left end of the second wall, the right one, and 400 from that of the fourth. */
    private final Note right = note(view(1).leftMm() + 500), left = note(view(3).leftMm() + 400);

    private final DimensionString up = (DimensionString) sketch.run(new DrawString(
                    drawing,
                    Sketch.LAYER,
                    new Vec(0, 1),
                    new Vec(view(1).leftMm() + 300, 0),
                    List.of(
                            new Hold.AtPoint(new Vec(view(1).leftMm() + 300, 0)),
                            new Hold.AtPoint(new Vec(view(1).leftMm() + 300, 2000)))))
            .after()
            .getFirst();

    private ElementId drawn() {
        sketch.run(new DrawInterior(room.id(), Sketch.LENS, 20));
        return sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.INTERIOR)
                .findFirst()
                .orElseThrow()
                .id();
    }

    private Unrolled.View view(int number) {
        return sketch.building().get(new Unrolled.Of(room.id())).views().get(number);
    }

    private Note note(double x) {
        return (Note) sketch.run(new PlaceNote(drawing, Sketch.LAYER, new Vec(x, 1200), "Tiles", Sketch.NAMES))
                .after()
                .getFirst();
    }

    private double at(Note note) {
        return sketch.model().get(note.id(), Note.class).at().x();
    }

    /** The wall at the top is 600 longer, so that the right one begins 600 later in the picture; the bottom one is, too. */
    @Test
    void itStaysOnItsWallWhenOneBeforeItBecomesLonger() {
        Wall east = shell.get(2);
        assertThat(sketch.building().strip(east.id()).axis().start().x()).isCloseTo(4000, within(1.0));
        sketch.run(new Move(List.of(east.id()), new Vec(600, 0)));
        assertThat(at(right) - view(1).leftMm()).isCloseTo(500, within(0.1));
        assertThat(at(left) - view(3).leftMm()).isCloseTo(400, within(0.1));
        DimensionString now = sketch.model().get(up.id(), DimensionString.class);
        assertThat(now.at().x() - view(1).leftMm()).isCloseTo(300, within(0.1));
        assertThat(((Hold.AtPoint) now.holds().getFirst()).at().x() - view(1).leftMm())
                .isCloseTo(300, within(0.1));
    }

    /** The right wall is seen from its upper end on: drawn out upwards, what is on it stays where it is in the house. */
    @Test
    void itStaysWhereItIsInTheHouseWhenItsWallBecomesLongerBeforeIt() {
        sketch.run(new Move(List.of(shell.get(1).id()), new Vec(0, 500)));
        assertThat(at(right) - view(1).leftMm()).isCloseTo(1000, within(0.1));
        assertThat(at(left) - view(3).leftMm()).as("from its lower end").isCloseTo(400, within(0.1));
    }

    /** What was on the right wall is on the left one, as far from the corner with the top one as it was. */
    @Test
    void itIsHandedWithItsWall() {
        double length = view(1).lengthMm();
        sketch.run(new Hand(new Vec(2000, 0)));
        Note now = sketch.model().get(right.id(), Note.class);
        double shift = now.at().x() - view(3).leftMm();
        assertThat(shift).as("its end, not its beginning").isCloseTo(length - 500, within(0.1));
        DimensionString string = sketch.model().get(up.id(), DimensionString.class);
        assertThat(string.at().x() - view(3).leftMm()).isCloseTo(length - 300, within(0.1));
        sketch.run(new Hand(new Vec(2000, 0)));
        assertThat(at(right)).isCloseTo(right.at().x(), within(0.1));
        assertThat(at(left)).isCloseTo(left.at().x(), within(0.1));
    }

    /** By 30 degrees: the walls come in the order they came in, or begin with another; each keeps what is on it. */
    @Test
    void itGoesWithItsWallWhenTheHouseIsLaidSquare() {
        for (double radians : List.of(Math.toRadians(30), Math.toRadians(-40))) {
            List<ElementId> house = new ArrayList<>(shell.stream().map(Wall::id).toList());
            house.add(room.id());
            sketch.run(new Turn(house, Vec.ORIGIN, radians, false));
            int there = (view(0).frame().right().x() > Math.cos(Math.toRadians(46)) ? 1 : 0);
            assertThat(view(there).lengthMm()).isCloseTo(2420, within(0.5));
            assertThat(at(right) - view(there).leftMm()).isCloseTo(500, within(0.5));
            sketch.run(new LaySquare(shell.get(0).id()));
            assertThat(at(right) - view(1).leftMm()).isCloseTo(500, within(0.5));
            assertThat(at(left) - view(3).leftMm()).isCloseTo(400, within(0.5));
        }
    }

    @Test
    void whereNothingClosesRoundItAllStays() {
        sketch.run(new Delete(List.of(shell.get(1).id())));
        assertThat(sketch.model().all(Note.class)).contains(right, left);
    }
}
