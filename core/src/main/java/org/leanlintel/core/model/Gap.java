package org.leanlintel.core.model;

/** A clear distance from a wall to another, by what it lies between. */
public sealed interface Gap {

    ElementId wall();

    ElementId other();

    /** To a wall that runs beside it. @param side of {@code wall} on which the other lies */
    record Beside(ElementId wall, Side side, ElementId other) implements Gap {}

    /** From a free end of it to the wall straight ahead. */
    record Ahead(ElementId wall, End end, ElementId other) implements Gap {}

    /** What is measured between. */
    enum Faces {
        /** From finished face to finished face, linings of their own included. */
        FINISH,
        /** From structure to structure. */
        STRUCTURE,
        /** From the middle of the one structure to that of the other. */
        MIDDLE
    }
}
