package org.leanlintel.core.model;

/** What becomes of a thing in the work drawn. */
public enum WorkState {
    /** It stands already and stays. */
    EXISTING,
    /** It stands and is to be taken down. */
    REMOVED,
    NEW;

    /** Whether things in both states are there at one time: what comes stands in the place of what goes. */
    public boolean meets(WorkState other) {
        return !(this == REMOVED && other == NEW || this == NEW && other == REMOVED);
    }
}
