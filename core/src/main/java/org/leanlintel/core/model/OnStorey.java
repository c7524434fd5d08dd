package org.leanlintel.core.model;

/** What belongs to one storey, and goes with it. */
public interface OnStorey {

    ElementId storey();
}
