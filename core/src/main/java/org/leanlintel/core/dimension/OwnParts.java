package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.OwnPart;

/** What was decided of single points and parts of a string, by where these lie now. */
public final class OwnParts {

    private record At(double from, double to, OwnPart own) {}

    private final List<At> all = new ArrayList<>();

    public OwnParts(DimensionString string, Building building) {
        for (OwnPart o : string.own()) {
            List<Hold> ends =
                    switch (o) {
                        case OwnPart.Reach r -> List.of(r.point(), r.point());
                        case OwnPart.Figure f -> List.of(f.from(), f.to());
                    };
            Held from = HeldPoints.of(ends.getFirst(), string, building);
            Held to = HeldPoints.of(ends.getLast(), string, building);
            if (from != null && to != null)
                all.add(new At(Math.min(from.position(), to.position()), Math.max(from.position(), to.position()), o));
        }
    }

    /** The figure between two neighbouring points; null where nothing was decided of it. */
    public OwnPart.@Nullable Figure figure(Held from, Held to) {
        for (At a : all) if (a.own() instanceof OwnPart.Figure f && lies(a, from, to)) return f;
        return null;
    }

    /** The extension line of a point; null where it is that of its style. */
    public OwnPart.@Nullable Reach reach(Held point) {
        for (At a : all) if (a.own() instanceof OwnPart.Reach r && lies(a, point, point)) return r;
        return null;
    }

    private static boolean lies(At at, Held from, Held to) {
        return Tolerance.same(at.from(), from.position()) && Tolerance.same(at.to(), to.position());
    }
}
