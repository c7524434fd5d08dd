package org.leanlintel.core.dimension;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;

/** The two ways a storey is measured: along most of its walls, and square to them. @param first to the right, rising by less than a right angle */
record Ways(Vec first, Vec second) {

    private static final double QUARTER = Math.PI / 2, STEPS = 1e4;

    static Ways of(ElementId storey, Building building) {
        Map<Long, Double> lengths = new TreeMap<>();
        Map<Long, Double> angles = new TreeMap<>();
        for (Wall w : building.model().relations().wallsOf(storey)) {
            Strip strip = building.strip(w.id());
            if (strip == null || !w.isStraight()) continue;
            double angle = strip.axis().directionAt(0).angle();
            double turn = angle - Math.floor(angle / QUARTER + 1e-9) * QUARTER;
            long step = Math.round(turn * STEPS);
            lengths.merge(step, strip.length(), Double::sum);
            angles.putIfAbsent(step, Math.abs(turn) < 1e-9 ? 0 : turn);
        }
        long best = lengths.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(0L);
        Vec first = Vec.ofAngle(angles.getOrDefault(best, 0.0));
        return new Ways(first, first.left());
    }

    List<Vec> both() {
        return List.of(first, second);
    }

    /** Whether a wall that runs in a direction runs along one of the two. */
    boolean isSquare(Vec direction) {
        return Math.abs(direction.cross(first)) <= Tolerance.PARALLEL_SINE
                || Math.abs(direction.dot(first)) <= Tolerance.PARALLEL_SINE;
    }
}
