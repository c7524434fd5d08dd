package org.leanlintel.core.roof;

import org.leanlintel.core.geometry.Vec;

/** What comes of an outline: a roof, or a sentence. */
public sealed interface Solution permits RoofShape, Solution.None {

    /** @param why for the drafter; @param at a place that shows it */
    record None(String why, Vec at) implements Solution {}
}
