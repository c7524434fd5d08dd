package org.leanlintel.core.picture.annotate;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;

/** Where the lines of a drawing's strings run, for what keeps clear of them. */
public final class StringLines {

    private StringLines() {}

    /** Whether a string's line or one of its extension lines runs through a box. */
    public static boolean meet(Bounds box, ElementId drawing, Building building) {
        return building.lying(new StringReach.Strings(drawing), box).stream()
                .anyMatch(string -> building.get(string).runsThrough(box));
    }
}
