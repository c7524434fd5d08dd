package org.leanlintel.core.model;

import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Tolerance;

/**
 * One sheet or leaf of a build-up.
 *
 * @param material of the ply, between its framing where it has some
 * @param thicknessMm actual, not nominal; 0 for a membrane
 */
public record Ply(ElementId material, double thicknessMm, Does does, Framing framing) {

    /** Thicker than any wall leaf a house is built of. */
    public static final double THICKEST_MM = 2000;

    public Ply {
        thicknessMm = does == Does.SHEET
                ? Checks.between("A membrane's thickness", thicknessMm, 0, 0)
                : Checks.between("A ply's thickness", thicknessMm, 0.5, THICKEST_MM);
        if (framing instanceof Framing.Timbers t
                && Math.abs(thicknessMm - t.size().depthMm()) > Tolerance.NOMINAL_MM) {
            throw new Unusable("%s is %s mm deep, so its ply is that thick, not %s mm."
                    .formatted(t.size().name(), Checks.plain(t.size().depthMm()), Checks.plain(thicknessMm)));
        }
    }

    public Ply of(ElementId otherMaterial) {
        return new Ply(otherMaterial, thicknessMm, does, framing);
    }

    public static Ply solid(ElementId material, double thicknessMm, Does does) {
        return new Ply(material, thicknessMm, does, new Framing.Solid());
    }

    /** The same of other materials. @param there what each material is instead */
    public Ply of(UnaryOperator<ElementId> there) {
        Framing other =
                switch (framing) {
                    case Framing.Solid s -> s;
                    case Framing.Timbers t ->
                        new Framing.Timbers(t.size(), t.centresMm(), there.apply(t.material()), t.part());
                    case Framing.Joints j -> new Framing.Joints(there.apply(j.material()), j.part());
                };
        return new Ply(there.apply(material), thicknessMm, does, other);
    }
}
