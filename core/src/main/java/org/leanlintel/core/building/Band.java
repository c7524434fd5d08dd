package org.leanlintel.core.building;

import java.util.List;

/** A slice of a wall between two heights through which the same openings and niches go; millimetres above the project's datum. */
public record Band(double lowMm, double highMm, List<PlacedOpening> through, List<PlacedPiece> niches) {

    public Band {
        through = List.copyOf(through);
        niches = List.copyOf(niches);
    }
}
