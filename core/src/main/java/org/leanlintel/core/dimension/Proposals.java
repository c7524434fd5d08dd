package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/** Strings proposed for a drawing that shows heights; what a string there tells already is not told again. */
final class Proposals {

    private final Building building;
    private final Drawing drawing;
    private final List<ProposedString> all = new ArrayList<>();

    Proposals(Building building, Drawing drawing) {
        this.building = building;
        this.drawing = drawing;
    }

    List<ProposedString> all() {
        return all;
    }

    void propose(Vec direction, Vec at, List<Hold> holds) {
        propose(direction, at, holds, s -> true);
    }

    /** @param beside which strings that are there may tell it */
    void propose(Vec direction, Vec at, List<Hold> holds, Predicate<DimensionString> beside) {
        if (holds.size() < 2) return;
        DimensionString would =
                new DimensionString(new ElementId("proposed"), drawing.id(), drawing.id(), direction, at, holds, false);
        List<HeldPoints.Held> points = HeldPoints.along(would, building);
        if (points.size() < 2 || isTold(direction, points, beside)) return;
        all.add(new ProposedString(null, direction, at, holds));
    }

    private boolean isTold(Vec direction, List<HeldPoints.Held> points, Predicate<DimensionString> beside) {
        for (DimensionString s : building.model().all(DimensionString.class)) {
            boolean alike = s.drawing().equals(drawing.id())
                    && Math.abs(s.direction().cross(direction)) <= Tolerance.PARALLEL_SINE;
            if (!alike || !beside.test(s)) continue;
            double sign = Math.signum(s.direction().dot(direction));
            List<HeldPoints.Held> there = HeldPoints.along(s, building);
            if (points.stream()
                    .allMatch(p -> there.stream().anyMatch(t -> Tolerance.same(t.position() * sign, p.position()))))
                return true;
        }
        return false;
    }
}
