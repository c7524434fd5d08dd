package org.leanlintel.core.dimension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Records;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** One command dimensions a plan; what it draws is what a builder needs, and no more. */
class StoreyStringsTest {

    private static final Scheme FINISH =
            new Scheme(Scheme.Walls.FINISH, Scheme.Walls.FINISH, Scheme.Openings.EDGES, 12, 8);
    private static final List<Lens.MarkOf> MARKS =
            List.of(Lens.MarkOf.BUILD_UPS, Lens.MarkOf.DOORS, Lens.MarkOf.WINDOWS);

    private final Sketch sketch = new Sketch();

    private void command(Scheme scheme, boolean inside, Facing... sides) {
        sketch.run(new DimensionPlan(Sketch.PLAN, Sketch.LAYER, List.of(sides), inside, List.of(), scheme));
    }

    private void all(Scheme scheme) {
        command(scheme, true, Facing.values());
    }

    private SetOutReport report() {
        return sketch.building().get(new SetOutCheck.Of(Sketch.PLAN));
    }

    private List<DimensionString> strings() {
        return sketch.model().all(DimensionString.class);
    }

    /** What its parts measure, from where its line lies: across its direction, whole millimetres. */
    private String said(DimensionString string) {
        List<Held> points = HeldPoints.along(string, sketch.building());
        StringBuilder parts = new StringBuilder();
        for (int i = 1; i < points.size(); i++)
            parts.append(i > 1 ? " | " : "")
                    .append(Math.round(
                            points.get(i).position() - points.get(i - 1).position()));
        return Math.round(string.at().dot(string.direction().left())) + ": " + parts;
    }

    private List<String> said() {
        return strings().stream().map(this::said).toList();
    }

