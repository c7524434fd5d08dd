package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;

/**
 * One gutter of a roof: eaves of one height that follow each other round it.
 *
 * @param given where other roofs lie over its roof
 * @param runs in their order, the roof to their left
 * @param closed whether it comes back to where it begins
 */
public record Gutter(BuiltRoof roof, Area given, List<Run> runs, boolean closed) {

    /** How far downpipes stand from the wall behind them; what is shorter is no gutter of its own. */
    private static final double CLEAR_MM = 25, LEAST_MM = 600;

    /**
     * Along one eaves.
     *
     * @param edge that of the roof's outline; @param plate over which it runs
     * @param fromMm along the plate, and {@code toMm}: what of it no other roof lies over
     */
    public record Run(int edge, PlateEdge plate, double fromMm, double toMm) {

        public double lengthMm() {
            return toMm - fromMm;
        }
    }

    /** A place along a gutter. @param alongMm from where the plate under its run begins */
    public record Spot(BuiltRoof roof, Run run, double alongMm) {

        /** The middle of a downpipe there. @param depthMm of it, away from the wall */
        public Vec at(double depthMm) {
            PlateEdge plate = run.plate();
            return plate.from().along(plate.direction(), alongMm).along(plate.inwards(), -CLEAR_MM - depthMm / 2);
        }

        /** The slope that drains into it; null where there is none. */
        public RoofShape.@Nullable Face face() {
            if (roof.shape() instanceof RoofShape shape)
                for (RoofShape.Face f : shape.faces()) if (f.edge() == run.edge()) return f;
            return null;
        }
    }

    public Gutter {
        runs = List.copyOf(runs);
    }

    /** All of a roof as it lies beside and under others; none where it has no gutters. */
    public static List<Gutter> of(JoinedRoof roof) {
        return of(roof.built(), roof.given());
    }

    /** @param given what lies under other roofs */
    private static List<Gutter> of(BuiltRoof roof, Area given) {
        if (roof.roof().trim().gutterMm() == 0 || roof.shape() == null) return List.of();
        List<Gutter> gutters = new ArrayList<>();
        int from = 0;
        for (int edges : roof.rings()) {
            add(roof, given, runs(roof, from, from + edges, given), gutters);
            from += edges;
        }
        return gutters.stream().filter(g -> g.lengthMm() >= LEAST_MM).toList();
    }

