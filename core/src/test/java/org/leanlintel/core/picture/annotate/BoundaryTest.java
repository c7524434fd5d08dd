package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawBoundary;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** The plot of a house of 6,000 by 4,000 from the origin: 1,500 to its left, 2,000 before it, far away otherwise. */
class BoundaryTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;
    private final List<Element> sides = sketch.run(new DrawBoundary(
                    Sketch.LAYER,
                    List.of(
                            new Vec(-1500, -2000),
                            new Vec(30_000, -2000),
                            new Vec(30_000, 30_000),
                            new Vec(-1500, 30_000)),
                    true))
            .after();

    private Picture picture(ElementId drawing) {
        return DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
    }

    private void mark() {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.BOUNDARIES))));
    }

    private static List<List<Vec>> lines(Picture picture, PenRole role) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private static List<String> words(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Text)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @Test
    void aPlotIsDrawnSideBySideInThePlanOfTheLowestStorey() {
        assertThat(sides).hasSize(4);
        assertThat(lines(picture(Sketch.PLAN), PenRole.BOUNDARY))
                .as("its lens says nothing of it")
                .isEmpty();
        mark();
        assertThat(lines(picture(Sketch.PLAN), PenRole.BOUNDARY)).hasSize(4);
        assertThat(words(picture(Sketch.PLAN))).contains("boundary");
        Drawing upper = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.PLAN && d.storey().equals(house.first.id()))
                .findFirst()
                .orElseThrow();
        assertThat(lines(picture(upper.id()), PenRole.BOUNDARY)).isEmpty();
        assertThat(sketch.refusal(new DrawBoundary(Sketch.LAYER, List.of(Vec.ORIGIN), false)))
                .isEqualTo("The side of a plot has two ends.");
    }

    /** Seen from the front the left side is met 1,500 beside the house, from the ground up past the roof's foot; the right one is too far. */
    @Test
    void anElevationShowsTheSidesThatAreNear() {
        sketch.run(new DrawElevations(Sketch.STOREY, Sketch.LENS, 50));
        Drawing front = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.subject() instanceof Drawing.Facing f && Math.abs(f.angle() + Math.PI / 2) < 0.01)
                .findFirst()
                .orElseThrow();
        Picture picture = picture(front.id());
        List<List<Vec>> upright = lines(picture, PenRole.BOUNDARY);
        assertThat(upright).hasSize(1);
        Bounds line = Bounds.of(upright.getFirst());
        assertThat(line.minX()).isCloseTo(-1500, within(0.01)).isEqualTo(line.maxX());
        assertThat(line.minY()).isLessThan(0);
        assertThat(line.maxY()).isGreaterThan(2 * 2600);
        assertThat(words(picture)).contains("boundary");
        Bounds ground = Bounds.of(lines(picture, PenRole.GROUND).getFirst());
        assertThat(ground.minX()).as("the ground reaches it").isLessThan(-1500);
    }

    @Test
    void aSectionShowsThemWhereItsCutMeetsThem() {
        ElementId across = sketch.section(new Vec(-500, 2000), new Vec(6500, 2000), Side.LEFT, 3000);
        List<List<Vec>> upright = lines(picture(across), PenRole.BOUNDARY);
        assertThat(upright).hasSize(1);
        assertThat(upright.getFirst().getFirst().x()).isCloseTo(-1000, within(0.01));
    }

    /** Stepped aside past the house, 3,000 towards the back, it runs where the slanting side lies 900 further left. */
    @Test
    void aSectionThatStepsAsideShowsThemWhereEachStretchMeetsThem() {
        sketch.run(new DrawBoundary(Sketch.LAYER, List.of(new Vec(7000, 0), new Vec(7600, 6000)), false));
        ElementId across = sketch.section(new Vec(-500, 1000), new Vec(6500, 1000), Side.LEFT, 3000);
        assertThat(places(across)).containsExactly(-1000.0, 7600.0);
        SectionLine line =
                sketch.model().get(sketch.model().get(across, Drawing.class).one(), SectionLine.class);
        sketch.run(new Revise(new SectionLine(
                line.id(),
                line.layer(),
                line.mark(),
                line.from(),
                line.to(),
                line.looking(),
                line.depthMm(),
                List.of(new SectionLine.Step(3000, 3000)))));
        assertThat(places(across)).containsExactly(-1000.0, 7900.0);
    }

    private List<Double> places(ElementId section) {
        return lines(picture(section), PenRole.BOUNDARY).stream()
                .map(l -> l.getFirst().x())
                .map(x -> Math.rint(x * 10) / 10)
                .sorted()
                .toList();
    }

    @Test
    void stringsHoldToASideUntilItGoes() {
        BoundaryLine left = sketch.model().all(BoundaryLine.class).stream()
                .filter(l -> l.from().x() == -1500 && l.to().x() == -1500)
                .findFirst()
                .orElseThrow();
        Hold hold = new Hold.OnGrid(left.id());
        assertThat(new InPlan(sketch.building(), false).of(hold)).containsExactly(left.from(), left.to());
        sketch.run(new Delete(List.of(left.id())));
        assertThat(new InPlan(sketch.building(), false).of(hold)).isEmpty();
    }
}
