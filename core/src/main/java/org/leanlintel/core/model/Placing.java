package org.leanlintel.core.model;

/**
 * Where an opening lies in its wall: from an end of the wall's set-out line to the opening's nearer edge.
 *
 * @param distanceMm along the set-out line
 */
public record Placing(End from, double distanceMm) {

    public Placing {
        distanceMm = Checks.between("The distance of an opening", distanceMm, -1_000_000, 1_000_000);
    }
}
