package org.leanlintel.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;
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

/** Move one wall in a storey of N walls: the new building, the new plan and what changed in it, and the same from nothing. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class MoveOneWall {

    @Param({"50", "500", "2000"})
    public int walls;

    private Building building;
    private Plan plan;
    private ElementId moved;
    private Change move;
    private Model next;
    private List<Area> outlines;
    private double sign = 1;

    @Setup
    public void draw() {
        Houses houses = Houses.of(walls);
        building = Building.of(houses.model());
        moved = houses.moved();
        plan = Plan.of(building, OfficeStandard.GROUND_PLAN, DrawingLettering.get());
        move = (Change)
                Editing.run(new Move(List.of(moved), new Vec(40, 40)), building).outcome();
        next = building.model().after(move);
        outlines = new Bodies(building)
                .on(OfficeStandard.GROUND).stream()
                        .map(body -> Area.of(body.outline()))
                        .toList();
    }

    /** What a preview costs besides its way over the wire. */
    @Benchmark
    public Picture.Difference moveAndRedraw() {
        sign = -sign;
        Editing.Result result = Editing.run(new Move(List.of(moved), new Vec(sign * 40, sign * 40)), building);
        if (result.outcome() instanceof Refusal refusal) throw new IllegalStateException(refusal.sentence());
        return Plan.of(result.after(), OfficeStandard.GROUND_PLAN, DrawingLettering.get())
                .since(plan);
    }

    /** The junctions that one edit touches, solved anew. */
    @Benchmark
    public Building solveWhatOneEditTouches() {
        return building.after(move, next);
    }

    /** The junctions of the whole storey, solved from nothing. */
    @Benchmark
    public Building solveEverythingFromNothing() {
        return Building.of(building.model());
    }

    /** One union of all plies of the storey, to measure the solving by. */
    @Benchmark
    public Area unionOfAllPlies() {
        return Area.union(outlines);
    }

    /** The whole storey from nothing, drawn. */
    @Benchmark
    public Picture everythingFromNothing() {
        return Plan.of(Building.of(building.model()), OfficeStandard.GROUND_PLAN, DrawingLettering.get())
                .picture();
    }
}
