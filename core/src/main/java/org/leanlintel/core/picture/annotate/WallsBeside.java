package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.picture.Look;

/**
 * How far above a string's line, on paper, walls begin that run along half of it or more in a plan; less than 0 for under it.
 *
 * @param shownOn the plan that shows it
 */
record WallsBeside(ElementId string, ElementId shownOn) implements Key<List<Double>> {

    /** On paper: so far from its line figures may stand. */
    private static final double REACH_MM = 16;

    @Override
    public List<Double> from(Reads reads) {
        Building building = Building.in(reads);
        DimensionString of = reads.model().get(string, DimensionString.class);
        Look look = reads.get(new Look.Of(shownOn));
        List<Held> points = reads.get(new StringReach.Of(of.drawing(), string)).points();
        if (points.size() < 2 || look.lens().roofs() == Lens.Roofs.FROM_ABOVE) return List.of();
        double from = points.getFirst().position(), to = points.getLast().position();
        double scale = look.drawing().scale(), here = of.at().dot(of.direction());
        Bounds near = Bounds.of(List.of(
                        of.at().along(of.direction(), from - here), of.at().along(of.direction(), to - here)))
                .grown(REACH_MM * scale);
        List<Double> beside = new ArrayList<>();
        for (Strip wall : building.near(near, look.storey())) {
            if (look.hides(wall.wall()) || alongBoth(wall, of.direction(), from, to) < (to - from) / 2) continue;
            Double mm = from(of, wall);
            if (mm != null && Math.abs(mm) < REACH_MM * scale) beside.add(mm / scale);
        }
        return List.copyOf(beside);
    }

    /** How long a wall runs beside it; nothing where it does not run the same way. */
    private static double alongBoth(Strip wall, Vec way, double from, double to) {
        boolean same = wall.axis().isStraight()
                && Math.abs(wall.axis().chord().direction().cross(way)) <= Tolerance.PARALLEL_SINE;
        if (!same) return 0;
        double one = wall.axis().start().dot(way), two = wall.axis().end().dot(way);
        return Math.min(to, Math.max(one, two)) - Math.max(from, Math.min(one, two));
    }

    /** Up to its nearer face; null where the string runs within it. */
    private static @Nullable Double from(DimensionString string, Strip wall) {
        double one = wall.at(0, wall.lo()).minus(string.at()).dot(string.up());
        double two = wall.at(0, wall.hi()).minus(string.at()).dot(string.up());
        if (one > 0 && two > 0) return Math.min(one, two);
        return one < 0 && two < 0 ? (Double) Math.max(one, two) : null;
    }
}
