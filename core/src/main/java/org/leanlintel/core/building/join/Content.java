package org.leanlintel.core.building.join;

import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;

/**
 * What fills a place in plan: a ply of some wall, or a piece on it.
 *
 * @param buildUpPly the ply's index in its build-up, from the outside; {@link #NO_PLY} for a piece
 */
public record Content(Strip strip, int buildUpPly, Material material, Does does) {

    public static final int NO_PLY = -1;

    public static Content of(Slab slab, Strip strip) {
        return new Content(strip, NO_PLY, slab.material(), slab.does());
    }
}
