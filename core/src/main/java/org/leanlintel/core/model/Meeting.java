package org.leanlintel.core.model;

/** What the drafter decided about walls that meet at a corner, or about the free end of one. It survives moves. */
public sealed interface Meeting {

    /**
     * Nothing: structures of one material share the corner, of others the thicker runs through; a free end is cut square.
     */
    record ByRule() implements Meeting {}

    /** Structures share the corner, each cut along the line between its crossings. */
    record Shared() implements Meeting {}

    /** The structure of {@code wall} runs through, and the other stops against it. */
    record Through(ElementId wall) implements Meeting {}

    /** Three or more straight walls are cut from the corner to where their faces meet, whatever their plies. */
    record Mitred() implements Meeting {}

    /** At a free end, the lining returns round it. */
    record Returned() implements Meeting {}
}
