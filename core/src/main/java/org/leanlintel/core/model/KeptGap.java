package org.leanlintel.core.model;

/**
 * A gap between two walls that later edits hold: where one moves, the other gives way.
 *
 * @param gap its {@code wall} gives way where neither was moved itself
 */
public record KeptGap(ElementId id, Gap.Beside gap, Gap.Faces faces, double clearMm) implements Element.Apart {

    public KeptGap {
        clearMm = Checks.between("A gap", clearMm, 0, 1_000_000);
        if (gap.wall().equals(gap.other())) throw new Unusable("A gap lies between two walls.");
    }

    public boolean isOf(ElementId wall) {
        return gap.wall().equals(wall) || gap.other().equals(wall);
    }
}
