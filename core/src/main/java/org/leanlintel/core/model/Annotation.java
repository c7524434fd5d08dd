package org.leanlintel.core.model;

/** What is written in one drawing, and belongs to no other. */
public sealed interface Annotation extends OnLayer permits Measuring, Pointing, Sign, Blank, Cloud {

    ElementId drawing();

    /** Whether it shows in all plans of the storey that are seen through the lens of its drawing. */
    boolean throughLens();
}
