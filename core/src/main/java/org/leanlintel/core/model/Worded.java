package org.leanlintel.core.model;

/** A thing whose label or mark stands in plans, where it is clear or where the drafter puts it. */
public sealed interface Worded permits Room, Opening, Fitting {

    ElementId id();

    WordsAt words();

    /** The same with its words elsewhere. */
    Element worded(WordsAt other);
}
