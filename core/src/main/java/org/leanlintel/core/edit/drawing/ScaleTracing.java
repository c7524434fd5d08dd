package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Tracing;

/** Scales a picture about one point of it, so that another comes to lie a known distance from it. */
public record ScaleTracing(ElementId tracing, Vec from, Vec to, double distanceMm) implements Edit {

    /** Pointing closer than this says nothing about a scale. */
    private static final double LEAST_MM = 1;

    @Override
    public Set<ElementId> reads() {
        return Set.of(tracing);
    }

    @Override
    public Outcome on(Building building) {
        Tracing known = building.model().get(tracing, Tracing.class);
        double now = from.distanceTo(to);
        if (!(distanceMm > 0)) return Refusal.because("Type a distance greater than nothing.", tracing);
        if (now < LEAST_MM) return Refusal.because("Pick two points further apart on the picture.", tracing);
        double factor = distanceMm / now;
        Vec at = from.plus(known.at().minus(from).times(factor));
        return Change.to(building.model(), "scale " + Naming.of(known), List.of(known.sized(at, factor)), List.of());
    }
}
