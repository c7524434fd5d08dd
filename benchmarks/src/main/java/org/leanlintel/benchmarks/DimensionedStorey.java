package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
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

/** The command that dimensions a fitted-out storey from nothing, its set-out check, and all findings after an edit of it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
public class DimensionedStorey {

    @Param({"100", "500", "2000"})
    public int walls;

    private Building bare, dimensioned;
    private DimensionPlan command;
    private final List<Edit> moves = new ArrayList<>();
    private int next;

    @Setup
    public void draw() {
        Building fitted = Building.of(Houses.fitted(walls).model());
        ElementId plan =
                Drawing.workingPlan(fitted.model(), OfficeStandard.GROUND).id();
        List<ElementId> strings = fitted.model().all(DimensionString.class).stream()
                .map(DimensionString::id)
                .toList();
        bare = strings.isEmpty()
                ? fitted
                : Editing.run(new Delete(strings), fitted).after();
        command = new DimensionPlan(
                plan,
                OfficeStandard.LAYER_DIMENSIONS,
                List.of(Facing.values()),
                true,
                List.of(),
                OfficeStandard.region("UK").strings());
        dimensioned = Editing.run(command, bare).after().kept();
        moves.addAll(Houses.moves(dimensioned, 40));
    }

    /** From nothing, with whatever else an edit asks. */
    @Benchmark
    public Outcome command() {
        return Editing.run(command, bare).outcome();
    }

    /** Of the plan with a wall moved. */
    @Benchmark
    public SetOutReport check() {
        return moved().get(new SetOutCheck.Of(command.drawing()));
    }

    /** Of the plan with a wall moved; {@link #edit} is part of it. */
    @Benchmark
    public List<Finding> findings() {
        return Findings.of(moved());
    }

    @Benchmark
    public Building edit() {
        return moved();
    }

    private Building moved() {
        return Editing.run(moves.get(next++ % moves.size()), dimensioned).after();
    }
}
