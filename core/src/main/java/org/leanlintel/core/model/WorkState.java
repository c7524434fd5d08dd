package org.leanlintel.core.model;

/** What becomes of a thing in the work drawn. */
public enum WorkState {
    /** It stands already and stays. */
    EXISTING,
    /** It stands and is to be taken down. */
    REMOVED,
    NEW
}
