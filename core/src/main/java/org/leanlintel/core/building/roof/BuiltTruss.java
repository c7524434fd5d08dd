package org.leanlintel.core.building.roof;

import java.util.ArrayList;
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
 * Trusses where they stand in their roof: between its two longest eaves that face each other, as far as the ridge over them and the
 * structure of the walls at its ends reach.
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
                if (eaves.get(i).direction().dot(eaves.get(j).direction()) < -PARALLEL)
                    return new Between(truss, roof, shape, eaves.get(i), eaves.get(j)).found();
        return new Cannot("%s has no two eaves that face each other."
                .formatted(roof.roof().mark()));
    }

    /** @param left the longer of the eaves */
    private record Between(Truss truss, BuiltRoof roof, RoofShape shape, PlateEdge left, PlateEdge right) {

        Found found() {
            String mark = roof.roof().mark();
            if (Math.abs(left.edge().raisedMm() - right.edge().raisedMm()) > SAME_MM)
                return new Cannot("The plates of %s lie at two levels.".formatted(mark));
            double plateMm = roof.plateMm() + left.edge().raisedMm();
            double one = butt(left, plateMm), other = butt(right, plateMm);
            if (Double.isNaN(one) || Double.isNaN(other))
                return new Cannot("The slopes of %s do not reach its plates.".formatted(mark));
            if (Math.abs(one - other) > SAME_MM)
                return new Cannot("The heels of %s are of two heights: give it raised heels.".formatted(mark));
            if (one < -0.01)
                return new Cannot(
                        "The heel of %s is %.0f mm too low for a top chord of %.0f mm: make the heel higher or the chord less deep."
                                .formatted(mark, -one, truss.topMm()));
            Vec origin = left.from().along(left.inwards(), left.facingMm());
            double span = right.from().minus(left.from()).dot(left.inwards()) - left.facingMm() - right.facingMm();
            TrussSum sum = new TrussSum(
                    truss.form(),
                    span,
                    left.edge().tan(),
                    right.edge().tan(),
                    Math.max(one, 0),
                    over(left),
                    over(right),
                    truss.topMm(),
                    truss.bottomMm(),
                    truss.webMm());
            String refusal = TrussShape.refusal(sum);
            if (!refusal.isEmpty()) return new Cannot(refusal);
            List<Double> at = places();
            if (at.isEmpty())
                return new Cannot("There is no ridge over the middle of %s to stand under.".formatted(mark));
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

        /** The middles, from the first end on. */
        private List<Double> places() {
            double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
            for (RoofShape.Line l : shape.lines()) {
                boolean over = l.kind() == RoofShape.Kind.RIDGE
                        && isOf(l.edge(), l.other(), left)
                        && isOf(l.edge(), l.other(), right);
                if (!over) continue;
                for (Vec p : List.of(l.from(), l.to())) {
                    low = Math.min(low, s(p));
                    high = Math.max(high, s(p));
                }
            }
            double first = Double.POSITIVE_INFINITY, last = Double.NEGATIVE_INFINITY;
            for (List<Vec> ring : roof.inside().rings())
                for (Vec p : ring) {
                    first = Math.min(first, s(p));
                    last = Math.max(last, s(p));
                }
            low = Math.max(low, first);
            high = Math.min(high, last);
            if (truss.along() instanceof Truss.PartAlong p) {
                high = Math.min(high, low + p.toMm());
                low += p.fromMm();
            }
            List<Double> at = new ArrayList<>();
            double length = high - low - truss.thickMm();
            if (!(length >= 0)) return at;
            int count = (int) Math.ceil(length / truss.spacingMm() - 1e-9) + 1;
            for (int i = 0; i < count - 1; i++) at.add(low + truss.thickMm() / 2 + i * truss.spacingMm());
            at.add(high - truss.thickMm() / 2);
            return at;
        }

        private boolean isOf(int edge, int other, PlateEdge plate) {
            return roof.plate(edge) == plate || roof.plate(other) == plate;
        }

        private double s(Vec p) {
            return p.minus(left.from()).dot(left.direction());
        }
    }
}
