package org.leanlintel.core.stair;

import org.leanlintel.core.model.Unusable;

/**
 * What a stair goes between, millimetres.
 *
 * @param levelMm the finished floor it starts from, above the project's zero
 * @param riseMm from that to the finished floor above
 * @param floorMm from the finished floor above to the soffit under it
 */
public record StairHeights(double levelMm, double riseMm, double floorMm) {

    public StairHeights {
        if (!(riseMm > 0 && Double.isFinite(riseMm)))
            throw new Unusable("A stair needs a storey to go up to, not a rise of %s mm.".formatted(riseMm));
    }
}
