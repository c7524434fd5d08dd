package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.demo.QuarryBankHouse;
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

/**
 * What one edit costs, forty walls moved in turn: in the demo house of two storeys, and in fitted-out storeys of so many
 * walls, with rooms, fittings, openings, drawn floors and strings.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class OneEdit {

    private static final int MOVED = 40;

    @Param({"demo", "400", "4000"})
    public String house;

    private Building building;
    private DrawingPicture plan;
    private final List<DrawingPicture> all = new ArrayList<>();
    private final List<Edit> moves = new ArrayList<>();
    private int next;

    @Setup
    public void draw() {
        building = Building.of(
                house.equals("demo")
                        ? QuarryBankHouse.draw()
                        : Houses.fitted(Integer.parseInt(house)).model());
        for (Drawing d : building.model().all(Drawing.class)) all.add(drawing(building, d));
        all.forEach(DrawingPicture::picture);
        Findings.of(building);
        plan = DrawingPicture.of(building, OfficeStandard.GROUND_PLAN, DrawingLettering.get());
        moves.addAll(Houses.moves(building, MOVED));
    }

    private static DrawingPicture drawing(Building building, Drawing d) {
        return DrawingPicture.of(building, d.id(), DrawingLettering.get());
    }

    private Building moved() {
        next = (next + 1) % moves.size();
        return Editing.run(moves.get(next), building).after();
    }

    /** What a preview costs besides its way over the wire. */
    @Benchmark
    public Picture.Difference moveAndRedraw() {
        return DrawingPicture.of(moved(), OfficeStandard.GROUND_PLAN, DrawingLettering.get())
                .since(plan);
    }

    /** The same for every drawing of the project. */
    @Benchmark
    public List<Picture.Difference> moveAndRedrawEverything() {
        Building after = moved();
        List<Picture.Difference> differences = new ArrayList<>();
        int i = 0;
        for (Drawing d : building.model().all(Drawing.class))
            differences.add(drawing(after, d).since(all.get(i++)));
        return differences;
    }

    /** All that is found after one edit. */
    @Benchmark
    public List<Finding> moveAndCheck() {
        return Findings.of(moved());
    }

    /** The plan from nothing. */
    @Benchmark
    public Picture fromNothing() {
        return DrawingPicture.of(Building.of(building.model()), OfficeStandard.GROUND_PLAN, DrawingLettering.get())
                .picture();
    }
}
