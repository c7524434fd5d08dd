package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.ReorderDrawing;
import org.leanlintel.core.edit.note.DrawBlank;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** Drawings that show a part of a plan. */
class PartPlanTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);

    PartPlanTest() {
        Wall partition = sketch.across(shell, 3600);
        sketch.door(partition, 1000, 900);
        sketch.window(shell.get(3), 1000, 1200, 900, 1200);
    }

    private Drawing part(double x0, double y0, double x1, double y1, double scale) {
        Drawing.Part box = Drawing.Part.rectangle(new Vec(x0, y0), new Vec(x1, y1));
        String name = "Part " + sketch.model().all(Drawing.class).size();
        return (Drawing) sketch.run(new AddDrawing(
                        name,
                        Drawing.Kind.PLAN,
                        Sketch.STOREY,
                        Sketch.LENS,
                        scale,
                        new Drawing.Whole(),
                        box,
                        List.of()))
                .after()
                .getFirst();
    }

    private Picture picture(ElementId drawing) {
        return Plan.of(sketch.building(), drawing, LETTERS).picture();
    }

    private static List<List<Vec>> lines(Picture picture) {
        List<List<Vec>> lines = new ArrayList<>();
        for (Item item : picture.inOrder())
            switch (item) {
                case Item.Strokes s -> lines.addAll(s.lines());
                case Item.Arc a -> lines.add(steps(a));
                default -> {}
            }
        return lines;
    }

    private static List<Vec> steps(Item.Arc a) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= 200; i++)
            points.add(a.centre().along(Vec.ofAngle(a.from() + a.sweep() * i / 200), a.radius()));
        return points;
    }

    private static double length(List<List<Vec>> lines) {
        double sum = 0;
        for (List<Vec> line : lines)
            for (int i = 1; i < line.size(); i++) sum += line.get(i).distanceTo(line.get(i - 1));
        return sum;
    }

    private static double tinted(Picture picture) {
        return picture.inOrder().stream()
                .mapToDouble(i -> i instanceof Item.Fill f ? Area.of(f.ring()).mm2() : 0)
                .sum();
    }

    /** Lines, arcs and tints of a framed drawing are those of the whole one that lie in its frame, wherever the frame lies. */
    @Test
    void aFramedPictureIsTheWholeOneCutByItsFrame() {
        Random random = new Random(7);
        Picture whole = picture(Sketch.PLAN);
        for (int i = 0; i < 40; i++) {
            double x = random.nextDouble() * 7000 - 500, y = random.nextDouble() * 4600 - 500;
            double w = 300 + random.nextDouble() * 4000, h = 300 + random.nextDouble() * 3000;
            Picture cut = picture(part(x, y, x + w, y + h, 50).id());
            Area frame = Area.rectangle(x, y, w, h);
            assertThat(length(lines(cut)))
                    .as("frame %d", i)
                    .isCloseTo(
                            lines(whole).stream()
                                    .mapToDouble(line -> length(frame.inside(List.of(line))))
                                    .sum(),
                            within(2.0 + length(lines(cut)) / 2000));
            double tints = 0;
            for (Item item : whole.inOrder())
                if (item instanceof Item.Fill f)
                    tints += Area.of(f.ring()).and(frame).mm2();
            assertThat(tinted(cut)).as("frame %d", i).isCloseTo(tints, within(20.0));
            Bounds reach = Extent.of(cut);
            if (reach != null)
                assertThat(new Bounds(x - 1500, y - 1500, x + w + 1500, y + h + 1500).covers(reach))
                        .isTrue();
        }
    }

    /** Inside an outline of any form and outside it make the whole; the outline is drawn where it is to be broken. */
    @Test
    void anOutlineAndABlankOfTheSameFormMakeTheWhole() {
        Random random = new Random(11);
        Picture whole = picture(Sketch.PLAN);
        for (int i = 0; i < 25; i++) {
            List<Vec> ring = star(random);
            Drawing part = part(0, 0, 1000, 1000, 50);
            sketch.run(new Revise(part.framed(new Drawing.Part(ring, false))));
            Picture inside = picture(part.id());
            ElementId blank = sketch.run(new DrawBlank(Sketch.PLAN, Sketch.LAYER, ring))
                    .after()
                    .getFirst()
                    .id();
            Picture outside = picture(Sketch.PLAN);
            assertThat(outside.inOrder())
                    .as("not on paper")
                    .noneMatch(it -> it instanceof Item.Strokes s && s.role() == PenRole.CONSTRUCTION && it.prints());
            sketch.run(new Delete(List.of(blank)));
            assertThat(picture(Sketch.PLAN)).as("put back").isEqualTo(whole);
            double in = length(lines(inside)), out = length(lines(outside)) - round(ring);
            assertThat(in + out)
                    .as("outline %d", i)
                    .isCloseTo(length(lines(whole)), within(5.0 + length(lines(whole)) / 1000));
            assertThat(tinted(inside) + tinted(outside)).isCloseTo(tinted(whole), within(50.0));
            sketch.run(new Revise(part.framed(new Drawing.Part(ring, true))));
            assertThat(length(lines(picture(part.id()))) - in).isGreaterThanOrEqualTo(round(ring) - 1);
        }
    }

    /** Round a middle, with corners in and out. */
    private static List<Vec> star(Random random) {
        Vec middle = new Vec(random.nextDouble() * 7200, random.nextDouble() * 4800);
        List<Vec> ring = new ArrayList<>();
        for (int k = 0; k < 7; k++)
            ring.add(middle.along(Vec.ofAngle(k * Math.TAU / 7), 300 + random.nextDouble() * 2500));
        return ring;
    }

    private static double round(List<Vec> ring) {
        return Area.of(ring).perimeterMm();
    }

    /** What is under a blank goes; what is written in its drawing stays, and so do its other drawings. */
    @Test
    void aBlankHidesAllButWhatIsWrittenInItsDrawing() {
        Note note =
                (Note) sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(1000, 2000), "over", Sketch.LETTERS))
                        .after()
                        .getFirst();
        Drawing other = part(-500, -500, 8000, 5500, 50);
        Picture before = picture(other.id());
        List<Vec> all = List.of(new Vec(-900, -900), new Vec(9000, -900), new Vec(9000, 9000), new Vec(-900, 9000));
        Element blank = sketch.run(new DrawBlank(Sketch.PLAN, Sketch.LAYER, all))
                .after()
                .getFirst();
        assertThat(picture(Sketch.PLAN).groups())
                .extracting(Group::element)
                .containsExactlyInAnyOrder(note.id(), blank.id());
        assertThat(picture(other.id())).isEqualTo(before);
    }

    /** Its break lines come, move, are drawn otherwise and go in an answer as in a picture from nothing. */
    @Test
    void anAnswerSaysWhatBecomesOfBreakLines() {
        Drawing part = part(0, 0, 3000, 2000, 20);
        Plan plan = Plan.of(sketch.building(), part.id(), LETTERS);
        plan.picture();
        List<Vec> ring = List.of(new Vec(0, 0), new Vec(2500, 0), new Vec(0, 2500));
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        Map<PenRole, Pen> pens = new EnumMap<>(lens.pens());
        pens.put(PenRole.EDGE, new Pen(0.7, Pen.Dash.DASHED));
        for (Edit edit : List.of(
                new Revise(part.framed(new Drawing.Part(ring, true))),
                new Revise(part.framed(new Drawing.Part(ring.reversed(), true))),
                new Revise(with(lens, "pens", pens)),
                new Revise(part.framed(new Drawing.Part(ring, false))))) {
            sketch.run(edit);
            Plan next = Plan.of(sketch.building(), part.id(), LETTERS);
            assertThat(next.since(plan)).isEqualTo(next.picture().since(plan.picture()));
            plan = next;
        }
        assertThat(plan.picture().groups()).noneMatch(g -> g.element().equals(part.id()));
    }

    /** As when the pointer rests on the corner clicked last. */
    @Test
    void pointsAtOnePlaceAreOne() {
        Vec a = new Vec(0, 0), b = new Vec(2000, 0), c = new Vec(1000, 2000);
        assertThat(new Drawing.Part(List.of(a, b, b, c, c, a), false))
                .isEqualTo(new Drawing.Part(List.of(a, b, c), false));
        assertThat(sketch.refusal(
                        new DrawBlank(Sketch.PLAN, Sketch.LAYER, List.of(a, b, new Vec(0, 1500), new Vec(1000, 4000)))))
                .contains("crosses itself");
    }

    /** A blank that is moved changes what it leaves and what it covers, in an answer as in a picture from nothing. */
    @Test
    void anAnswerSaysWhatABlankCoversAndLeaves() {
        List<Vec> ring = List.of(new Vec(3000, -500), new Vec(4500, -500), new Vec(4500, 500), new Vec(3000, 500));
        Element blank = sketch.run(new DrawBlank(Sketch.PLAN, Sketch.LAYER, ring))
                .after()
                .getFirst();
        Plan before = Plan.of(sketch.building(), Sketch.PLAN, LETTERS);
        Picture old = before.picture();
        sketch.run(new Move(List.of(blank.id()), new Vec(0, 4800)));
        Plan after = Plan.of(sketch.building(), Sketch.PLAN, LETTERS);
        assertThat(after.since(before)).isEqualTo(after.picture().since(old));
        assertThat(after.since(before).changed()).hasSizeGreaterThan(1);
    }

    @Test
    void twoHalvesAreTheWhole() {
        Picture whole = picture(Sketch.PLAN);
        Picture left = picture(part(-5000, -5000, 3111, 9000, 50).id());
        Picture right = picture(part(3111, -5000, 12_000, 9000, 50).id());
        assertThat(tinted(left) + tinted(right)).isCloseTo(tinted(whole), within(1.0));
        assertThat(length(lines(left)) + length(lines(right))).isCloseTo(length(lines(whole)), within(1.0));
    }

    @Test
    void whatIsWrittenInAPartPlanShowsBesideItsFrameToo() {
        Drawing part = part(0, 0, 2000, 2000, 20);
        Note note =
                (Note) sketch.run(new PlaceNote(part.id(), Sketch.LAYER, new Vec(2600, 500), "beside", Sketch.LETTERS))
                        .after()
                        .getFirst();
        assertThat(picture(part.id()).groups()).anyMatch(g -> g.element().equals(note.id()));
        assertThat(picture(Sketch.PLAN).groups()).noneMatch(g -> g.element().equals(note.id()));
    }

    @Test
    void aPlanShowsWhatIsWrittenInAnotherAndForgetsItWithThat() {
        Drawing large = sketch.drawing("Setting out", Drawing.Kind.PLAN, Sketch.STOREY, 100);
        Note note = (Note)
                sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(3000, -500), "in both", Sketch.LETTERS))
                        .after()
                        .getFirst();
        assertThat(picture(large.id()).groups()).noneMatch(g -> g.element().equals(note.id()));
        sketch.run(new Revise(large.with(List.of(Sketch.PLAN))));
        Plan before = Plan.of(sketch.building(), large.id(), LETTERS);
        assertThat(before.picture().groups()).anyMatch(g -> g.element().equals(note.id()));
        sketch.run(new Revise(note.moved(new Vec(100, 0))));
        assertThat(Plan.of(sketch.building(), large.id(), LETTERS).since(before).changed())
                .extracting(Group::element)
                .containsExactly(note.id());
        sketch.run(new Delete(List.of(Sketch.PLAN)));
        assertThat(sketch.model().get(large.id(), Drawing.class).also()).isEmpty();
    }

    @Test
    void aMarkIsNeverCutThroughByTheFrame() {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.WINDOWS))));
        int shown = 0;
        for (double low = -900; low < 300; low += 60) {
            Picture cut = picture(part(4000, low, 7600, 2500, 50).id());
            List<Item> marks = cut.inOrder().stream()
                    .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.DIMENSION)
                    .toList();
            for (Item mark : marks)
                assertThat(((Item.Strokes) mark).lines()).as("from %s", low).allMatch(l -> l.getFirst()
                        .equals(l.getLast()));
        }
    }

    @Test
    void anEditOutsideTheFrameChangesNothingInIt() {
        Drawing part = part(0, 0, 2000, 2000, 20);
        Plan before = Plan.of(sketch.building(), part.id(), LETTERS);
        Picture was = before.picture();
        sketch.run(new Move(List.of(shell.get(2).id()), new Vec(500, 0)));
        Plan after = Plan.of(sketch.building(), part.id(), LETTERS);
        assertThat(after.since(before).changed())
                .as("the walls it cuts end further out")
                .isEmpty();
        assertThat(after.picture().since(was).changed()).isEmpty();
        sketch.run(new Move(List.of(shell.get(0).id()), new Vec(100, 0)));
        Plan later = Plan.of(sketch.building(), part.id(), LETTERS);
        assertThat(later.since(after).changed()).isNotEmpty();
    }

    @Test
    void thePlanSaysWhereItsPartsAreWhereTheLensAsksForIt() {
        Drawing part = part(500, 500, 2500, 2500, 20);
        assertThat(picture(Sketch.PLAN).groups()).noneMatch(g -> g.element().equals(part.id()));
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(with(lens, "marks", List.of(Lens.MarkOf.PART_PLANS))));
        Group frame = picture(Sketch.PLAN).groups().stream()
                .filter(g -> g.element().equals(part.id()))
                .findFirst()
                .orElseThrow();
        assertThat(Extent.of(new Picture(50, List.of(frame))).width()).isCloseTo(2000, within(0.1));
        assertThat(frame.items())
                .anyMatch(i -> i instanceof Item.Text t && t.text().contains("1:20"));
        assertThat(picture(part.id()).groups()).as("not in itself").noneMatch(g -> g.element()
                .equals(part.id()));
        sketch.run(new Revise(part.framed(Drawing.Part.rectangle(new Vec(0, 0), new Vec(1000, 1000)))));
        assertThat(picture(Sketch.PLAN).groups())
                .anyMatch(g -> g.element().equals(part.id())
                        && Extent.of(new Picture(50, List.of(g))).width() < 1001);
    }

    @Test
    void aPartPlanIsHandedWithItsHouse() {
        Drawing part = part(0, 0, 2000, 1000, 20);
        sketch.run(new Hand(new Vec(3600, 0)));
        assertThat(sketch.model().get(part.id(), Drawing.class).frame())
                .isEqualTo(new Drawing.Part(
                        List.of(new Vec(7200, 0), new Vec(5200, 0), new Vec(5200, 1000), new Vec(7200, 1000)), false));
    }

    @Test
    void aStoreyIsWorkedOnInItsFirstWholePlan() {
        Drawing part = part(500, 500, 2500, 2500, 20);
        Drawing other = sketch.drawing("Other", Drawing.Kind.PLAN, Sketch.STOREY, 100);
        assertThat(Drawing.workingPlan(sketch.model(), Sketch.STOREY).id()).isEqualTo(Sketch.PLAN);
        sketch.run(new ReorderDrawing(other.id(), Sketch.PLAN));
        assertThat(Drawing.register(sketch.model()))
                .extracting(Drawing::id)
                .containsExactly(other.id(), Sketch.PLAN, part.id());
        assertThat(Drawing.workingPlan(sketch.model(), Sketch.STOREY).id()).isEqualTo(other.id());
        assertThat(sketch.refusal(new ReorderDrawing(other.id(), other.id()))).contains("before itself");
    }
}
