package org.leanlintel.core.picture.height;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Details: drawings that show a part of a section, an elevation or the walls of a room. */
class PartInHeightTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    /** What stands beside the frame, or goes with the size of the whole. */
    private static final Set<PenRole> BESIDE = EnumSet.of(PenRole.LEVEL, PenRole.GROUND, PenRole.HATCH, PenRole.GRID);

    private static final Scheme SCHEME =
            new Scheme(Scheme.Walls.FINISH, Scheme.Walls.FINISH, Scheme.Openings.EDGES, 12, 8);

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;

    PartInHeightTest() {
        house.gabled();
    }

    /** Which of the drawings in height. */
    enum Whole {
        SECTION,
        ELEVATION
    }

    private Drawing whole(Whole which) {
        ElementId id =
                switch (which) {
                    case SECTION -> sketch.section(new Vec(3000, -1500), new Vec(3000, 5500), Side.RIGHT, 8000);
                    case ELEVATION -> house.elevation(-90);
                };
        return sketch.model().get(id, Drawing.class);
    }

    private Drawing part(Drawing of, double x, double y, double wide, double high, double scale) {
        Drawing.Part box = Drawing.Part.rectangle(new Vec(x, y), new Vec(x + wide, y + high));
        String name = "Detail " + sketch.model().all(Drawing.class).size();
        return (Drawing)
                sketch.run(new AddDrawing(name, of.kind(), of.storey(), of.lens(), scale, of.subject(), box, List.of()))
                        .after()
                        .getFirst();
    }

    private Picture picture(Drawing drawing) {
        return DrawingPicture.of(sketch.building(), drawing.id(), LETTERS).picture();
    }

    private static double lines(Picture picture, Area in) {
        double sum = 0;
        for (Item item : picture.inOrder())
            if (item instanceof Item.Strokes s && !BESIDE.contains(s.role()))
                for (List<Vec> line : in.inside(s.lines()))
                    for (int i = 1; i < line.size(); i++) sum += line.get(i).distanceTo(line.get(i - 1));
        return sum;
    }

    private static List<String> words(Picture picture) {
        return picture.inOrder().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @ParameterizedTest
    @EnumSource
    void itIsTheWholeCutByItsFrame(Whole which) {
        Random random = new Random(11);
        Drawing drawing = whole(which);
        Picture all = picture(drawing);
        Area everywhere = Area.rectangle(-1e5, -1e5, 2e5, 2e5);
        int shown = 0;
        for (int i = 0; i < 25; i++) {
            double x = random.nextDouble() * 7000 - 1000, y = random.nextDouble() * 7000 - 1000;
            double wide = 200 + random.nextDouble() * 2500, high = 200 + random.nextDouble() * 2500;
            Drawing part = part(drawing, x, y, wide, high, drawing.scale());
            Area frame = Area.rectangle(x, y, wide, high);
            double cut = lines(picture(part), everywhere);
            assertThat(cut).as("frame %d", i).isCloseTo(lines(all, frame), within(Math.max(1, cut * 1e-3)));
            if (cut > 0) shown++;
        }
        assertThat(shown).isGreaterThan(10);
    }

    @ParameterizedTest
    @EnumSource
    void itTellsTheLevelsThatLieInItBesideItsFrame(Whole which) {
        Drawing drawing = whole(which), part = part(drawing, -500, 2500, 1500, 1000, 10);
        assertThat(words(picture(drawing))).contains("Ground", "First");
        assertThat(words(picture(part))).contains("First").doesNotContain("Ground");
        Bounds marks = Bounds.of(picture(part).inOrder().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.LEVEL)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .toList());
        assertThat(marks.minX()).as("12 mm of paper off").isCloseTo(1000 + 120, within(1.0));
    }

    @Test
    void itsEdgesSayThatTheHouseGoesOnWhereAskedTo() {
        Drawing part = part(whole(Whole.SECTION), -500, 2500, 1500, 1000, 10);
        double without = lines(picture(part), Area.rectangle(-1e5, -1e5, 2e5, 2e5));
        Drawing.Part frame = (Drawing.Part) part.frame();
        sketch.run(new Revise(part.framed(new Drawing.Part(frame.ring(), true))));
        assertThat(lines(picture(part), Area.rectangle(-1e5, -1e5, 2e5, 2e5)) - without)
                .isGreaterThan(5000);
    }

    @Test
    void theWholeShowsItsFrameWithItsNameItsScaleAndItsSheet() {
        Drawing drawing = whole(Whole.SECTION), part = part(drawing, -500, 2500, 1500, 1000, 10);
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.PART_PLANS))));
        ElementId other = sketch.section(new Vec(4000, -1500), new Vec(4000, 5500), Side.RIGHT, 8000);
        Drawing beside = sketch.model().get(other, Drawing.class);
        Group frame = picture(drawing).groups().stream()
                .filter(g -> g.element().equals(part.id()))
                .findFirst()
                .orElseThrow();
        Bounds drawn = Bounds.of(frame.items().stream()
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .toList());
        assertThat(drawn).isEqualTo(new Bounds(-500, 2500, 1000, 3500));
        assertThat(words(picture(drawing))).contains(part.name() + " 1:10");
        for (Drawing d : List.of(part, beside, sketch.model().get(Sketch.PLAN, Drawing.class)))
            assertThat(picture(d).groups())
                    .as(d.name())
                    .noneMatch(g -> g.element().equals(part.id()) && !d.id().equals(part.id()));
        sketch.run(new AddSheet(
                "A-501", "Details", PaperSize.A2, List.of(new Sheet.Placed(part.id(), Vec.ORIGIN, new Vec(200, 200)))));
        assertThat(words(picture(drawing))).contains(part.name() + " 1:10, A-501");
    }

    /** Floor to floor structure of 3000; of the part, what lies in it alone. */
    @Test
    void theCommandDimensionsWhatItShowsBesideItsFrame() {
        Drawing part = part(whole(Whole.SECTION), -500, -600, 2500, 4200, 20);
        sketch.run(new DimensionPlan(part.id(), Sketch.LAYER, List.of(Facing.LEFT), false, List.of(), SCHEME));
        List<DimensionString> strings = sketch.model().all(DimensionString.class);
        assertThat(strings).isNotEmpty();
        for (DimensionString s : strings) {
            assertThat(s.at().x()).isLessThan(-500);
            assertThat(HeldPoints.along(s, sketch.building()))
                    .allSatisfy(p -> assertThat(p.position()).isBetween(-600.0, 3600.0));
        }
    }

    @Test
    void itsFrameIsMovedAndOfAWholeDrawingThereIsNone() {
        Drawing drawing = whole(Whole.SECTION), part = part(drawing, -500, 2500, 1500, 1000, 10);
        sketch.run(new Move(List.of(part.id()), new Vec(300, -200)));
        assertThat(sketch.model().get(part.id(), Drawing.class).frame())
                .isEqualTo(Drawing.Part.rectangle(new Vec(-200, 2300), new Vec(1300, 3300)));
        assertThat(sketch.refusal(new Move(List.of(drawing.id()), new Vec(300, -200))))
                .contains("cannot be moved");
    }

    /** The house is 6,000 wide, and stands 1,500 from where its section begins; what the part shows is the same, from side to side. */
    @ParameterizedTest
    @EnumSource
    void itShowsTheSamePlaceWhenTheHouseIsHanded(Whole which) {
        house.sketch.door(house.house.shell.get(3), 1000, 900);
        Drawing part = part(whole(which), 400, -100, 1900, 1500, 20);
        Area everywhere = Area.rectangle(-1e5, -1e5, 2e5, 2e5);
        double shown = lines(picture(part), everywhere);
        assertThat(shown).isPositive();
        sketch.run(new Hand(new Vec(2000, 0)));
        Drawing handed = sketch.model().get(part.id(), Drawing.class);
        assertThat(handed.frame()).isNotEqualTo(part.frame());
        assertThat(lines(picture(handed), everywhere)).isCloseTo(shown, within(1.0));
    }

    @Test
    void aScheduleHasNoParts() {
        assertThatThrownBy(() -> sketch.drawing("Doors", Drawing.Kind.DOORS, Sketch.STOREY, 10)
                        .framed(Drawing.Part.rectangle(Vec.ORIGIN, new Vec(500, 500))))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("show a part");
    }
}
