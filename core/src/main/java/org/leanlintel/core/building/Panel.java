package org.leanlintel.core.building;

import java.util.List;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Opening;

/**
 * An upright plane in an opening, in which frames and panes stand. Places in it are by how far along it, how far inwards and how high
 * above the project's zero.
 *
 * @param at where it begins, at its outer face
 * @param inwards square to it
 */
public record Panel(Opening of, Vec at, Vec along, Vec inwards, double longMm, double deepMm, List<Body> bodies) {

    public static final Material FRAME = Plain.of("frame", "#f3f0e8"),
            SASH = Plain.of("sash", "#f3f0e8"),
            GLASS = Plain.of("glass", "#dfe9ec");

    /** A piece of the frame, as deep as it is. */
    public void frame(double from, double to, double lowMm, double highMm) {
        box(FRAME, from, to, 0, deepMm, lowMm, highMm);
    }

    /** A leaf in the middle of the frame. */
    public void leaf(double from, double to, double lowMm, double highMm, double thickMm) {
        double in = (deepMm - thickMm) / 2;
        box(SASH, from, to, in, in + thickMm, lowMm, highMm);
    }

    public void box(Material material, double from, double to, double in, double out, double lowMm, double highMm) {
        if (to - from < 1 || highMm - lowMm < 1) return;
        Vec a = place(from, in), b = place(to, in), c = place(to, out), d = place(from, out);
        List<Vec> ring = inwards.dot(along.left()) > 0 ? List.of(a, b, c, d) : List.of(d, c, b, a);
        bodies.add(new Body(
                of.id(), Content.NO_PLY, material, Does.LINING, ring, Plane.level(lowMm), Plane.level(highMm)));
    }

    private Vec place(double s, double in) {
        return at.along(along, s).along(inwards, in);
    }
}
