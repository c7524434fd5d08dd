package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddDrawings;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
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
 * Edits one after another in a fitted-out storey of 500 walls with so many plans through all lenses, every one of them drawn
 * before. Each follows on the one before it, as a drafter's do: what nobody looks at is brought into doubt by the first that
 * bears on it.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class FortyDrawings {

    private static final int WALLS = 500, MOVED = 40;

    @Param({"2", "40"})
    public int drawings;

    private Building building;
    private DrawingPicture shown;
    private final List<Drawing> others = new ArrayList<>();
    private final List<Edit> moves = new ArrayList<>();
    private int next;

    @Setup
    public void draw() {
        building = Building.of(Houses.fitted(WALLS).model());
        List<Lens> lenses = new ArrayList<>(building.model().all(Lens.class));
        List<AddDrawing> more = new ArrayList<>();
        for (int i = 1; i < drawings; i++)
            more.add(new AddDrawing(
                    "Plan " + i,
                    Drawing.Kind.PLAN,
                    OfficeStandard.GROUND,
                    lenses.get(i % lenses.size()).id(),
                    i % 2 == 0 ? 50 : 100,
                    new Drawing.Whole(),
                    new Drawing.All(),
                    List.of()));
        building = Editing.run(new AddDrawings(more), building).after();
        for (Drawing d : building.model().all(Drawing.class)) {
            DrawingPicture drawing = DrawingPicture.of(building, d.id(), DrawingLettering.get());
            drawing.picture();
            if (d.id().equals(OfficeStandard.GROUND_PLAN)) shown = drawing;
            else others.add(d);
        }
        moves.addAll(Houses.moves(building, MOVED));
        for (Edit there : List.copyOf(moves)) moves.add(Houses.back((Move) there));
    }

    /** The edit and the one plan that is looked at. */
    @Benchmark
    public Picture.Difference edit() {
        building = Editing.run(moves.get(next), building).after().kept();
        next = (next + 1) % moves.size();
        DrawingPicture before = shown;
        shown = DrawingPicture.of(building, OfficeStandard.GROUND_PLAN, DrawingLettering.get());
        return shown.since(before);
    }

    /** The same, and the first look at another plan afterwards, which was not looked at since the last time round. */
    @Benchmark
    public Picture editAndLookAtAnother() {
        edit();
        Drawing stale = others.get(next % others.size());
        return DrawingPicture.of(building, stale.id(), DrawingLettering.get()).picture();
    }
}
