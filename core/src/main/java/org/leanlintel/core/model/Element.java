package org.leanlintel.core.model;

/**
 * Something the drafter decided. All elements share undo, copy, import, export and history. A switch over them names every
 * kind, or a family of them, and has no {@code default}: the compiler then finds what a new kind needs.
 */
public sealed interface Element
        permits Element.Sole, Element.Stock, OnLayer, Storey, Corner, KeptGap, Tracing, Drawing, Sheet {

    ElementId id();

    /** What a project has one of, and keeps. */
    sealed interface Sole extends Element permits Settings, HeatRule, Rules, Site {}

    /** What others are made of or drawn by, and stands in no drawing itself. */
    sealed interface Stock extends Element permits Layer, Lens, Material, BuildUp, Symbol {}
}
