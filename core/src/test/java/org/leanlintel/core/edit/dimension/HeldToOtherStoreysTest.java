package org.leanlintel.core.edit.dimension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A string on the plan of the lower storey, from its west front to a wall that stands on the one above. */
class HeldToOtherStoreysTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private Wall east;
    private DimensionString string;

    @BeforeEach
    void drawn() {
        sketch.storeyAbove();
        east = sketch.model().all(Wall.class).stream()
                .filter(w -> !w.storey().equals(Sketch.STOREY))
                .filter(w -> at(new Hold.OnFace(w.id(), 0)) > 7000)
                .findFirst()
                .orElseThrow();
        string = (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        new Vec(3000, -900),
                        List.of(outer(shell.get(0)), outer(east))))
                .after()
                .getFirst();
    }

    private static Hold outer(Wall wall) {
        return new Hold.OnFace(wall.id(), 0);
    }

    /** How far east the middle of a face lies, where it runs north. */
    private double at(Hold face) {
        List<Vec> line = HeldPoints.line(face, Sketch.PLAN, sketch.building());
        return Math.min(line.getFirst().x(), line.getLast().x());
    }

    private double length() {
        List<HeldPoints.Held> points =
                HeldPoints.along(sketch.model().get(string.id(), DimensionString.class), sketch.building());
        return points.getLast().position() - points.getFirst().position();
    }

    @Test
    void itFollowsTheWallAbove() {
        assertThat(length()).isCloseTo(7200, within(1e-6));
        sketch.run(new Move(List.of(east.id()), new Vec(350, 0)));
        assertThat(length()).isCloseTo(7550, within(1e-6));
    }

    /** The plan of the lower storey answers a change of the upper one, as one that is drawn from nothing does. */
    @Test
    void thePlanIsAsOneFromNothingAndUndoLeadsBack() {
        Picture before = picture(sketch.building());
        Change moved = sketch.run(new Move(List.of(east.id()), new Vec(350, 0)));
        Picture after = picture(sketch.building());
        assertThat(after).isNotEqualTo(before).isEqualTo(picture(Building.of(sketch.model())));
        sketch.apply(moved.inverse());
        assertThat(picture(sketch.building())).isEqualTo(before);
    }

    private static Picture picture(Building building) {
        return DrawingPicture.of(building, Sketch.PLAN, LETTERS).picture();
    }

    /** Where the wall above stands over one below, its figure tells where that is; moved away it tells nothing of it. */
    @Test
    void whatStandsUnderItIsFoundByIt() {
        int before = lost().size();
        sketch.run(new Move(List.of(east.id()), new Vec(350, 0)));
        assertThat(lost()).hasSize(before + 1);
    }

    private List<String> lost() {
        return sketch.building().get(new SetOutCheck.Of(Sketch.PLAN)).lost().stream()
                .map(SetOutReport.Line::words)
                .toList();
    }

    @Test
    void itKeepsItsPlaceWhenThatStoreyGoes() {
        Hold inner = new Hold.OnFace(shell.get(3).id(), 0);
        Dimension angle = (Dimension) sketch.run(new DrawDimension(
                        Sketch.PLAN, Sketch.LAYER, new Dimension.Angle(outer(east), inner), new Vec(6500, 500)))
                .after()
                .getFirst();
        sketch.run(new Delete(List.of(east.storey())));
        assertThat(sketch.model().find(angle.id()))
                .as("an angle goes with its line")
                .isNull();
        DimensionString left = sketch.model().get(string.id(), DimensionString.class);
        assertThat(left.holds().getFirst()).isEqualTo(outer(shell.get(0)));
        assertThat(left.holds().getLast()).isInstanceOf(Hold.Lost.class);
        assertThat(length()).isCloseTo(7200, within(1e-6));
    }
}
