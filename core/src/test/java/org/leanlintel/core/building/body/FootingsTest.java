package org.leanlintel.core.building.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.UsualRules;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.LayFootings;
import org.leanlintel.core.edit.storey.PlaceSpotLevel;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/**
 * Foundations under a shell of 6,000 by 4,000 over all: walls of 290, all of which stands on them, 5,420 by 3,420 inside.
 */
class FootingsTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Footing.Under ROUND = new Footing.UnderShell(new Vec(3000, 2000));

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);

    private LayFootings lay(double width, Footing.Rising rising, Footing.Under... under) {
        return new LayFootings(
                Sketch.STOREY, Sketch.LAYER, List.of(under), width, 225, -1000, Sketch.id("brick"), rising);
    }

    private Footing laid(double width, Footing.Rising rising, Footing.Under... under) {
        return (Footing) sketch.run(lay(width, rising, under)).after().getFirst();
    }

    private BuiltFooting built(Footing footing) {
        return Objects.requireNonNull(sketch.building().get(new BuiltFooting.Of(footing.id())));
    }

    private static Footing.Stem stem(double width) {
        return new Footing.Stem(Sketch.id("brick"), width);
    }

    /** 155 beyond the walls on both sides, corners mitred; the stem as wide as the walls themselves. */
    @Test
    void itLiesUnderAllWallsOfAShell() {
        BuiltFooting built = built(laid(600, stem(290), ROUND));
        assertThat(built.area().mm2()).isCloseTo(6310.0 * 4310 - 5110.0 * 3110, within(10.0));
        assertThat(built.area().bounds().width()).isCloseTo(6310, within(0.01));
        assertThat(built.lowMm()).isEqualTo(-1000);
        assertThat(built.topMm()).isEqualTo(-775);
        assertThat(built.stems()).singleElement().satisfies(s -> {
            assertThat(s.area().mm2()).isCloseTo(6000.0 * 4000 - 5420.0 * 3420, within(10.0));
            assertThat(s.topMm()).isZero();
        });
        assertThat(built.volumeMm3(sketch.building())).isCloseTo(built.area().mm2() * 225, within(1.0));
    }

    /** One under a partition reaches the middle of the walls it meets, where both are one. */
    @Test
    void thatOfAPartitionRunsIntoTheOther() {
        BuiltFooting round = built(laid(600, new Footing.Straight(), ROUND));
        Wall partition = sketch.across(shell, 3000);
        BuiltFooting across = built(laid(400, new Footing.Straight(), new Footing.UnderWall(partition.id())));
        assertThat(across.area().and(round.area()).mm2()).isGreaterThan(0);
        assertThat(across.counted(sketch.building()).mm2()).isCloseTo(400.0 * 3110, within(10.0));
        Vec inside = new Vec(3000, 400);
        assertThat(round.area().covers(inside)).isTrue();
        Picture plan = planWith(Lens.MarkOf.FOOTINGS);
        assertThat(plan.groups().stream()
                        .filter(g -> g.element().equals(round.footing().id()))
                        .flatMap(g -> g.ground().stream()))
                .as("it is picked where it lies, not in the rooms between")
                .isNotEmpty()
                .noneMatch(ring -> Area.of(ring).covers(new Vec(1500, 2000)))
                .anyMatch(ring -> Area.of(ring).covers(new Vec(1500, 100)));
        assertThat(lines(plan, across.footing().id(), PenRole.OVERHEAD))
                .allSatisfy(l -> assertThat(l).allSatisfy(p -> assertThat(p.y()).isBetween(445 - 0.1, 3555 + 0.1)));
    }

    @Test
    void aSectionCutsItAndTheWallsInTheGround() {
        Footing footing = laid(600, stem(290), ROUND);
        Picture section = section(new Vec(3000, -2000), new Vec(3000, 6000));
        List<Bounds> cut = section.groups().stream()
                .filter(g -> g.element().equals(footing.id()))
                .flatMap(g -> g.items().stream())
                .filter(Item.Fill.class::isInstance)
                .map(i -> Bounds.of(((Item.Fill) i).ring()))
                .toList();
        assertThat(cut).hasSize(2).allSatisfy(b -> {
            assertThat(b.width()).isCloseTo(600, within(0.01));
            assertThat(b.minY()).isCloseTo(-1000, within(0.01));
            assertThat(b.maxY()).isCloseTo(0, within(0.01));
        });
    }

    /**
     * Joists of 200 under 20 of boards that reach 190 onto a wall in the ground of 290: it ends under them there, and rises to the
     * foot of the walls outside of them; the air and the concrete under the joists end at its inner face.
     */
    @Test
    void aFloorBearsOnTheWallsInTheGroundWithItsJoistsAlone() {
        ElementId suspended = Sketch.id("suspended");
        sketch.put(new BuildUp(
                suspended,
                "FX",
                "Suspended",
                BuildUp.Use.GROUND_FLOOR,
                List.of(
                        Sketch.ply("brick", 100, Does.CARRIES),
                        Sketch.ply("air", 150, Does.AIR_GAP),
                        Sketch.ply("stud", 200, Does.CARRIES),
                        Sketch.ply("board", 20, Does.BOARDS)),
                "",
                "",
                ""));
        Footing footing = laid(600, stem(290), ROUND);
        double stem = 6000.0 * 4000 - 5420.0 * 3420, outside = 6000.0 * 4000 - 5800.0 * 3800;
        assertThat(volume(footing.id(), Content.NO_PLY)).isCloseTo(volumeOf(footing, stem * 775), within(10.0));
        List<Vec> ring = List.of(new Vec(100, 100), new Vec(5900, 100), new Vec(5900, 3900), new Vec(100, 3900));
        ElementId floor = sketch.run(new DrawFloor(
                        Sketch.STOREY, Sketch.LAYER, suspended, new Floor.Drawn(ring), 0, 0, new Floor.Level()))
                .after()
                .getFirst()
                .id();
        double under = stem - outside;
        assertThat(volume(footing.id(), Content.NO_PLY))
                .isCloseTo(volumeOf(footing, outside * 775 + under * (775 - 220)), within(1e3));
        assertThat(volume(floor, 2)).as("joists").isCloseTo(5800.0 * 3800 * 200, within(1e3));
        assertThat(volume(floor, 1)).as("air").isCloseTo(5420.0 * 3420 * 150, within(1e3));
        assertThat(volume(floor, 0)).as("concrete").isCloseTo(5420.0 * 3420 * 100, within(1e3));
    }

    /** Of a strip with what rises from it. */
    private double volumeOf(Footing footing, double rising) {
        return built(footing).volumeMm3(sketch.building()) + rising;
    }

    private double volume(ElementId element, int ply) {
        return new Bodies(sketch.building())
                .of(element).stream()
                        .filter(b -> b.ply() == ply)
                        .mapToDouble(b -> Area.of(b.outline()).mm2() * (b.highMm() - b.lowMm()))
                        .sum();
    }

    /** The ground is drawn up to what stands in it, from both sides. */
    @Test
    void theGroundEndsAtWhatStandsInIt() {
        laid(600, stem(290), ROUND);
        sketch.run(new PlaceSpotLevel(Sketch.LAYER, new Vec(3000, 0), -400, -300));
        sketch.run(new PlaceSpotLevel(Sketch.LAYER, new Vec(3000, 4000), -400, -150));
        Picture section = section(new Vec(3000, -3000), new Vec(3000, 7000));
        List<List<Vec>> ground = section.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.GROUND)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
        assertThat(ground).hasSize(2);
        List<Vec> ends = ground.stream()
                .flatMap(List::stream)
                .filter(p -> Math.abs(p.x() - 3000) < 1 || Math.abs(p.x() - 7000) < 1)
                .toList();
        assertThat(ends.stream().map(p -> (double) Math.round(p.y()))).containsExactlyInAnyOrder(-300.0, -150.0);
        assertThat(section.groups().stream()
                        .flatMap(g -> g.items().stream())
                        .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.OVERHEAD)
                        .flatMap(i -> ((Item.Strokes) i).lines().stream())
                        .flatMap(List::stream))
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.y()).isCloseTo(-400, within(0.01)));
    }

    @Test
    void itGoesWithItsWallAndUnderBothPartsOfOne() {
        Footing under = laid(
                600, new Footing.Straight(), new Footing.UnderWall(shell.get(1).id()));
        sketch.run(new Split(shell.get(1).id(), new Vec(3000, 4000)));
        List<Footing> both = sketch.model().all(Footing.class);
        assertThat(both).extracting(Footing::mark).containsExactly("FT1", "FT2");
        double whole = both.stream().mapToDouble(f -> built(f).lengthMm()).sum();
        assertThat(whole).isCloseTo(6000, within(0.01));
        Footing.UnderWall second = (Footing.UnderWall) both.getLast().under();
        sketch.run(new Delete(List.of(second.wall())));
        assertThat(sketch.model().all(Footing.class)).extracting(Footing::id).containsExactly(under.id());
    }

    @Test
    void itFollowsAShellThatIsMovedAsAWhole() {
        Footing footing = laid(600, new Footing.Straight(), ROUND);
        sketch.run(new Move(shell.stream().map(Wall::id).toList(), new Vec(20_000, 0)));
        assertThat(built(footing).area().bounds().minX()).isCloseTo(20_000 - 155, within(0.01));
    }

    @Test
    void itIsNotLaidTwiceNorUnderNothing() {
        laid(600, new Footing.Straight(), ROUND);
        assertThat(sketch.refusal(lay(500, new Footing.Straight(), ROUND)))
                .isEqualTo("Foundations lie under all of that already.");
        assertThat(sketch.refusal(lay(500, new Footing.Straight(), new Footing.UnderShell(new Vec(50_000, 0)))))
                .isEqualTo("Nothing stands there for a foundation to lie under.");
    }

    @Test
    void whatLiesTooHighOrReachesTooFarIsFound() {
        sketch.put(UsualRules.with(new StairRules("none", List.of())));
        Footing footing = laid(600, new Footing.Straight(), ROUND);
        assertThat(found()).isEmpty();
        sketch.run(new PlaceSpotLevel(Sketch.LAYER, new Vec(0, 0), -700, -700));
        assertThat(found()).containsExactly("The underside of FT1 lies 300 below the ground, 450 are asked for. F1.");
        sketch.run(new Revise(new Footing(
                footing.id(),
                footing.storey(),
                footing.layer(),
                footing.mark(),
                footing.under(),
                900,
                225,
                -1200,
                footing.material(),
                footing.rising(),
                footing.state())));
        assertThat(found())
                .containsExactly("FT1 reaches 305 beyond what stands on it and is 225 thick: so far out it has to be"
                        + " reinforced. F1.");
    }

    /** The finished level, and the one before the work in brackets where that is another. */
    @Test
    void spotLevelsStandOnPlansOfTheLowestStorey() {
        sketch.run(new PlaceSpotLevel(Sketch.LAYER, new Vec(-2000, 0), -300, -300));
        sketch.run(new PlaceSpotLevel(Sketch.LAYER, new Vec(-2000, 4000), -450, -300));
        assertThat(words(planWith(Lens.MarkOf.SPOT_LEVELS))).contains("\u22120.300", "\u22120.300 (\u22120.450)");
        sketch.run(new AddStorey(
                Sketch.STOREY,
                false,
                "Cellar",
                2400,
                new Storey.NotSaid(),
                new AddStorey.Taking(true, false, false),
                new AddStorey.NotLaid()));
        assertThat(words(planWith(Lens.MarkOf.SPOT_LEVELS))).noneMatch(w -> w.startsWith("\u22120.3"));
    }

    private static List<String> words(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    /** 11.304 square metres of 225 are 2.5 cubic metres; what is printed adds up. */
    @Test
    void theScheduleCountsThemAndAddsUp() {
        laid(600, stem(290), ROUND);
        Wall partition = sketch.across(shell, 3000);
        laid(400, new Footing.Straight(), new Footing.UnderWall(partition.id()));
        Drawing schedule = sketch
                .run(new AddDrawing(
                        "Foundations",
                        Drawing.Kind.FOUNDATIONS,
                        Sketch.STOREY,
                        Sketch.LENS,
                        10,
                        new Drawing.Whole(),
                        new Drawing.All(),
                        List.of()))
                .after()
                .stream()
                .map(Drawing.class::cast)
                .findFirst()
                .orElseThrow();
        Table table = Tables.of(schedule, sketch.building());
        assertThat(table.rows()).extracting(r -> r.cells().get(1).text()).containsExactly("outside walls", "wall W5");
        assertThat(table.rows().getFirst().cells())
                .extracting(Table.Cell::text)
                .contains("FT1", "600", "225", "\u22121.000", "brick", "brick 290", "2.5 m\u00B3");
        assertThat(table.rows().getLast().cells().getLast().text()).isEqualTo("0.3 m\u00B3");
        assertThat(table.sums().getFirst().cells().getLast().text()).isEqualTo("2.8 m\u00B3");
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.concerns()
                        .getFirst()
                        .value()
                        .equals(sketch.model()
                                .all(Footing.class)
                                .getFirst()
                                .id()
                                .value()))
                .map(Finding::sentence)
                .toList();
    }

    private Picture section(Vec from, Vec to) {
        ElementId id = sketch
                .run(new DrawSection("Section", Sketch.STOREY, Sketch.LAYER, from, to, Side.RIGHT, 0, Sketch.LENS, 50))
                .after()
                .stream()
                .filter(Drawing.class::isInstance)
                .findFirst()
                .orElseThrow()
                .id();
        return DrawingPicture.of(sketch.building(), id, LETTERS).picture();
    }

    private Picture planWith(Lens.MarkOf mark) {
        sketch.put(Sketch.lens().marking(List.of(mark)));
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERS).picture();
    }

    private static List<List<Vec>> lines(Picture picture, ElementId element, PenRole role) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(element))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }
}
