package org.leanlintel.core.building;

import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;

/** An opening and where along its wall it lies, {@code from} to {@code to} in millimetres of s. */
public record PlacedOpening(Opening opening, double from, double to) {

    /** Distances are measured from where the wall is seen to start and end, {@code start} and {@code end}. */
    static PlacedOpening of(Opening opening, double start, double end) {
        double distance = opening.placing().distanceMm();
        double from = opening.placing().from() == End.START ? start + distance : end - distance - opening.widthMm();
        return new PlacedOpening(opening, from, from + opening.widthMm());
    }

    public double edge(End which) {
        return which == End.START ? from : to;
    }

    /** Whether it is open at {@code heightAboveLevelMm}. */
    public boolean openAt(double heightAboveLevelMm) {
        return heightAboveLevelMm >= opening.sillMm() && heightAboveLevelMm < opening.headMm();
    }
}
