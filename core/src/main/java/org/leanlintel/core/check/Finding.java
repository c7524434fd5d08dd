package org.leanlintel.core.check;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What a check found.
 *
 * @param sentence what is wrong, with the measure that is short and what it should be
 * @param remedy how it can be put right
 * @param concerns the elements it speaks of, the first the one to change
 * @param at where on the storey
 * @param source of the rule; empty where it is no rule but a clash
 */
public record Finding(
        Kind kind, String sentence, String remedy, List<ElementId> concerns, ElementId storey, Vec at, String source) {

    public Finding {
        concerns = List.copyOf(concerns);
    }

    public enum Kind {
        /** Less free floor than a rule asks for. */
        CLEARANCE,
        /** Two things in one place. */
        CLASH,
        /** A leaf that cannot open. */
        SWING,
        /** A bedroom without a way out. */
        ESCAPE,
        /** Rooms that are not as they were named. */
        ROOMS,
        /** A stair that breaks a rule. */
        STAIR,
        /** A roof that cannot be built, or is too flat for its covering. */
        ROOF,
        /** What carries and stands on nothing, or out of line. */
        SUPPORT,
        /** Things on a layer that is meant for others. */
        LAYER,
        /** A dimension string that holds to what was deleted. */
        STRING,
        /** A note that points at what was deleted, or cannot be filled. */
        NOTE,
        /** A plan that a builder cannot set out from. */
        SET_OUT,
        /** What does not print well on a sheet; its place is on that. */
        SHEET
    }
}
