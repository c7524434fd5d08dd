package org.leanlintel.core.building;

import java.util.List;
import org.leanlintel.core.building.join.Span;

/**
 * A slice of a wall between two heights through which the same openings and niches go; millimetres above the project's
 * zero.
 *
 * @param missing where a raked or stepped wall does not stand
 */
public record Band(
        double lowMm, double highMm, List<PlacedOpening> through, List<PlacedPiece> niches, List<Span> missing) {

    public Band {
        through = List.copyOf(through);
        niches = List.copyOf(niches);
        missing = List.copyOf(missing);
    }

    Band without(List<Span> spans) {
        return new Band(lowMm, highMm, through, niches, spans);
    }
}
