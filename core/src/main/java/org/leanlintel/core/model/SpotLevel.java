package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * How high the ground lies at a point. Between such points it is taken to lie straight; without any it is level as the
 * {@link Site} says.
 *
 * @param existingMm before the work, above the project's zero
 * @param finishedMm after it
 */
public record SpotLevel(ElementId id, ElementId layer, Vec at, double existingMm, double finishedMm)
        implements OnLayer {

    public SpotLevel {
        at = Checks.near(at);
        existingMm = Checks.between("The level of the ground", existingMm, -100_000, 100_000);
        finishedMm = Checks.between("The level of the ground", finishedMm, -100_000, 100_000);
    }

    public SpotLevel moved(Vec there) {
        return new SpotLevel(id, layer, there, existingMm, finishedMm);
    }

    public SpotLevel as(ElementId otherId, ElementId otherLayer, Vec there) {
        return new SpotLevel(otherId, otherLayer, there, existingMm, finishedMm);
    }

    @Override
    public SpotLevel onLayer(ElementId other) {
        return as(id, other, at);
    }
}
