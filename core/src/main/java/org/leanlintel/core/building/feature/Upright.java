package org.leanlintel.core.building.feature;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;

/** How a drawing that shows heights shows features: as lines of its picture. */
public sealed interface Upright permits InSection, InLegs, Unrolled {

    /** Null for a drawing that shows no heights. */
    static @Nullable Upright of(Drawing drawing, Building building) {
        return switch (drawing.kind()) {
            case SECTION, ELEVATION -> InSection.of(drawing, building.model());
            case INTERIOR -> building.get(new Unrolled.Of(drawing.one()));
            default -> null;
        };
    }

    /** The two ends of each line that it shows of a feature. */
    List<List<Vec>> all(Feature feature);

    /** The two ends of the line it shows nearest to a place in its picture; none where it shows none. */
    List<Vec> near(Feature feature, double x);
}
