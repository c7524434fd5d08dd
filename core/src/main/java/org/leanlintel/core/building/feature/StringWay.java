package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/**
 * Which way a dimension string measures: square to the first face or edge it holds to. Between points it is where its line
 * is placed that decides: above or below them it measures across, beside them up, and off a corner of the box round
 * them, or within it, from one straight to the other.
 */
public final class StringWay {

    private final Building building;
    /** How the drawing shows heights; null in a plan. */
    private final @Nullable Upright upright;

    private StringWay(Building building, Drawing drawing) {
        this.building = building;
        upright = Upright.of(drawing, building);
    }

    /**
     * @param drawing that it is drawn in
     * @param holds two or more
     * @param at where the line of the string is placed
     * @return one long, to the right or upwards
     */
    public static Vec of(Building building, ElementId drawing, List<Hold> holds, Vec at) {
        StringWay way = new StringWay(building, building.model().get(drawing, Drawing.class));
        List<Vec> points = new ArrayList<>();
        for (Hold hold : holds) {
            List<Vec> feature = way.feature(hold, at.x());
            if (feature.size() == 2 && !Tolerance.same(feature.getFirst(), feature.getLast()))
                return onwards(
                        feature.getLast().minus(feature.getFirst()).unit().left());
            points.addAll(feature);
        }
        return points.size() < 2 ? new Vec(1, 0) : onwards(between(points, at));
    }

    private static Vec between(List<Vec> points, Vec at) {
        double offX = off(points.stream().mapToDouble(Vec::x).toArray(), at.x());
        double offY = off(points.stream().mapToDouble(Vec::y).toArray(), at.y());
        Vec straight = points.getLast().minus(points.getFirst());
        boolean oneWay = offX > 0 != offY > 0;
        Vec along = offY > 0 ? new Vec(1, 0) : new Vec(0, 1);
        boolean reaches = Math.abs(straight.dot(along)) > Tolerance.SAME_MM;
        if (oneWay && reaches) return along;
        return straight.length() > Tolerance.SAME_MM ? straight.unit() : along;
    }

    /** How far outside all of them. */
    private static double off(double[] all, double at) {
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (double v : all) {
            low = Math.min(low, v);
            high = Math.max(high, v);
        }
        return Math.max(0, Math.max(low - at, at - high));
    }

    private static Vec onwards(Vec direction) {
        boolean back = direction.x() < -1e-9 || Math.abs(direction.x()) <= 1e-9 && direction.y() < 0;
        return back ? direction.times(-1) : direction;
    }

    /** One point, or the two ends of a line; none where there is no such thing. */
    private List<Vec> feature(Hold hold, double x) {
        if (upright == null || hold instanceof Hold.AtPoint) return new InPlan(building, false).of(hold);
        Feature feature = Features.of(hold, building);
        return feature == null ? List.of() : upright.near(feature, x);
    }
}
