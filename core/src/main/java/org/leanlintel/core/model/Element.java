package org.leanlintel.core.model;

/**
 * Something the drafter decided. All elements share undo, copy, import, export and history. A switch over them names every
 * kind, or a family of them, and has no {@code default}: the compiler then finds what a new kind needs.
 */
public sealed interface Element permits OnLayer, Corner, Tracing, Element.Apart {

    ElementId id();

    /** What stands on no board itself: it is neither picked there nor moved or carried. */
    sealed interface Apart extends Element permits Sole, Stock, Storey, KeptGap, Drawing, Sheet {}

    /** What a project has one of, and keeps. */
    sealed interface Sole extends Apart permits Settings, HeatRule, Rules, Site {}

    /** What others are made of or drawn by, and stands in no drawing itself. */
    sealed interface Stock extends Apart
            permits Layer, Lens, StringStyle, LetterStyle, TitleBlock, Clause, Material, BuildUp, Symbol {}
}
