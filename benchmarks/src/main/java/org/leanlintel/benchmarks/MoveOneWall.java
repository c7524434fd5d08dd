package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.DrawWalls;
import org.leanlintel.core.edit.NewWall;
import org.leanlintel.core.edit.Editing;
import org.leanlintel.core.edit.Move;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Plan;
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

    private static final int WALLS_A_CELL = 5;
    private static final double CELL_MM = 6000, SPACING_MM = 8000;

    @Param({"50", "500", "2000"})
    public int walls;

    private Building building;
    private Plan plan;
    private ElementId moved;
    private Change move;
    private Model next;
    private List<Area> outlines;
    private double sign = 1;

    /** Small houses side by side: a closed shell of four walls and a partition across each. */
    @Setup
    public void draw() {
        Settings settings = new Settings(Settings.ID, "Benchmark", "", "", "", UnitSystem.METRIC, PaperSize.A2, 1200);
        List<Element> elements =
                new ArrayList<>(OfficeStandard.newProject(settings).elements());
        Building cell = Building.of(Model.of(0, elements));
        int cells = walls / WALLS_A_CELL, row = (int) Math.ceil(Math.sqrt(cells));
        long revision = 0;
        for (int i = 0; i < cells; i++) {
            double x = i % row * SPACING_MM, y = i / row * SPACING_MM;
            Building drawn = cell(Building.of(Model.of(revision, cell.model().elements())), x, y);
            revision = drawn.model().revision();
            for (Element e : drawn.model().elements()) if (cell.model().find(e.id()) == null) elements.add(e);
            if (i == cells / 2) moved = sideWall(drawn);
        }
        building = Building.of(Model.of(revision, elements));
        plan = Plan.of(building, OfficeStandard.GROUND_PLAN, DrawingLettering.get());
        move = (Change)
                Editing.run(new Move(List.of(moved), new Vec(40, 40)), building).outcome();
        next = building.model().after(move);
        outlines = building.bodiesOf(OfficeStandard.GROUND).stream()
                .map(body -> Area.of(body.outline()))
                .toList();
    }

    /** The first wall of a house's shell: the same in a storey of any size. */
    private static ElementId sideWall(Building house) {
        return house.model().all(Wall.class).stream()
                .filter(w -> w.setOut() instanceof SetOut.OnFace)
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Building cell(Building empty, double x, double y) {
        List<Pick> shell = List.of(
                Pick.bare(x, y),
                Pick.bare(x, y + CELL_MM),
                Pick.bare(x + CELL_MM, y + CELL_MM),
                Pick.bare(x + CELL_MM, y));
        Editing.Result closed = Editing.run(walls("build-up-frame-brick", new SetOut.OnFace(0), shell, true), empty);
        List<Wall> made = ((Change) closed.outcome())
                .after().stream()
                        .filter(Wall.class::isInstance)
                        .map(Wall.class::cast)
                        .toList();
        double middle = x + CELL_MM / 2;
        List<Pick> across = List.of(
                new Pick(new Vec(middle, y), new Hold.OnFace(made.get(3).id(), 0)),
                new Pick(
                        new Vec(middle, y + CELL_MM),
                        new Hold.OnFace(made.get(1).id(), 0)));
        return Editing.run(
                        walls("build-up-stud-partition", new SetOut.MiddleOfStructure(), across, false), closed.after())
                .after();
    }

    private static DrawWalls walls(String buildUp, SetOut setOut, List<Pick> picks, boolean close) {
        return new DrawWalls(NewWall.of(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_WALLS,
                new ElementId(buildUp),
                setOut,
                Side.LEFT,
                WallEnd.Reach.STRUCTURE),
                picks,
                close);
    }

    /** What a preview costs besides its way over the wire. */
    @Benchmark
    public Picture.Difference moveAndRedraw() {
        sign = -sign;
        Editing.Result result = Editing.run(new Move(List.of(moved), new Vec(sign * 40, sign * 40)), building);
        if (result.outcome() instanceof Refusal refusal) throw new IllegalStateException(refusal.sentence());
        return plan.after(result.after(), DrawingLettering.get()).since(plan);
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
