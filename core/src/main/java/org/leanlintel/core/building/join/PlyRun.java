package org.leanlintel.core.building.join;

/** A piece of one ply between two edges; {@code startsAtOpening}, {@code endsAtOpening} say where it was cut by one. */
public record PlyRun(Edge from, Edge to, boolean startsAtOpening, boolean endsAtOpening) {}
