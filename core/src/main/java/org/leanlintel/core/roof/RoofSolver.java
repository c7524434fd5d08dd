package org.leanlintel.core.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.roof.Profile.Band;

/** Roofs an outline. What it gives has been checked: its faces cover the outline once. */
public final class RoofSolver {

    /** Millimetres. How near points are one: the first that gives a sound roof is taken. */
    private static final double[] EPS_MM = {1e-3, 1e-2};

    /** By what share pitches are disturbed where both fail: under a millimetre over a house. */
    private static final double DISTURBED = 1e-6;

    /** Square millimetres, and a share: what rounding may leave uncovered. */
    private static final double UNCOVERED_MM2 = 100, UNCOVERED = 1e-6;

    private RoofSolver() {}

    /**
     * @param outline its edges ring by ring, each ending where the next begins: the outer ring counter-clockwise, those round courts
     *     clockwise. No ring touches itself or another
     */
    public static Solution solve(List<List<RoofEdge>> outline) {
        List<RoofEdge> all = outline.stream().flatMap(List::stream).toList();
        List<RoofEdge> sloping =
                all.stream().filter(e -> !e.profile().isUpright()).toList();
        if (sloping.isEmpty())
            return new Solution.None(
                    "No edge of this roof slopes. Let at least one be an eaves.",
                    all.getFirst().from());
        if (sloping.size() == 1 && sloping.getFirst().profile().bands().size() == 1)
            return onePlane(outline, all.indexOf(sloping.getFirst()), sloping.getFirst());
        Area whole = area(outline);
        Solution first = null;
        for (double eps : EPS_MM) {
            Solution solution = new Wavefront(outline, eps).run();
            if (isSound(solution, whole)) return solution;
            if (first == null || first instanceof RoofShape) first = solution;
        }
        Solution last = new Wavefront(disturbed(outline), EPS_MM[0]).run();
        if (isSound(last, whole)) return last;
        return first instanceof Solution.None none
                ? none
                : new Solution.None(
                        "This outline cannot be roofed so. Change a pitch a little, or an edge.", whole.middle());
    }

    /** A lean-to: its one slope, cut by the outline. */
    private static RoofShape onePlane(List<List<RoofEdge>> outline, int index, RoofEdge edge) {
        Profile p = edge.profile();
        Plane plane = Plane.rising(
                edge.from(), p.startMm(), edge.inwards(), p.bands().getFirst().tan());
        Area plan = area(outline);
        List<RoofShape.Line> lines = new ArrayList<>();
        int i = 0;
        for (List<RoofEdge> ring : outline)
            for (RoofEdge e : ring) {
                boolean level = Math.abs(e.along().cross(edge.along())) < 1e-9;
                if (e != edge)
                    lines.add(new RoofShape.Line(
                            level ? RoofShape.Kind.HEAD : RoofShape.Kind.VERGE,
                            Math.min(i, index),
                            Math.max(i, index),
                            e.from(),
                            plane.at(e.from()),
                            e.to(),
                            plane.at(e.to())));
                i++;
            }
        return new RoofShape(List.of(new RoofShape.Face(index, 0, plan, plane)), lines);
    }

    private static Area area(List<List<RoofEdge>> outline) {
        List<List<Vec>> rings = outline.stream()
                .map(ring -> ring.stream().map(RoofEdge::from).toList())
                .toList();
        return Area.of(rings.getFirst(), rings.subList(1, rings.size()));
    }

    private static boolean isSound(Solution solution, Area whole) {
        if (!(solution instanceof RoofShape shape)) return false;
        double sum = shape.faces().stream().mapToDouble(f -> f.plan().mm2()).sum();
        Area all = Area.union(shape.faces().stream().map(RoofShape.Face::plan).toList());
        double may = UNCOVERED_MM2 + UNCOVERED * whole.mm2();
        return Math.abs(sum - whole.mm2()) <= may
                && Math.abs(all.mm2() - whole.mm2()) <= may
                && all.minus(whole).mm2() <= may;
    }

    /** Every pitch a little steeper, each by another share. */
    private static List<List<RoofEdge>> disturbed(List<List<RoofEdge>> outline) {
        int n = 0;
        List<List<RoofEdge>> rings = new ArrayList<>();
        for (List<RoofEdge> ring : outline) {
            List<RoofEdge> edges = new ArrayList<>();
            for (RoofEdge e : ring) {
                double by = 1 + DISTURBED * ++n;
                List<Band> bands = e.profile().bands().stream()
                        .map(b -> new Band(b.tan() * by, b.toMm()))
                        .toList();
                edges.add(e.rising(new Profile(e.profile().startMm(), bands)));
            }
            rings.add(edges);
        }
        return rings;
    }
}
