package org.leanlintel.core.model;

/** What a line of a drawing stands for; a lens gives each role its pen. */
public enum PenRole {
    /** The outline of structure that is cut. */
    CUT_STRUCTURE,
    /** The weather face of a facing that is cut. */
    CUT_FACING,
    /** The room face of a lining that is cut, frames. */
    CUT_LINING,
    /** Between two plies inside a wall that is cut. */
    PLY,
    /** A membrane. */
    SHEET,
    HATCH,
    /** Seen below the cut: sills, thresholds, glass. */
    EDGE,
    /** The same of what lies far behind the nearest of what is seen, where a lens tells these apart. */
    DISTANT,
    /** What stands before something farther off, or against the sky: the outline of a mass in elevation. */
    OUTLINE,
    /** Courses, boards and tiles seen from the front. */
    SURFACE,
    /** Eaves, verges, ridges, hips and valleys of a roof seen from above. */
    ROOF,
    /** Where the ground is cut. */
    GROUND,
    /** Above the cut. */
    OVERHEAD,
    /** A wall that is to be taken down. */
    REMOVED,
    DOOR_LEAF,
    DOOR_SWING,
    /** A fitting's outline and lines. */
    FITTING,
    /** The frame and the leader of a room label, a room limit. */
    ROOM,
    /** Treads, strings, handrails and arrows of stairs; voids. */
    STAIR,
    /** Level marks, and the lines sections are cut along. */
    LEVEL,
    /** Grid lines (ISO 128-2, type 04). */
    GRID,
    /** The sides of the plot. */
    BOUNDARY,
    /** What is drawn by and never prints. */
    CONSTRUCTION,
    DIMENSION,
    TICK,
    /** The frame and title block of a sheet. */
    SHEET_FRAME,
    SHEET_RULE;

    /** Whether it is the outline of what is cut. */
    public boolean isCut() {
        return this == CUT_STRUCTURE || this == CUT_FACING || this == CUT_LINING;
    }
}
