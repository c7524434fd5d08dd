package org.leanlintel.core.building.join;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;

/**
 * What fills a place in plan: a ply of some wall, or a piece on it.
 *
 * @param buildUpPly the ply's index in its build-up, from the outside; {@link #NO_PLY} for a piece
 */
public record Content(Strip strip, int buildUpPly, Material material, Does does) {

    public static final int NO_PLY = -1;

    /** It is the same wherever its wall goes on to. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Content c
                && c.buildUpPly == buildUpPly
                && c.does == does
                && c.material.equals(material)
                && c.strip.wall().equals(strip.wall())
                && c.strip.buildUp().equals(strip.buildUp())
                && c.strip.plies().equals(strip.plies());
    }

    @Override
    public int hashCode() {
        return Objects.hash(strip.wall().id(), buildUpPly);
    }

    public static Content of(Slab slab, Strip strip) {
        return new Content(strip, NO_PLY, slab.material(), slab.does());
    }
}
