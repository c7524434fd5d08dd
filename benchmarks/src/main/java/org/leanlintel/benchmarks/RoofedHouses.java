package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.roof.Profile;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofSolver;
import org.leanlintel.core.roof.Solution;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A roof over 28 corners beside one union of as many rectangles, and an elevation of the demo house from nothing. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class RoofedHouses {

    private static final double STEP_MM = 2000;

    private final List<RoofEdge> corners = new ArrayList<>();
    private final List<Area> rectangles = new ArrayList<>();
    private Model model;
    private Drawing elevation;

    @Setup
    public void draw() {
        // seven teeth on a back: 28 corners
        List<Vec> ring = new ArrayList<>(List.of(new Vec(0, 0), new Vec(13 * STEP_MM, 0)));
        for (int tooth = 6; tooth >= 0; tooth--) {
            double left = 2 * tooth * STEP_MM, right = left + STEP_MM, top = (4 + tooth % 3) * STEP_MM;
            ring.addAll(List.of(new Vec(right, top), new Vec(left, top)));
            if (tooth > 0) ring.addAll(List.of(new Vec(left, 2 * STEP_MM), new Vec(left - STEP_MM, 2 * STEP_MM)));
            rectangles.add(Area.rectangle(left, 0, 2 * STEP_MM, top));
        }
        for (int i = 0; i < ring.size(); i++)
            corners.add(new RoofEdge(
                    ring.get(i), ring.get((i + 1) % ring.size()), Profile.sloping(0, 0.7 + 0.02 * (i % 5))));
        model = QuarryBankHouse.draw();
        elevation = model.all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.ELEVATION)
                .findFirst()
                .orElseThrow();
    }

    @Benchmark
    public Solution aRoofOverTwentyEightCorners() {
        return RoofSolver.solve(List.of(corners));
    }

    @Benchmark
    public Area oneUnion() {
        return Area.union(rectangles);
    }

    @Benchmark
    public Picture anElevationFromNothing() {
        return DrawingPicture.of(Building.of(model), elevation.id(), DrawingLettering.get())
                .picture();
    }
}
