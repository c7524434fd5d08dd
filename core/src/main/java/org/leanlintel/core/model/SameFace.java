package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Which face of one build-up is the same as a face of another, by what the plies beside it do: the outer and inner faces,
 * those of the structure, and between them the nth, counted from the structure, that parts plies of the same two kinds.
 * A membrane has no thickness, so its two faces are one. From one build-up to the other and back is the same face.
 */
public final class SameFace {

    private final BuildUp buildUp;

    private SameFace(BuildUp buildUp) {
        this.buildUp = buildUp;
    }

    /** @param face of {@code from}, 0 to n; null where {@code to} has none like it */
    public static @Nullable Integer in(BuildUp from, int face, BuildUp to) {
        SameFace one = new SameFace(from), other = new SameFace(to);
        if (face <= 0 || one.isAt(face, 0)) return Math.min(face, 0);
        if (one.isAt(face, from.plies().size())) return to.plies().size();
        if (one.isAt(face, from.structureFrom())) return to.structureFrom();
        if (one.isAt(face, from.structureTo())) return to.structureTo();
        int zone = one.zone(face);
        List<Integer> alike = one.likes(zone, one.outside(face), one.inside(face));
        List<Integer> there = other.likes(zone, one.outside(face), one.inside(face));
        int nth = 0;
        while (!one.isAt(face, alike.get(nth))) nth++;
        return nth < there.size() ? there.get(nth) : null;
    }

    /** Whether two faces lie in one plane. */
    boolean isAt(int face, int other) {
        return buildUp.depthOfFace(Math.min(face, buildUp.plies().size())) == buildUp.depthOfFace(other);
    }

    /** -1 outside the structure, 0 in it, 1 inside it. */
    private int zone(int face) {
        return face < buildUp.structureFrom() ? -1 : face > buildUp.structureTo() ? 1 : 0;
    }

    /** The faces of a zone between plies that do such things, from the structure outwards or inwards. */
    private List<Integer> likes(int zone, @Nullable Does outside, @Nullable Does inside) {
        List<Integer> found = new ArrayList<>();
        for (int f = 1; f < buildUp.plies().size(); f++) {
            boolean sheet = buildUp.plies().get(f - 1).does() == Does.SHEET;
            if (!sheet && zone(f) == zone && outside(f) == outside && inside(f) == inside) found.add(f);
        }
        return zone < 0 ? found.reversed() : found;
    }

    /** What the ply outside a face does; null where there is none. */
    private @Nullable Does outside(int face) {
        int i = face - 1;
        while (i >= 0 && buildUp.plies().get(i).does() == Does.SHEET) i--;
        return i < 0 ? null : buildUp.plies().get(i).does();
    }

    private @Nullable Does inside(int face) {
        int i = face;
        while (i < buildUp.plies().size() && buildUp.plies().get(i).does() == Does.SHEET) i++;
        return i == buildUp.plies().size() ? null : buildUp.plies().get(i).does();
    }
}
