package org.leanlintel.core.building;

import java.util.List;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;

/** An opening and where along its wall it lies, {@code from} to {@code to} in millimetres of s. */
public record PlacedOpening(Opening opening, double from, double to) {

    public double edge(End which) {
        return which == End.START ? from : to;
    }

    /** The edge of the hole, or of the unit that stands in it. */
    public double edge(End which, boolean ofUnit) {
        double in = ofUnit ? opening.make().fixWidthMm() / 2 : 0;
        return edge(which) + (which == End.START ? in : -in);
    }

    public double middle() {
        return (from + to) / 2;
    }

    /** Round a bay as far as it stands out from the wall, counter-clockwise; nothing for any other opening. */
    public List<Vec> bay(Strip strip) {
        if (!(opening.kind() instanceof Opening.Window w && w.form() instanceof Opening.Bay bay)) return List.of();
        double face = strip.offsetOfFace(0),
                inner = strip.offsetOfFace(strip.plies().size());
        double out = face + Math.signum(face - inner) * bay.projectionMm();
        return strip.ring(from, to, Math.min(face, out), Math.max(face, out));
    }

    /** Whether it is open at {@code heightAboveLevelMm}. */
    public boolean openAt(double heightAboveLevelMm) {
        return heightAboveLevelMm >= opening.sillMm() && heightAboveLevelMm < opening.headMm();
    }
}
