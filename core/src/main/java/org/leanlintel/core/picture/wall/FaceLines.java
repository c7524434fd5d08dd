package org.leanlintel.core.picture.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Band;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.DrawnPlies;
import org.leanlintel.core.picture.DrawnPlies.Drawn;

/**
 * The lines along a wall's faces: on each face, wherever what lies to its two sides differs. Pieces of one material that
 * touch have no line between them, whichever wall they belong to.
 */
final class FaceLines {

    /** A line along a face at offset t, from one s to another. */
    record FaceLine(PenRole role, double t, double from, double to) {}

    private final WallSolid solid;
    private final Band band;
    private final DrawnPlies drawn;
    private final List<FaceLine> lines = new ArrayList<>();

    private FaceLines(WallSolid solid, Band band, DrawnPlies drawn) {
        this.solid = solid;
        this.band = band;
        this.drawn = drawn;
    }

    static List<FaceLine> of(WallSolid solid, Band band, DrawnPlies drawn) {
        FaceLines faces = new FaceLines(solid, band, drawn);
        List<Integer> plies = faces.thickPlies();
        for (int k = 0; k <= plies.size(); k++) {
            faces.sweep(k == 0 ? -1 : plies.get(k - 1), k == plies.size() ? -1 : plies.get(k));
        }
        return faces.lines;
    }

    private List<Integer> thickPlies() {
        List<Integer> thick = new ArrayList<>();
        for (int i = 0; i < solid.strip().plies().size(); i++)
            if (solid.strip().plies().get(i).does() != Does.SHEET) thick.add(i);
        return thick;
    }

    /** The face between ply {@code below} on its right and ply {@code above} on its left; -1 is outside the wall. */
    private void sweep(int below, int above) {
        List<StripPly> plies = solid.strip().plies();
        double height = (band.lowMm() + band.highMm()) / 2;
        double t = below >= 0 ? plies.get(below).hi() : plies.get(above).lo();
        List<Span> right = below >= 0 ? solid.bands().along(below, true, band) : solid.outside(Side.RIGHT, height);
        List<Span> left = above >= 0 ? solid.bands().along(above, false, band) : solid.outside(Side.LEFT, height);
        double from = Math.min(start(below, true), start(above, false));
        double to = Math.max(end(below, true), end(above, false));
        TreeSet<Double> breaks = new TreeSet<>(List.of(from, to));
        for (List<Span> spans : List.of(right, left)) {
            for (Span s : spans) {
                if (s.from() > from && s.from() < to) breaks.add(s.from());
                if (s.to() > from && s.to() < to) breaks.add(s.to());
            }
        }
        double last = breaks.first();
        for (double next : breaks) {
            if (next - last > Tolerance.SAME_MM) {
                PenRole role = role(at(right, (last + next) / 2), at(left, (last + next) / 2));
                if (role != null) add(role, t, last, next);
            }
            last = next;
        }
    }

    private double start(int ply, boolean leftFace) {
        if (ply < 0) return Double.POSITIVE_INFINITY;
        return leftFace
                ? solid.startOf(ply).edge().atHi()
                : solid.startOf(ply).edge().atLo();
    }

    private double end(int ply, boolean leftFace) {
        if (ply < 0) return Double.NEGATIVE_INFINITY;
        return leftFace
                ? solid.endOf(ply).edge().atHi()
                : solid.endOf(ply).edge().atLo();
    }

    private @Nullable Drawn at(List<Span> spans, double s) {
        for (Span span : spans) if (s > span.from() && s < span.to()) return drawn.of(span.content());
        return null;
    }

    private void add(PenRole role, double t, double from, double to) {
        if (!lines.isEmpty()) {
            FaceLine last = lines.getLast();
            if (last.t == t && last.role == role && Tolerance.same(last.to, from)) {
                lines.set(lines.size() - 1, new FaceLine(role, t, last.from, to));
                return;
            }
        }
        lines.add(new FaceLine(role, t, from, to));
    }

    /** The pen of a line between two things; null where there is none to draw. */
    static @Nullable PenRole role(@Nullable Drawn one, @Nullable Drawn two) {
        if (one == null && two == null) return null;
        if (one != null
                && two != null
                && one.material().joinsAs().equals(two.material().joinsAs())) return null;
        if (is(one, Does.CARRIES) || is(two, Does.CARRIES)) return PenRole.CUT_STRUCTURE;
        Drawn alone = one == null ? two : two == null ? one : null;
        if (alone == null) return PenRole.PLY;
        return switch (alone.does()) {
            case FACING -> PenRole.CUT_FACING;
            case AIR_GAP -> PenRole.PLY;
            default -> PenRole.CUT_LINING;
        };
    }

    private static boolean is(@Nullable Drawn drawn, Does does) {
        return drawn != null && drawn.does() == does;
    }
}