    /** @param all that lie along one ring of the outline */
    private static void add(BuiltRoof roof, Area given, List<Run> all, List<Gutter> gutters) {
        int n = all.size(), first = 0;
        for (int i = 0; i < n; i++) if (!runsOn(roof, all.get((i + n - 1) % n), all.get(i))) first = i;
        List<Run> runs = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            Run run = all.get((first + k) % n);
            if (!runs.isEmpty() && !runsOn(roof, runs.getLast(), run)) {
                gutters.add(new Gutter(roof, given, runs, false));
                runs.clear();
            }
            runs.add(run);
        }
        if (!runs.isEmpty()) {
            boolean closed = runs.size() > 1 && runsOn(roof, runs.getLast(), runs.getFirst());
            gutters.add(new Gutter(roof, given, runs, closed));
        }
    }

    private static List<Run> runs(BuiltRoof roof, int from, int to, Area given) {
        List<Run> runs = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (!(roof.plate(i) instanceof PlateEdge plate) || !plate.isEaves()) continue;
            RoofEdge e = roof.eaves().get(i);
            double length = plate.from().distanceTo(plate.to());
            List<List<Vec>> open = given.isEmpty()
                    ? List.of(List.of(e.from(), e.to()))
                    : given.outside(List.of(List.of(e.from(), e.to())));
            List<Run> pieces = new ArrayList<>();
            for (List<Vec> line : open) {
                double one = along(plate, line.getFirst()), other = along(plate, line.getLast());
                double near = Math.clamp(Math.min(one, other), 0, length);
                double far = Math.clamp(Math.max(one, other), 0, length);
                if (far - near > Tolerance.SAME_MM) pieces.add(new Run(i, plate, near, far));
            }
            pieces.sort(Comparator.comparingDouble(Run::fromMm));
            runs.addAll(pieces);
        }
        return runs;
    }

    private static double along(PlateEdge plate, Vec p) {
        return p.minus(plate.from()).dot(plate.direction());
    }

    /** Whether one runs on before the next eaves of the outline, at its height. */
    private static boolean runsOn(BuiltRoof roof, Run one, Run next) {
        double end = one.plate().from().distanceTo(one.plate().to());
        return next.edge() == roof.next(one.edge())
                && one.toMm() > end - Tolerance.SAME_MM
                && next.fromMm() < Tolerance.SAME_MM
                && Math.abs(roof.eavesMm(one.edge()) - roof.eavesMm(next.edge())) < Tolerance.SAME_MM;
    }

    /** The place before the walls under it that lies nearest to a point, and at most so far; null where none does. */
    public static @Nullable Spot nearest(JoinedRoof roof, Vec point, double mostMm) {
        return nearest(of(roof), point, mostMm);
    }

    /** The same of a roof by itself, whatever lies over it. */
    static @Nullable Spot nearest(BuiltRoof roof, Vec point, double mostMm) {
        return nearest(of(roof, Area.NONE), point, mostMm);
    }

    private static @Nullable Spot nearest(List<Gutter> gutters, Vec point, double mostMm) {
        Spot best = null;
        double least = mostMm;
        for (Gutter g : gutters)
            for (Run run : g.runs) {
                double along = Math.clamp(along(run.plate(), point), run.fromMm(), run.toMm());
                double far =
                        point.distanceTo(run.plate().from().along(run.plate().direction(), along));
                if (far > least) continue;
                least = far;
                best = new Spot(g.roof, run, along);
            }
        return best;
    }

    public double lengthMm() {
        return runs.stream().mapToDouble(Run::lengthMm).sum();
    }

    /** The place so far from its beginning. */
    public Spot spot(double mm) {
        double left = mm;
        for (Run run : runs) {
            if (left <= run.lengthMm()) return new Spot(roof, run, run.fromMm() + Math.max(0, left));
            left -= run.lengthMm();
        }
        return new Spot(roof, runs.getLast(), runs.getLast().toMm());
    }

    /** How far from its beginning a place lies; null where it lies along another gutter. */
    public @Nullable Double along(Spot spot) {
        double before = 0;
        for (Run run : runs) {
            if (run.edge() == spot.run().edge()
                    && roof.roof().id().equals(spot.roof().roof().id())) return before + spot.alongMm();
            before += run.lengthMm();
        }
        return null;
    }

    /** How far from its beginning each downpipe stands that it has. @param roof whose gutter it is */
    public List<Double> downpipes(JoinedRoof roof, Building building) {
        List<Double> there = new ArrayList<>();
        for (RoofPart p : building.model().all(RoofPart.class))
            if (p.roof().equals(roof.built().roof().id())
                    && p.stays()
                    && p.make() instanceof RoofPart.Downpipe
                    && nearest(roof, p.at(), PlacedRoofPart.FROM_WALL_MM) instanceof Spot spot
                    && along(spot) instanceof Double along) there.add(along);
        return there;
    }

    /** The effective area of the slopes that drain into it, m2. */
    public double collectsM2(Rules.Drainage rule) {
        double mm2 = 0;
        if (roof.shape() instanceof RoofShape shape)
            for (RoofShape.Face f : shape.faces())
                if (runs.stream().anyMatch(r -> r.edge() == f.edge()))
                    mm2 += f.plan().minus(given).mm2() * rule.times(f.tan());
        return mm2 / 1e6;
    }

    /** How many downpipes it needs at least, each as at the end of its gutter; 0 where the rule says nothing of such a gutter. */
    public int needs(Rules.Drainage rule) {
        Double each = rule.perPipeM2(roof.roof().trim().gutterMm());
        double collects = collectsM2(rule);
        return each == null || each == 0 || collects <= rule.freeM2() ? 0 : (int) Math.ceil(collects / each - 1e-9);
    }
}
