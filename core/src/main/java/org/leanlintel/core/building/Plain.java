package org.leanlintel.core.building;

import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Surface;

/** Materials of things whose stuff nobody states: frames, panes, furniture. */
public final class Plain {

    private Plain() {}

    public static Material of(String what, String tint) {
        return new Material(
                new ElementId("plain-" + what),
                what,
                what,
                new Hatch(Hatch.Pattern.NONE, 1),
                tint,
                new Heat.Unstated(),
                new Surface.Plain(),
                0,
                "");
    }
}
