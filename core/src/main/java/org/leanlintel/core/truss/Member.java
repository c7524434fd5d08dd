package org.leanlintel.core.truss;

import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;

/**
 * A timber of a truss.
 *
 * @param name as its supplier's drawing would say: top chord, web 1
 * @param shape what is left of it past the others, x from the left plate's outer edge, y over the plates
 * @param centre from node to node along its middle; of chords along their lower edge
 * @param lengthMm along that
 * @param boardMm the least board it is cut from, square at both ends
 * @param slope rise per run; infinite for an upright one
 */
public record Member(
        String name, Kind kind, Area shape, List<Vec> centre, double lengthMm, double boardMm, double slope) {

    /** What it does in the truss. */
    public enum Kind {
        TOP_CHORD,
        BOTTOM_CHORD,
        WEB
    }

    public Member {
        centre = List.copyOf(centre);
    }
}
