package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.wall.DrawConstructionLine;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Undrawn;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.plan.LabelFindings;
import org.leanlintel.core.sheet.TitleFacts;

/** A plan at 1:50 on an A2 sheet of 594 by 420, its origin at 100, 200 on paper. Letters are 1.786 mm wide. */
class SheetFindingsTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> walls;

    SheetFindingsTest() {
        walls = sketch.shell(7200, 4800);
        sketch.run(new AddSheet(
                "A-1", "Plan", PaperSize.A2, List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(100, 200)))));
    }

    private Note note(double x, double y, String text) {
        return (Note) sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(x, y), text, Sketch.LETTERS))
                .after()
                .getFirst();
    }

    private List<String> found() {
        return SheetFindings.of(
                        sketch.model(),
                        sheet -> SheetPicture.of(
                                sheet,
                                sketch.model(),
                                id -> DrawingPicture.of(sketch.building(), id, LETTERING)
                                        .picture(),
                                LETTERING,
                                TitleFacts.printed("2026-01-05")),
                        LETTERING)
                .stream()
                .map(Finding::sentence)
                .toList();
    }

    private Note pointing(double x, double y, String text, Vec tip) {
        Note plain = note(x, y, text);
        Note with =
                plain.pointing(new Leaders(Leaders.Shape.STRAIGHT, Leaders.Tip.DOT, List.of(new Target.AtPlace(tip))));
        sketch.run(new Revise(with));
        return with;
    }

    /** One from the left end down to the right, the other from the right end down to the left. */
    @Test
    void leadersThatCrossAreFound() {
        Note low = pointing(-3000, 1000, "Brick", new Vec(1500, 3000));
        pointing(-3000, 3000, "Render", new Vec(1500, 1000));
        assertThat(found())
                .filteredOn(s -> s.contains("leader"))
                .singleElement()
                .satisfies(s -> assertThat(s).contains("A-1", "\"Brick\" crosses that of \"Render\"", "Plan"));
        sketch.run(new Delete(List.of(low.id())));
        assertThat(found()).noneMatch(s -> s.contains("leader"));
    }

    /** A string between two places, across the way of the leader; one that ends before it is clear of it. */
    @Test
    void aLeaderAcrossAStringIsFound() {
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new DrawString.Found(),
                new Vec(1000, 2000),
                List.of(new Hold.AtPoint(new Vec(1200, 0)), new Hold.AtPoint(new Vec(1200, 5000)))));
        Note far = pointing(-3000, 1000, "Brick", new Vec(3000, 1000));
        assertThat(found())
                .filteredOn(s -> s.contains("leader"))
                .containsExactly("On A-1, the leader of \"Brick\" runs across a dimension string in Plan.");
        sketch.run(new Delete(List.of(far.id())));
        pointing(-3000, 1000, "Brick", new Vec(500, 1000));
        assertThat(found()).noneMatch(s -> s.contains("leader"));
    }

    /** Leaders to one thing meet in their tip; beside each other they do not meet at all. */
    @Test
    void leadersThatMeetInTheirTipsDoNotCross() {
        pointing(-3000, 1000, "Brick", new Vec(1500, 2000));
        pointing(-3000, 3000, "Render", new Vec(1500, 2000));
        pointing(-3000, 4000, "Eaves", new Vec(1500, 4000));
        assertThat(found()).noneMatch(s -> s.contains("leader"));
    }

    @Test
    void aLeaderThroughWordsIsFound() {
        pointing(-3000, 1000, "Brick", new Vec(3000, 1000));
        note(500, 950, "Tile");
        assertThat(found()).anyMatch(s -> s.contains("the leader of \"Brick\" runs through \"Tile\""));
    }

    /** What a fault of ours leaves out is told where it would have been. */
    @Test
    void whatCannotBeDrawnIsFound() {
        Look look = sketch.building().get(new Look.Of(Sketch.PLAN));
        Group mark = new Undrawn(look, LETTERING).orMark(walls.getFirst().id(), Sketch.LAYER, "W1", Vec.ORIGIN, () -> {
            throw new IllegalStateException("a fault");
        });
        Sheet sheet = sketch.model().all(Sheet.class).getFirst();
        Picture printed = new Picture(1, List.of(mark.onSheet(Sketch.PLAN, 1.0 / 50, new Vec(100, 200))));
        assertThat(SheetFindings.of(sketch.model(), s -> printed, LETTERING)).anySatisfy(f -> {
            assertThat(f.sentence()).contains("A-1", "W1 cannot be drawn");
            assertThat(f.concerns())
                    .containsExactly(sheet.id(), Sketch.PLAN, walls.getFirst().id());
        });
    }

    /** A hedge longer than any way round it lies between a room and where its label was put. */
    @Test
    void theLeaderOfALabelAcrossAFittingIsFound() {
        Room room = (Room) sketch.run(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3600, 2400),
                        "",
                        "Living",
                        Room.Use.LIVING,
                        new Room.Finishes("", "", "")))
                .after()
                .getFirst();
        sketch.run(new Revise(room.worded(room.words().put(new Vec(-2000, 2400)))));
        assertThat(found()).noneMatch(s -> s.contains("leader"));
        place("hedge", new Vec(-600, 2400), 200, 30_000);
        assertThat(found())
                .filteredOn(s -> s.contains("leader"))
                .containsExactly("On A-1, the leader of \"Living\" runs across F1 in Plan.");
    }

    /** A fitting of its own size, standing free. */
    private void place(String name, Vec middle, double wide, double deep) {
        ElementId symbol = Sketch.id(name);
        sketch.put(new Symbol(
                symbol,
                name,
                Symbol.Kind.OTHER,
                "Test",
                false,
                new Vec(wide / 2, deep / 2),
                Symbol.Extent.fixed(wide),
                Symbol.Extent.fixed(deep),
                0,
                750,
                List.of(),
                List.of(),
                List.of(new Symbol.Rounded(Vec.ORIGIN, wide, deep, 20)),
                List.of(),
                ""));
        PlaceFitting.Seated free = new PlaceFitting.Seated(new Fitting.Free(middle, 0));
        sketch.run(new PlaceFitting(Sketch.STOREY, Sketch.LAYER, symbol, free, 0, false, wide, deep));
    }

    /** Something as wide as a street stands over all places the mark of a window could have; without it there are some. */
    @Test
    void aMarkThatFindsNoPlaceIsFound() {
        Opening window = sketch.window(walls.getFirst(), 1000, 900, 900, 1200);
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.WINDOWS))));
        assertThat(LabelFindings.of(sketch.building(), LETTERING)).isEmpty();
        place("market", new Vec(3600, 2400), 30_000, 30_000);
        assertThat(LabelFindings.of(sketch.building(), LETTERING))
                .extracting(Finding::sentence)
                .containsExactly("On A-1, the mark of window %s finds no free place in Plan.".formatted(window.mark()));
    }

    /** "gravel" is 10.7 mm long on paper: 535 of the plan. */
    @Test
    void wordsOnWordsAreFound() {
        note(1000, 1000, "gravel");
        note(1600, 1000, "paving");
        assertThat(found()).isEmpty();
        note(1500, 1050, "turf");
        assertThat(found())
                .containsExactly(
                        "On A-1, \"gravel\" and \"turf\" of Plan lie on each other.",
                        "On A-1, \"turf\" and \"paving\" of Plan lie on each other.");
    }

    /** The drawing area ends at 584 on paper, 24,200 of the plan; the title block begins at 404, 15,200, and is 72 high. */
    @Test
    void whatStandsOffTheDrawingAreaIsFound() {
        note(23_000, 1000, "here");
        assertThat(found()).isEmpty();
        note(24_000, 2000, "off it");
        note(16_000, -8000, "on the block");
        assertThat(found()).containsExactly("On A-1, \"off it\" of Plan stands off the drawing area, with 1 more.");
    }

    /** The house is 96 mm high on paper and ends 16 mm above the frame. */
    @Test
    void aDrawingThatRunsOffTheDrawingAreaIsFound() {
        Sheet sheet = sketch.model().all(Sheet.class).getFirst();
        sketch.run(new Revise(sheet.with(List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(100, 330))))));
        assertThat(found()).containsExactly("On A-1, lines of Plan run off the drawing area.");
    }

    /** A construction line never prints; a string that ends 25 m to the right does. */
    @Test
    void linesOffTheDrawingAreaAreFound() {
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(0, 1),
                new Vec(25_000, 0),
                List.of(new Hold.AtPoint(new Vec(7200, 0)), new Hold.AtPoint(new Vec(7200, 300)))));
        assertThat(found())
                .anyMatch(s -> s.startsWith("On A-1, \"300\" of Plan stands off the drawing area"))
                .hasSize(1);
        sketch.run(new Revise(sketch.model()
                .all(Sheet.class)
                .getFirst()
                .with(List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(400, 300))))));
        sketch.run(new Delete(
                List.of(sketch.model().all(DimensionString.class).getFirst().id())));
        sketch.run(new DrawConstructionLine(
                Sketch.STOREY, Sketch.LAYER, new Vec(0, -3000), new Vec(99_000, -3000), false));
        assertThat(found()).isEmpty();
    }

    @Test
    void wordsTooSmallToReadAreFound() {
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(1, 0),
                new Vec(0, -900),
                List.of(new Hold.AtPoint(Vec.ORIGIN), new Hold.AtPoint(new Vec(7200, 0)))));
        assertThat(found()).isEmpty();
        sketch.run(new Revise(new StringStyle(
                Sketch.STYLE,
                "Tiny",
                StringStyle.Terminator.STROKE,
                new StringStyle.ToPoint(1.5),
                StringStyle.Figures.ABOVE,
                false,
                1.5,
                1,
                16,
                StringStyle.Says.PROJECT)));
        assertThat(found()).containsExactly("On A-1, a text of Plan is under 1.8 mm high, such as \"7200\".");
    }
}