    @Test
    void aSideHasOpeningsThenPartitionsThenTheOverall() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.window(shell.get(3), 2000, 1200, 900, 1200);
        sketch.across(shell, 3000);
        command(FINISH, false, Facing.BOTTOM);
        assertThat(said()).containsExactly("-600: 4000 | 1200 | 2000", "-1000: 2943 | 114 | 4143", "-1400: 7200");
    }

    @Test
    void aSideWithoutOpeningsOrPartitionsHasTheOverallAlone() {
        sketch.shell(7200, 4800);
        command(FINISH, false, Facing.values());
        assertThat(said()).containsExactly("5400: 7200", "-7800: 4800", "-600: 7200", "600: 4800");
    }

    @Test
    void recessesAreReadOnTheSideTheyFace() {
        sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 3000, 4800, 3000, 3600, 7200, 3600, 7200, 0);
        command(FINISH, false, Facing.TOP, Facing.BOTTOM);
        assertThat(said()).containsExactly("5400: 3000 | 4200", "5800: 7200", "-600: 7200");
    }

    @Test
    void whatIsHiddenBehindAnotherPartIsLeftToTheInside() {
        sketch.run(
                Sketch.SHELL,
                true,
                0,
                0,
                0,
                6000,
                2000,
                6000,
                2000,
                2000,
                5000,
                2000,
                5000,
                4000,
                3000,
                4000,
                3000,
                6000,
                8000,
                6000,
                8000,
                0);
        sketch.put(Records.with(Sketch.lens(), "marks", MARKS));
        all(FINISH);
        assertThat(report().lost()).isEmpty();
    }

    @Test
    void structureAndCentreLinesAreTheOffice_sChoice() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.window(shell.get(3), 2000, 1200, 900, 1200);
        sketch.across(shell, 3000);
        Scheme frame = new Scheme(Scheme.Walls.STRUCTURE, Scheme.Walls.CENTRE, Scheme.Openings.CENTRES, 15, 10);
        command(frame, false, Facing.BOTTOM);
        assertThat(said())
                .as("from the outer face of the studs, 150 mm inside the brick")
                .containsExactly("-750: 4450 | 2450", "-1250: 2850 | 4050", "-1750: 6900");
    }

    @Test
    void throughEveryRoomGoesOneStringEachWay() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.across(shell, 3000);
        sketch.put(Records.with(Sketch.lens(), "marks", MARKS));
        command(FINISH, true);
        assertThat(said().stream().map(s -> s.substring(s.indexOf(' ') + 1)))
                .contains("2653", "3853", "4220", "4220")
                .allMatch(s -> !s.contains("|"));
    }

    @Test
    void aDoorInAPartitionIsToldOfBesideIt() {
        List<Wall> shell = sketch.shell(7200, 4800);
        Wall partition = sketch.across(shell, 3000);
        sketch.door(partition, 1000, 900);
        command(FINISH, true);
        assertThat(said()).anyMatch(s -> s.matches("-?\\d+: \\d+ \\| 900 \\| \\d+"));
    }

    @ParameterizedTest
    @EnumSource(Scheme.Walls.class)
    void theCommandTwiceGivesTheSameAsOnce(Scheme.Walls walls) {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.put(Records.with(Sketch.lens(), "marks", MARKS));
        sketch.window(shell.get(3), 2000, 1200, 900, 1200);
        sketch.door(sketch.across(shell, 3000), 1000, 900);
        Scheme scheme = new Scheme(Scheme.Walls.FINISH, walls, Scheme.Openings.EDGES, 12, 8);
        all(scheme);
        assertThat(report().isClean()).isTrue();
        DimensionPlan again =
                new DimensionPlan(Sketch.PLAN, Sketch.LAYER, List.of(Facing.values()), true, List.of(), scheme);
        assertThat(sketch.refusal(again)).isEqualTo("All that was asked for is dimensioned already.");
    }

    @Test
    void stringsAreNotDrawnWhereTheLensHidesThem() {
        sketch.shell(7200, 4800);
        Lens.LayerShown hidden = new Lens.LayerShown(Sketch.LAYER, Lens.Shown.HIDDEN);
        sketch.put(Records.with(Sketch.lens(), "layers", List.of(hidden)));
        DimensionPlan all =
                new DimensionPlan(Sketch.PLAN, Sketch.LAYER, List.of(Facing.values()), true, List.of(), FINISH);
        assertThat(sketch.refusal(all)).isEqualTo("The lens All hides the layer All: strings on it would not show.");
    }

    @Test
    void aNewWindowJoinsTheStringThatIsThere() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.window(shell.get(3), 2000, 1200, 900, 1200);
        sketch.across(shell, 3000);
        command(FINISH, false, Facing.BOTTOM);
        sketch.window(shell.get(3), 5000, 600, 900, 1200);
        command(FINISH, false, Facing.BOTTOM);
        assertThat(said())
                .containsExactlyInAnyOrder(
                        "-600: 1600 | 600 | 1800 | 1200 | 2000", "-1000: 2943 | 114 | 4143", "-1400: 7200");
    }

    @Test
    void aStringThatWasDeletedComesBackAndTheOthersStay() {
        sketch.shell(7200, 4800);
        all(FINISH);
        List<String> before = said();
        DimensionString first = strings().getFirst();
        sketch.run(new Delete(List.of(first.id())));
        all(FINISH);
        assertThat(said()).containsExactlyInAnyOrderElementsOf(before);
    }

    @Test
    void stringsOutsideKeepClearOfWhatStandsThere() {
        sketch.shell(7200, 4800);
        WallPiece.Mass make = new WallPiece.Solid(Sketch.id("stud"), 140);
        sketch.put(new Post(
                Sketch.id("post"),
                Sketch.STOREY,
                Sketch.LAYER,
                "P1",
                new Vec(3000, -1500),
                0,
                140,
                make,
                WorkState.NEW));
        command(FINISH, false, Facing.BOTTOM);
        assertThat(said()).containsExactly("-2170: 7200");
    }

    @Test
    void openingsOfASlantingWallAreToldOfAlongIt() {
        List<Wall> walls = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 5200, 4800, 7200, 2800, 7200, 0);
        sketch.put(Records.with(Sketch.lens(), "marks", MARKS));
        Opening window = sketch.window(walls.get(2), 900, 900, 900, 1200);
        all(FINISH);
        assertThat(report().lost()).isEmpty();
        assertThat(said()).anyMatch(s -> s.contains("| 900 |"));
        assertThat(sketch.model().find(window.id())).isNotNull();
    }

    /** Rectangular houses with wings, partitions, doors and windows, all at random, with and without marks on the plan. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void everyRandomStoreyIsToldWholeAndOnceIsEnough(long seed) {
        Random random = new Random(seed);
        Scheme scheme = new Scheme(
                Scheme.Walls.values()[random.nextInt(2)],
                Scheme.Walls.values()[random.nextInt(3)],
                Scheme.Openings.values()[random.nextInt(2)],
                12,
                8);
        if (random.nextBoolean()) sketch.put(Records.with(Sketch.lens(), "marks", MARKS));
        RandomHouse.in(sketch, random);
        all(scheme);
        assertThat(report().lost()).isEmpty();
        assertThat(report().misread()).isEmpty();
        List<String> once = said();
        assertThat(sketch.tryRun(new DimensionPlan(
                        Sketch.PLAN, Sketch.LAYER, List.of(Facing.values()), true, List.of(), scheme)))
                .isInstanceOf(Refusal.class);
        assertThat(new ArrayList<>(said())).isEqualTo(once);
    }
}
