package org.leanlintel.core.picture.wall;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Band;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.DrawnPlies;
import org.leanlintel.core.picture.DrawnPlies.Drawn;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlyHatch;
import org.leanlintel.core.picture.SlabHatch;
import org.leanlintel.core.picture.wall.FaceLines.FaceLine;

/** A wall as a level plane cuts it. */
final class WallPainter {

    private final WallSolid solid;
    private final Strip strip;
    private final Band band;
    private final DrawnPlies drawn;
    private final double scale;
    private final Pens pens;

    WallPainter(WallSolid solid, Band band, DrawnPlies drawn, double scale, Pens pens) {
        this.solid = solid;
        this.strip = solid.strip();
        this.band = band;
        this.drawn = drawn;
        this.scale = scale;
        this.pens = pens;
    }

    void paint() {
        for (int i = 0; i < strip.plies().size(); i++) {
            if (strip.plies().get(i).does() == Does.SHEET) membrane(i);
            else ply(i);
        }
        for (FaceLine line : FaceLines.of(solid, band, drawn)) {
            pens.line(line.role(), strip.along(line.from(), line.to(), line.t()));
        }
        solid.caps().forEach(this::cap);
        solid.bands().leftByNiches(band).forEach(this::leftByNiche);
    }

    private void membrane(int i) {
        if (!drawn.showsMembrane(strip, i)) return;
        double t = strip.plies().get(i).lo();
        for (PlyRun run : solid.bands().runs(i, band))
            pens.line(PenRole.SHEET, strip.along(run.from().atLo(), run.to().atLo(), t));
    }

    private void ply(int i) {
        StripPly ply = strip.plies().get(i);
        Drawn as = drawn.of(strip).get(ply.index());
        List<PlyRun> runs = solid.bands().runs(i, band);
        for (PlyRun run : runs) {
            List<Vec> ring = solid.bands().outline(i, run);
            if (as.does() != Does.AIR_GAP) pens.fill(as.tint(pens), ring);
            if (as.own()) hatch(ply, run, ring, as.material().hatch());
            if (run.startsAtOpening()) pens.line(openingRole(as), solid.bands().startLine(i, run));
            if (run.endsAtOpening()) pens.line(openingRole(as), solid.bands().endLine(i, run));
        }
        if (runs.isEmpty()) return;
        end(as, solid.startOf(i), solid.bands().startLine(i, runs.getFirst()));
        end(as, solid.endOf(i), solid.bands().endLine(i, runs.getLast()));
    }

    /** Its back is drawn with the niche, its other face with the wall. */
    private void leftByNiche(Slab slab) {
        if (slab.does() != Does.AIR_GAP) pens.fill(pens.tint(slab.material()), solid.outline(slab));
        SlabHatch.paint(strip, slab, scale, pens);
    }

    /** A lining that returns round a free end: no line where it meets the lining of the face. */
    private void cap(EndJoint.Cap cap) {
        Drawn as = drawn.of(strip.content(cap.ply()));
        List<Vec> ring = solid.outline(cap);
        if (as == null) return;
        pens.fill(as.tint(pens), ring);
        double s = cap.at() == End.START ? cap.from() : cap.to();
        pens.line(openingRole(as), strip.at(s, cap.lo()), strip.at(s, cap.hi()));
    }

    private static PenRole openingRole(Drawn as) {
        PenRole role = FaceLines.role(as, null);
        return role == null ? PenRole.PLY : role;
    }

    private void end(Drawn as, EndJoint.PlyEnd end, List<Vec> line) {
        if (end.bend() == null || line.size() < 3) endLine(as, end.against(), end.butted(), line);
        else {
            endLine(as, end.against(), end.butted(), line.subList(0, 2));
            endLine(as, end.bend().against(), end.butted(), line.subList(1, 3));
        }
    }

    private void endLine(Drawn as, @Nullable Content against, boolean butted, List<Vec> line) {
        PenRole role = FaceLines.role(as, drawn.of(against));
        if (role == null && butted) role = PenRole.PLY;
        if (role != null) pens.line(role, line);
    }

    private void hatch(StripPly ply, PlyRun run, List<Vec> ring, Hatch hatch) {
        double from = Math.max(run.from().atLo(), run.from().atHi()),
                to = Math.min(run.to().atLo(), run.to().atHi());
        SlabHatch.paint(strip, new PlyHatch(hatch, scale, pens), ring, from, to, ply.lo(), ply.hi());
    }
}
