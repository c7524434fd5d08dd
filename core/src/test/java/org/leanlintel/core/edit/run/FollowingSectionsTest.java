package org.leanlintel.core.edit.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/** A section from the south up, looking east: its picture begins at the north end of its line. */
class FollowingSectionsTest {

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;
    private final ElementId section = sketch.section(new Vec(3000, -500), new Vec(3000, 4500), Side.RIGHT, 20_000);
    private final Note note =
            (Note) sketch.run(new PlaceNote(section, Sketch.LAYER, new Vec(800, 6000), "Ridge", Sketch.NAMES))
                    .after()
                    .getFirst();
    private final DimensionString string = (DimensionString) sketch.run(new DrawString(
                    section,
                    Sketch.LAYER,
                    new Vec(1, 0),
                    new Vec(0, -600),
                    List.of(new Hold.AtPoint(new Vec(500, 0)), new Hold.AtPoint(new Vec(1500, 0)))))
            .after()
            .getFirst();

    private SectionLine line() {
        return sketch.model().all(SectionLine.class).getFirst();
    }

    private double noteAt() {
        return sketch.model().get(note.id(), Note.class).at().x();
    }

    private List<Hold> holds() {
        return sketch.model().get(string.id(), DimensionString.class).holds();
    }

    @Test
    void whereTheLineIsMadeLongerWhereItsPictureBeginsAllThatIsWrittenMovesOn() {
        Drawing part = sketch.model()
                .get(section, Drawing.class)
                .framed(Drawing.Part.rectangle(new Vec(0, 0), new Vec(1000, 1000)));
        Drawing detail = new Drawing(
                Sketch.id("detail"),
                "Eaves",
                Drawing.Kind.SECTION,
                part.storey(),
                part.lens(),
                10,
                "",
                part.subject(),
                part.order() + 1,
                part.frame(),
                List.of());
        Sheet sheet = new Sheet(
                Sketch.id("sheet"),
                "A-1",
                "Section",
                "",
                new Paper(PaperSize.A3, true),
                List.of(new Sheet.Placed(section, new Vec(2000, 0), new Vec(100, 100))));
        sketch.put(detail, sheet);
        SectionLine line = line();
        sketch.run(new Revise(line.through(line.from(), line.to().plus(new Vec(0, 700)), line.looking())));
        assertThat(noteAt()).isCloseTo(1500, within(1e-6));
        assertThat(holds()).containsExactly(new Hold.AtPoint(new Vec(1200, 0)), new Hold.AtPoint(new Vec(2200, 0)));
        Drawing.Part there =
                (Drawing.Part) sketch.model().get(detail.id(), Drawing.class).frame();
        assertThat(Bounds.of(there.ring())).isEqualTo(new Bounds(700, 0, 1700, 1000));
        assertThat(sketch.model()
                        .get(sheet.id(), Sheet.class)
                        .drawings()
                        .getFirst()
                        .anchor())
                .isEqualTo(new Vec(2700, 0));
    }

    @Test
    void aLineThatIsMovedAsideOrMadeLongerAtItsOtherEndLeavesThemAlone() {
        SectionLine line = line();
        sketch.run(new Revise(line.through(line.from().plus(new Vec(0, -700)), line.to(), line.looking())));
        assertThat(noteAt()).isEqualTo(800);
        sketch.run(new Move(List.of(line.id()), new Vec(400, 300)));
        assertThat(noteAt()).isCloseTo(1100, within(1e-6));
        Model before = sketch.model();
        sketch.run(new Move(List.of(line.id()), new Vec(-400, 0)));
        assertThat(sketch.model().get(note.id(), Note.class)).isEqualTo(before.get(note.id(), Note.class));
    }

    /** With the house its line moves, and nothing in the picture. */
    @Test
    void movedWithTheHouseNothingMovesInThePicture() {
        List<ElementId> all = new ArrayList<>(
                sketch.model().all(Wall.class).stream().map(Wall::id).toList());
        all.add(line().id());
        sketch.run(new Move(all, new Vec(0, 1000)));
        assertThat(noteAt()).isEqualTo(800);
    }
}
