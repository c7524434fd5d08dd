package org.leanlintel.core.model;

/** What is written in one drawing, and belongs to no other. */
public sealed interface Annotation extends OnLayer permits DimensionString, Note {

    ElementId drawing();
}
