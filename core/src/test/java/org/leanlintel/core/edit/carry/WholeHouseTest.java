package org.leanlintel.core.edit.carry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawBoundary;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/** A house of 9,000 by 4,800 handed and moved: what is written beside it, in drawings of every kind, stays beside it. */
class WholeHouseTest {

    private static final double WIDE = 9000, DEEP = 4800;

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(WIDE, DEEP);
    private final ElementId section = sketch.section(new Vec(1000, 2000), new Vec(8000, 2000), Side.LEFT, 9000);

    @BeforeEach
    void draw() {
        sketch.run(new DrawElevations(Sketch.STOREY, Sketch.LENS, 100));
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        sketch.run(new Revise(line.stepping(List.of(new SectionLine.Step(3000, 700)))));
        sketch.run(new PlaceNote(section, Sketch.LAYER, new Vec(500, 1000), "Section", Sketch.NAMES));
        for (Drawing d : elevations()) {
            double middle = middle(d);
            sketch.run(new PlaceNote(d.id(), Sketch.LAYER, new Vec(middle + 1500, 1000), d.name(), Sketch.NAMES));
        }
    }

    private List<Drawing> elevations() {
        return sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.ELEVATION)
                .toList();
    }

    /** Of the house, in the picture of an elevation. */
    private double middle(Drawing elevation) {
        double x = shell.stream().mapToDouble(w -> at(w).x()).average().orElseThrow();
        double y = shell.stream().mapToDouble(w -> at(w).y()).average().orElseThrow();
        return new Vec(x, y).dot(SectionFrame.of(elevation, sketch.model()).right());
    }

    private Vec at(Wall wall) {
        return sketch.building().strip(wall.id()).axis().start();
    }

    private Note note(ElementId drawing) {
        return (Note)
                sketch.model().relations().annotationsOf(drawing).iterator().next();
    }

    @Test
    void whatIsWrittenInElevationsIsHandedWithTheirSides() {
        List<Drawing> before = elevations();
        sketch.run(new Hand(new Vec(3000, 0)));
        for (Drawing d : elevations())
            assertThat(note(d.id()).at().x() - middle(d)).as(d.name()).isCloseTo(-1500, within(0.1));
        assertThat(elevations())
                .extracting(Drawing::name)
                .containsExactlyInAnyOrderElementsOf(
                        before.stream().map(Drawing::name).toList());
        Drawing east = named("East elevation");
        assertThat(note(east.id()).text()).as("of the side it was written on").isEqualTo("West elevation");
        assertThat(SectionFrame.of(east, sketch.model()).right().y())
                .as("seen from the east")
                .isCloseTo(1, within(1e-9));
    }

    private Drawing named(String name) {
        return elevations().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** A line of 7,000 that steps aside after 3,000, looked at from its other side. */
    @Test
    void aSteppedSectionIsHanded() {
        sketch.run(new Hand(new Vec(4500, 0)));
        SectionLine line = sketch.model().all(SectionLine.class).getFirst();
        assertThat(line.path())
                .usingRecursiveComparison()
                .isEqualTo(List.of(new Vec(8000, 2000), new Vec(5000, 2000), new Vec(5000, 2700), new Vec(1000, 2700)));
        assertThat(note(section).at().x()).isCloseTo(6500, within(0.1));
    }

    /** The boundary stays; on its sheet the house stands where it stood, in every drawing. */
    @Test
    void aHouseIsMovedOnItsPlot() {
        sketch.run(new DrawBoundary(Sketch.LAYER, List.of(new Vec(-5000, -5000), new Vec(15_000, -5000)), false));
        List<BoundaryLine> plot = sketch.model().all(BoundaryLine.class);
        List<Drawing> drawn = new ArrayList<>(elevations());
        drawn.add(sketch.model().get(Sketch.PLAN, Drawing.class));
        sketch.put(new Sheet(
                Sketch.id("sheet"),
                "A-1",
                "All",
                "",
                new Paper(PaperSize.A1, true),
                drawn.stream()
                        .map(d -> new Sheet.Placed(d.id(), Vec.ORIGIN, new Vec(200, 200)))
                        .toList()));
        Vec by = new Vec(2500, -700);
        sketch.run(new MoveHouse(by));
        assertThat(at(shell.get(0)).distanceTo(by)).isLessThan(0.1);
        assertThat(sketch.model().all(BoundaryLine.class)).isEqualTo(plot);
        assertThat(sketch.model().all(SectionLine.class).getFirst().from()).isEqualTo(new Vec(3500, 1300));
        assertThat(note(section).at().x()).isCloseTo(500, within(0.1));
        for (Drawing d : elevations())
            assertThat(note(d.id()).at().x() - middle(d)).as(d.name()).isCloseTo(1500, within(0.1));
        for (Sheet.Placed p : sketch.model().all(Sheet.class).getFirst().drawings()) {
            Drawing d = sketch.model().get(p.drawing(), Drawing.class);
            Vec moved = d.kind() == Drawing.Kind.PLAN
                    ? by
                    : new Vec(by.dot(SectionFrame.of(d, sketch.model()).right()), 0);
            assertThat(p.onSheet(moved, d.scale()).distanceTo(new Vec(200, 200)))
                    .as(d.name())
                    .isLessThan(0.1);
        }
        assertThat(new Sketch().refusal(new MoveHouse(by))).isEqualTo("There is no house yet.");
    }
}
