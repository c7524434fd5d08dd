package org.leanlintel.core.building;

import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.WallPiece;

/**
 * A piece on a wall and where it lies: s from {@code from} to {@code to}, t from {@code lo} to {@code hi}, millimetres of
 * the wall. A niche lies inside the wall, all else against its face.
 */
public record PlacedPiece(WallPiece piece, double from, double to, double lo, double hi) {

    static PlacedPiece of(WallPiece piece, Strip strip, Span stretch) {
        boolean left = piece.side() == Side.LEFT;
        double face = left ? strip.hi() : strip.lo();
        boolean outwards = !(piece.make() instanceof WallPiece.Niche);
        double other =
                face + piece.side().sign() * (outwards ? 1 : -1) * piece.make().depthMm();
        return new PlacedPiece(piece, stretch.from(), stretch.to(), Math.min(face, other), Math.max(face, other));
    }

    /** From where to where a part lies, in a wall seen from {@code start} to {@code end}. */
    static Span stretch(WallPiece.Part part, double start, double end) {
        Placing.Off off = (Placing.Off) part.placing();
        double from =
                off.stop().towards() == End.END ? start + off.distanceMm() : end - off.distanceMm() - part.widthMm();
        return new Span(from, from + part.widthMm(), null);
    }

    public boolean isNiche() {
        return piece.make() instanceof WallPiece.Niche;
    }

    public boolean isOnLeft() {
        return piece.side() == Side.LEFT;
    }

    /** Whether some height lies in both this and what goes from {@code low} to {@code high} above the level. */
    public boolean sharesHeight(double low, double high) {
        return piece.lowMm() < high - Tolerance.SAME_MM && piece.headMm() > low + Tolerance.SAME_MM;
    }

    public boolean sharesStretch(double start, double end) {
        return from < end - Tolerance.SAME_MM && to > start + Tolerance.SAME_MM;
    }
}
