package org.leanlintel.core.picture.wall;

import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Look;

/** How an opening shows in a plan, by what becomes of it and of its wall. */
public enum OpeningLook {
    /** A hole with its symbol. */
    OPEN,
    /** A hole with a dashed outline: what stands in it goes. */
    TO_GO,
    /** Its wall goes through; a dashed outline says what is cut out. */
    TO_CUT,
    /** Filled, by what is new. */
    FILLED,
    /** Its wall goes through. */
    NOT_THERE;

    public static OpeningLook of(Opening opening, Look look) {
        boolean comes = look.of(WorkState.NEW) != Lens.StateLook.HIDDEN;
        boolean goes = look.of(WorkState.REMOVED) == Lens.StateLook.DASHED;
        return switch (opening.work()) {
            case AS_WALL -> OPEN;
            case NEW -> comes ? OPEN : goes ? TO_CUT : NOT_THERE;
            case FILLED -> comes ? FILLED : goes ? TO_GO : OPEN;
        };
    }

    /** Whether the wall is drawn through it. */
    boolean isClosed() {
        return this == TO_CUT || this == FILLED || this == NOT_THERE;
    }
}
