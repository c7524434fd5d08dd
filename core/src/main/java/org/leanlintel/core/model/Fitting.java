package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * A fitting at its place.
 *
 * @param mark what people call it: F12
 * @param mirrored left and right change sides
 * @param words where its mark stands: from its middle along its back to the right, and out to its front
 */
public record Fitting(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        ElementId symbol,
        Seat seat,
        boolean mirrored,
        double widthMm,
        double depthMm,
        WorkState state,
        WordsAt words)
        implements InWork, OnStorey, Marked, Worded {

    public Fitting {
        mark = Checks.name("A fitting's mark", mark);
        widthMm = Checks.between("A fitting's width", widthMm, 10, 30_000);
        depthMm = Checks.between("A fitting's depth", depthMm, 10, 30_000);
    }

    public Fitting seated(Seat other) {
        return new Fitting(id, storey, layer, mark, symbol, other, mirrored, widthMm, depthMm, state, words);
    }

    public Fitting mirrored(boolean other) {
        return new Fitting(id, storey, layer, mark, symbol, seat, other, widthMm, depthMm, state, words);
    }

    public Fitting of(ElementId otherSymbol, double otherWidthMm, double otherDepthMm) {
        return new Fitting(
                id, storey, layer, mark, otherSymbol, seat, mirrored, otherWidthMm, otherDepthMm, state, words);
    }

    public Fitting on(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new Fitting(
                otherId, otherStorey, otherLayer, otherMark, symbol, seat, mirrored, widthMm, depthMm, state, words);
    }

    /** Where it stands. */
    public sealed interface Seat {}

    /** With its back to a wall's finished face, wherever that comes to be. @param side of the wall it stands on */
    public record OnWall(ElementId wall, Side side, Placing placing) implements Seat {}

    /** Free. @param at the middle of its box; @param angle of its x axis, radians counter-clockwise */
    public record Free(Vec at, double angle) implements Seat {
        public Free {
            at = Checks.near(at);
            angle = Checks.number("A fitting's angle", angle, -Math.TAU, Math.TAU, "radians");
        }
    }

    @Override
    public Fitting worded(WordsAt other) {
        return new Fitting(id, storey, layer, mark, symbol, seat, mirrored, widthMm, depthMm, state, other);
    }

    @Override
    public Fitting in(WorkState other) {
        return new Fitting(id, storey, layer, mark, symbol, seat, mirrored, widthMm, depthMm, other, words);
    }

    @Override
    public Fitting onLayer(ElementId other) {
        return new Fitting(id, storey, other, mark, symbol, seat, mirrored, widthMm, depthMm, state, words);
    }
}
