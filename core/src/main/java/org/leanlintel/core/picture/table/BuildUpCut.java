package org.leanlintel.core.picture.table;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.PlyHatch;

/** A cut through a build-up with every ply hatched, its outside at the left, and a timber where it is framed. */
public final class BuildUpCut {

    /** A timber that would fill more than this part of the cut is left out. */
    private static final double MOST_TIMBER = 0.6;

    private final Model model;
    private final double scale;
    private final Pens pens;

    private BuildUpCut(Model model, double scale, Pens pens) {
        this.model = model;
        this.scale = scale;
        this.pens = pens;
    }

    /** A picture of its own, {@code heightMm} of model millimetres high, its lower left corner at the origin. */
    public static Picture picture(BuildUp buildUp, Model model, double heightMm, double scale) {
        Pens pens = new Pens(model.all(Lens.class).getFirst());
        paint(buildUp, model, Vec.ORIGIN, heightMm, scale, pens);
        return new Picture(scale, List.of(new Group(buildUp.id(), buildUp.id(), pens.items(), List.of())));
    }

    /** @param corner its lower left corner */
    static void paint(BuildUp buildUp, Model model, Vec corner, double heightMm, double scale, Pens pens) {
        BuildUpCut cut = new BuildUpCut(model, scale, pens);
        for (int i = 0; i < buildUp.plies().size(); i++) {
            double from = corner.x() + buildUp.depthOfFace(i), to = corner.x() + buildUp.depthOfFace(i + 1);
            cut.ply(buildUp.plies().get(i), from, to, corner.y(), corner.y() + heightMm);
        }
    }

    private void ply(Ply ply, double left, double right, double bottom, double top) {
        Material material = model.get(ply.material(), Material.class);
        if (ply.does() == Does.SHEET) {
            pens.line(PenRole.SHEET, new Vec(left, bottom), new Vec(left, top));
            return;
        }
        List<Vec> ring = rectangle(left, right, bottom, top);
        if (ply.does() != Does.AIR_GAP) pens.fill(material.tint(), ring);
        boolean fits = ply.framing() instanceof Framing.Timbers t && t.size().widthMm() < (top - bottom) * MOST_TIMBER;
        if (fits && ply.framing() instanceof Framing.Timbers timbers) {
            double middle = (bottom + top) / 2, half = timbers.size().widthMm() / 2;
            hatch(material, left, right, bottom, middle - half);
            hatch(material, left, right, middle + half, top);
            timber(timbers, left, right, middle);
        } else hatch(material, left, right, bottom, top);
        PenRole role = ply.does() == Does.CARRIES ? PenRole.CUT_STRUCTURE : PenRole.PLY;
        pens.line(role, new Vec(left, bottom), new Vec(left, top));
        pens.line(role, new Vec(right, bottom), new Vec(right, top));
    }

    private void hatch(Material material, double left, double right, double bottom, double top) {
        if (top <= bottom) return;
        PlyHatch hatch = new PlyHatch(material.hatch(), scale, pens);
        hatch.within(List.of(rectangle(left, right, bottom, top)));
        hatch.between(new Vec(left, bottom), new Vec(left, top), new Vec(right - left, 0));
    }

    /** One timber, crossed as cut softwood is. */
    private void timber(Framing.Timbers timbers, double left, double right, double middle) {
        double low = middle - timbers.size().widthMm() / 2,
                high = middle + timbers.size().widthMm() / 2;
        List<Vec> ring = rectangle(left, right, low, high);
        pens.fill(model.get(timbers.material(), Material.class).tint(), ring);
        pens.closed(PenRole.CUT_STRUCTURE, ring);
        pens.line(PenRole.HATCH, ring.get(0), ring.get(2));
        pens.line(PenRole.HATCH, ring.get(1), ring.get(3));
    }

    private static List<Vec> rectangle(double left, double right, double bottom, double top) {
        return List.of(new Vec(left, bottom), new Vec(right, bottom), new Vec(right, top), new Vec(left, top));
    }
}
