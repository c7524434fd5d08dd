package org.leanlintel.core.edit.carry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A house of two storeys that was measured 17 degrees askew, with an elevation, a section, a string, a note and a sheet. */
class LaySquareTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final double ASKEW = Math.toRadians(17);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;
    private final Wall front = house.shell.get(3);
    private final Rigid askew = Rigid.turn(new Vec(3000, 2000), ASKEW);
    private final ElementId section;

    LaySquareTest() {
        sketch.run(new Turn(
                sketch.model().all(Wall.class).stream()
                        .filter(w -> w.storey().equals(Sketch.STOREY))
                        .map(Wall::id)
                        .toList(),
                new Vec(3000, 2000),
                ASKEW,
                false));
        sketch.run(new Turn(house.above.stream().map(Wall::id).toList(), new Vec(3000, 2000), ASKEW, false));
        sketch.run(new DrawElevations(Sketch.STOREY, Sketch.LENS, 50));
        sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, askew.point(new Vec(3000, 2000)), "Hall", Sketch.NAMES));
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                askew.direction(new Vec(1, 0)),
                askew.point(new Vec(0, -1000)),
                List.of(
                        new Hold.OnFace(house.shell.get(0).id(), 0),
                        new Hold.OnFace(house.shell.get(2).id(), 0))));
        sketch.run(new AddSheet(
                "A-1",
                "Plan",
                PaperSize.A2,
                List.of(new Sheet.Placed(Sketch.PLAN, new Vec(3000, 2000), new Vec(200, 200)))));
        section = sketch.section(askew.point(new Vec(-500, 2000)), askew.point(new Vec(6500, 2000)), Side.LEFT, 3000);
    }

    private Picture picture(ElementId drawing) {
        return DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
    }

    private static List<List<Vec>> lines(Picture picture) {
        return picture.groups().stream()
                .map(Group::items)
                .flatMap(List::stream)
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private static double lengthMm(List<List<Vec>> lines) {
        double length = 0;
        for (List<Vec> l : lines)
            for (int i = 1; i < l.size(); i++) length += l.get(i - 1).distanceTo(l.get(i));
        return length;
    }

    private static Bounds round(List<List<Vec>> lines) {
        return Bounds.of(lines.stream().flatMap(List::stream).toList());
    }

    @Test
    void allOfItTurnsAndNorthStaysTrue() {
        double north = Site.of(sketch.model()).north();
        sketch.run(new LaySquare(front.id()));
        Bounds walls = sketch.model().all(Wall.class).stream()
                .map(w -> sketch.building().solid(w.id()).bounds())
                .reduce(Bounds::with)
                .orElseThrow();
        assertThat(walls.width()).isCloseTo(6000, within(0.01));
        assertThat(walls.height()).isCloseTo(4000, within(0.01));
        assertThat(Site.of(sketch.model()).north()).isCloseTo(north - ASKEW, within(1e-9));
        DimensionString string = sketch.model().all(DimensionString.class).getFirst();
        assertThat(Math.abs(string.direction().x())).isCloseTo(1, within(1e-9));
        Note note = sketch.model().all(Note.class).getFirst();
        assertThat(note.at().distanceTo(walls.centre())).isLessThan(0.01);
        Sheet.Placed placed =
                sketch.model().all(Sheet.class).getFirst().drawings().getFirst();
        assertThat(placed.anchor().distanceTo(walls.centre())).isLessThan(0.01);
        assertThat(sketch.refusal(new LaySquare(front.id()))).contains("square").contains("already");
    }

    /** As much ink within the same sides; an edge that lies on the outline of what is cut may be drawn or not. */
    @Test
    void sectionsAndElevationsShowWhatTheyDid() {
        List<ElementId> upright = new ArrayList<>(List.of(section));
        for (Drawing d : sketch.model().all(Drawing.class)) if (d.kind() == Drawing.Kind.ELEVATION) upright.add(d.id());
        List<List<List<Vec>>> before =
                upright.stream().map(d -> lines(picture(d))).toList();
        sketch.run(new LaySquare(front.id()));
        for (int i = 0; i < before.size(); i++) {
            List<List<Vec>> was = before.get(i), is = lines(picture(upright.get(i)));
            if (i > 0) assertThat(lengthMm(is)).isCloseTo(lengthMm(was), withinPercentage(0.01));
            assertThat(round(is).centre().distanceTo(round(was).centre())).isLessThan(0.05);
            assertThat(round(is).width()).isCloseTo(round(was).width(), within(0.05));
        }
    }

    /** Turned and turned back, corners lie a trifle beside where they lay: on either side of a line between two cells of walls. */
    @Test
    void wallsThatMeetStillCloseRoundOneShell() {
        for (int degrees = 1; degrees < 45; degrees++) {
            Sketch other = new Sketch();
            List<Wall> shell = other.shell(12_000, 8_000);
            other.across(shell, 4_000);
            other.across(shell, 8_850);
            List<ElementId> all =
                    other.model().all(Wall.class).stream().map(Wall::id).toList();
            other.run(new Move(all, new Vec(1000, 0)));
            other.run(new Turn(all, Vec.ORIGIN, Math.toRadians(degrees), false));
            other.run(new LaySquare(shell.get(3).id()));
            FloorAreas.Shell round = FloorAreas.shellRound(other.building(), Sketch.STOREY, new Vec(3000, 4000));
            assertThat(round).as("turned by %d degrees", degrees).isNotNull();
            assertThat(round.outer().mm2()).as("turned by %d degrees", degrees).isCloseTo(96e6, within(100.0));
        }
    }
}
