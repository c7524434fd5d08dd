package org.leanlintel.core.building.roof;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.truss.TrussShape;
import org.leanlintel.core.truss.TrussSum;

/**
 * Trusses where they stand in their roof: between its two longest eaves that face each other, or from its longest eaves to what its one
 * slope ends at, as far as the ridge or the head over them and the structure of the walls at its ends reach. Under one slope they end at
 * the inner face of the wall that rises past their high end. Those spread along a roof leave out the places where single ones and those
 * at its ends stand.
 *
 * @param origin on the outer face of the left plate's structure, where places along are counted from
 * @param across from the left plate to the right one, one long
 * @param at the middle of each along the plate, from the origin
 */
public record BuiltTruss(
        Truss truss, BuiltRoof roof, TrussShape shape, Vec origin, Vec across, double plateMm, List<Double> at) {

    /** Trusses there are, or why there are none. */
    public sealed interface Found permits Stands, Cannot {}

    public record Stands(BuiltTruss built) implements Found {}

    /** @param why in a sentence */
    public record Cannot(String why) implements Found {}

    /** Those of the model; null where there are none. */
    public record Of(ElementId truss) implements Key<@Nullable BuiltTruss> {
        @Override
        public @Nullable BuiltTruss from(Reads reads) {
            return reads.model().find(truss) instanceof Truss t && of(t, Building.in(reads)) instanceof Stands s
                    ? s.built()
                    : null;
        }
    }

    private static final double PARALLEL = 1 - 1e-6, SAME_MM = 1;

    public BuiltTruss {
        at = List.copyOf(at);
    }

    /** Along the plates, from the left plate's right to its left as one looks from it inwards. */
    public Vec along() {
        return across.left().times(-1);
    }

    /** A place of one of them in plan. @param x from the outer edge of the left plate */
    public Vec plan(double x, double along) {
        return origin.along(across, x).along(along(), along);
    }

    /** Trusses that may not be in the model yet. */
    public static Found of(Truss truss, Building building) {
        BuiltRoof roof = building.get(new BuiltRoof.Of(truss.roof()));
        if (roof == null || !(roof.solution() instanceof RoofShape shape))
            return new Cannot("The roof they stand in has no shape.");
        List<PlateEdge> eaves = roof.plate().stream()
                .filter(e -> e.edge().rises() instanceof Roof.Eaves)
                .sorted(Comparator.comparingDouble((PlateEdge e) -> e.from().distanceTo(e.to()))
                        .reversed())
                .toList();
        for (int i = 0; i < eaves.size(); i++)
            for (int j = i + 1; j < eaves.size(); j++)
                if (face(eaves.get(i), eaves.get(j)))
                    return new Between(truss, building, roof, shape, eaves.get(i), eaves.get(j)).found();
        for (PlateEdge low : eaves)
            for (PlateEdge high : roof.plate())
                if (!high.slopes() && face(low, high)) {
                    Between between = new Between(truss, building, roof, shape, low, high);
                    if (between.reach() != null) return between.found();
                }
        return new Cannot(
                "%s has no eaves that face other eaves, or that its slope rises from to a side in line with them."
                        .formatted(roof.roof().mark()));
    }

    private static boolean face(PlateEdge one, PlateEdge other) {
        return one.direction().dot(other.direction()) < -PARALLEL;
    }

    /** @param left the longer of the eaves; @param right the other, or the side that one slope ends at */
    private record Between(
            Truss truss, Building building, BuiltRoof roof, RoofShape shape, PlateEdge left, PlateEdge right) {

        Found found() {
            String mark = roof.roof().mark();
            boolean oneSlope = !right.slopes();
            if (!oneSlope && Math.abs(left.edge().raisedMm() - right.edge().raisedMm()) > SAME_MM)
                return new Cannot("The plates of %s lie at two levels.".formatted(mark));
            double plateMm = roof.plateMm() + left.edge().raisedMm();
            double one = butt(left, plateMm), other = oneSlope ? one : butt(right, plateMm);
            if (Double.isNaN(one) || Double.isNaN(other))
                return new Cannot("The slopes of %s do not reach its plates.".formatted(mark));
            if (Math.abs(one - other) > SAME_MM)
                return new Cannot("The heels of %s are of two heights: give it raised heels.".formatted(mark));
            if (one < -0.01)
                return new Cannot(
                        "The heel of %s is %.0f mm too low for a top chord of %.0f mm: make the heel higher or the chord less deep."
                                .formatted(mark, -one, truss.topMm()));
            Vec origin = left.from().along(left.inwards(), left.facingMm());
            double rightMm = right.facingMm() + (oneSlope ? right.structureMm() : 0);
            double span = right.from().minus(left.from()).dot(left.inwards()) - left.facingMm() - rightMm;
            double lower = truss.form() instanceof Truss.Gable g ? g.lowerMm() : 0;
            TrussSum sum = new TrussSum(
                    truss.form(),
                    span,
                    left.edge().tan(),
                    right.edge().tan(),
                    Math.max(one, 0) - lower,
                    lower > 0 ? 0 : over(left),
                    lower > 0 || oneSlope ? 0 : over(right),
                    truss.topMm(),
                    truss.bottomMm(),
                    truss.webMm());
            String refusal = TrussShape.refusal(sum);
            if (!refusal.isEmpty()) return new Cannot(refusal);
            List<Double> at = places();
            if (at.isEmpty()) return new Cannot("%s has no place for them there.".formatted(mark));
            return new Stands(new BuiltTruss(truss, roof, TrussShape.of(sum), origin, left.inwards(), plateMm, at));
        }

        /** From the plate's outer edge up to the underside of the top chord; NaN where no slope lies there. */
        private double butt(PlateEdge edge, double plateMm) {
            Vec on = edge.from().plus(edge.to()).times(0.5).along(edge.inwards(), edge.facingMm());
            for (RoofShape.Face f : shape.faces())
                if (roof.plate(f.edge()) == edge && f.band() == 0)
                    return f.plane().at(on)
                            - plateMm
                            - truss.topMm() * Math.hypot(1, edge.edge().tan());
            return Double.NaN;
        }

        private double over(PlateEdge edge) {
            double board = roof.roof().trim().fasciaMm() > 0 ? RoofBodies.BOARD_MM : 0;
            return Math.max(0, edge.edge().overhangMm() + edge.facingMm() - board);
        }

        /** How far along the eaves they can stand; null where neither a ridge nor a head lies over them. */
        @Nullable
        TrussReach reach() {
            TrussReach over = null, inside = null;
            for (RoofShape.Line l : shape.lines())
                if ((l.kind() == RoofShape.Kind.RIDGE || !right.slopes())
                        && isOf(l.edge(), l.other(), left)
                        && isOf(l.edge(), l.other(), right))
                    over = TrussReach.to(s(l.to()), TrussReach.to(s(l.from()), over));
            for (List<Vec> ring : roof.inside().rings()) for (Vec p : ring) inside = TrussReach.to(s(p), inside);
            return over == null || inside == null
                    ? null
                    : new TrussReach(Math.max(over.low(), inside.low()), Math.min(over.high(), inside.high()));
        }

        /** The middles, from the first end on. */
        private List<Double> places() {
            TrussReach reach = reach();
            if (reach == null) return List.of();
            if (truss.isPlaced()) return reach.placed(truss);
            List<TrussReach.Stop> stops = building.model().all(Truss.class).stream()
                    .filter(t -> t.roof().equals(truss.roof()) && !t.id().equals(truss.id()) && t.isPlaced())
                    .flatMap(t -> reach.placed(t).stream()
                            .map(at -> new TrussReach.Stop(at, (t.wholeThickMm() + truss.wholeThickMm()) / 2)))
                    .sorted(Comparator.comparingDouble(TrussReach.Stop::at))
                    .toList();
            return reach.spread(truss, stops);
        }

        /** Whether a line lies between a side and another. */
        private boolean isOf(int edge, int other, PlateEdge plate) {
            return roof.plate(edge) == plate || roof.plate(other) == plate;
        }

        private double s(Vec p) {
            return p.minus(left.from()).dot(left.direction());
        }
    }
}
