package org.leanlintel.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.drawing.Plan;
import org.leanlintel.core.stair.StairWell;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.standard.OfficeStandard;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Two storeys of N walls each with a stair between them: a height changed, a section cut, a well tried. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class InHeight {

    @Param({"50", "500"})
    public int walls;

    private Building building;
    private Plan plan;
    private ElementId section;
    private StairWell well;
    private double sign = 1;

    @Setup
    public void draw() {
        building = Building.of(Houses.of(walls).model());
        run(new AddStorey(
                OfficeStandard.GROUND,
                true,
                "First",
                2700,
                new Storey.Built(new ElementId("build-up-timber-floor")),
                new AddStorey.Taking(true, true, false),
                new AddStorey.NotLaid()));
        run(new DrawStair(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FLOORS,
                new Vec(600, 5000),
                0,
                900,
                new Stair.Flights(List.of(), List.of()),
                new Stair.LeastRisers(),
                new Stair.FixedGoing(150),
                OfficeStandard.stairMakes("UK").make(),
                Stair.Above.FOUND));
        Drawing ground = building.model().get(OfficeStandard.GROUND_PLAN, Drawing.class);
        run(new DrawSection(
                "Section",
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FLOORS,
                new Vec(-1000, 4500),
                new Vec(1_000_000, 4500),
                Side.LEFT,
                100_000,
                ground.lens(),
                50));
        section = building.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.SECTION)
                .findFirst()
                .orElseThrow()
                .id();
        plan = Plan.of(building, OfficeStandard.GROUND_PLAN, DrawingLettering.get());
        well = well(building.model());
    }

    private static StairWell well(Model model) {
        Stair stair = model.all(Stair.class).iterator().next();
        BuiltStair built = BuiltStair.of(stair, model);
        return new StairWell(
                stair,
                StairWell.Rectangle.of(new Vec(600, 5000), new Vec(2800, 2000), 0),
                built.heights(),
                built.rules(),
                5,
                LengthPrinter.ofScreen(UnitSystem.METRIC));
    }

    private void run(Edit edit) {
        building = after(edit);
    }

    private Building after(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        if (result.outcome() instanceof Refusal refusal) throw new IllegalStateException(refusal.sentence());
        return result.after();
    }

    /** Every wall of the storey reaches to another height, and the stair has other risers. */
    @Benchmark
    public Picture.Difference changeAHeightAndRedraw() {
        sign = -sign;
        Building after = after(new ReviseStorey(new Storey(
                OfficeStandard.GROUND,
                "Ground",
                0,
                2700 + sign * 50,
                new Storey.NotSaid(),
                new Rise.UnderStoreyAbove())));
        return Plan.of(after, OfficeStandard.GROUND_PLAN, DrawingLettering.get())
                .since(plan);
    }

    /** Through one row of houses, with all that stands behind it. */
    @Benchmark
    public Picture section() {
        return DrawingPicture.of(building, section, DrawingLettering.get()).picture();
    }

    @Benchmark
    public List<StairWell.Choice> whatFitsInAWell() {
        return well.choices();
    }
}
