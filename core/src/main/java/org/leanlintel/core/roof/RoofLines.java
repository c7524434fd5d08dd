package org.leanlintel.core.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.roof.Rings.Segment;
import org.leanlintel.core.roof.Rings.Struck;
import org.leanlintel.core.roof.RoofShape.Kind;
import org.leanlintel.core.roof.RoofShape.Line;

/** The lines between a roof's faces, gathered as its fronts move. */
final class RoofLines {

    private final List<Line> lines = new ArrayList<>();

    /** What a corner of two fronts has drawn between two heights. */
    void corner(Front one, Front other, Vec from, double fromMm, Vec to, double toMm) {
        Kind kind = kind(one, other, fromMm);
        if (kind != null && from.distanceTo(to) > Tolerance.SAME_MM) add(kind, one, other, from, fromMm, to, toMm);
    }

    private static @Nullable Kind kind(Front one, Front other, double z) {
        boolean slopes = one.speed(z) > 0, otherSlopes = other.speed(z) > 0;
        if (!slopes && !otherSlopes) return null;
        if (slopes != otherSlopes) return Kind.VERGE;
        if (one.isInLineWith(other)) return null;
        return one.along().cross(other.along()) > 0 ? Kind.HIP : Kind.VALLEY;
    }

    /** Where two fronts have met. @param below a height just under it */
    void met(Struck s, double below, double z) {
        boolean slopes = s.one().speed(below) > 0, otherSlopes = s.other().speed(below) > 0;
        if (slopes && otherSlopes) add(Kind.RIDGE, s.one(), s.other(), s.from(), z, s.to(), z);
        else if (slopes || otherSlopes) add(Kind.HEAD, s.one(), s.other(), s.from(), z, s.to(), z);
    }

    /** Where a band of an edge ends and the next begins. */
    void band(Segment s, double z) {
        Profile p = s.front().profile();
        int next = p.bandAt(z);
        if (next == 0 || z - p.bands().get(next - 1).toMm() > Tolerance.SAME_MM) return;
        Kind kind = p.bands().get(next - 1).isUpright()
                ? Kind.UPPER_EAVES
                : p.bands().get(next).isUpright() ? Kind.HEAD : Kind.BREAK;
        add(kind, s.front(), s.front(), s.from(), z, s.to(), z);
    }

    private void add(Kind kind, Front one, Front other, Vec from, double fromMm, Vec to, double toMm) {
        int a = one.edge() == Front.BETWEEN ? other.edge() : one.edge();
        int b = other.edge() == Front.BETWEEN ? a : other.edge();
        lines.add(new Line(kind, Math.min(a, b), Math.max(a, b), from, fromMm, to, toMm));
    }

    /** All of them, those that go on from one another in one line as one. */
    List<Line> joined(double epsMm) {
        List<Line> joined = new ArrayList<>();
        for (Line l : lines) {
            Line longer = l;
            for (int i = joined.size() - 1; i >= 0; i--)
                if (together(joined.get(i), longer, epsMm * 10) instanceof Line both) {
                    joined.remove(i);
                    longer = both;
                }
            joined.add(longer);
        }
        return joined;
    }

    private static @Nullable Line together(Line a, Line b, double epsMm) {
        boolean alike = a.kind() == b.kind() && a.edge() == b.edge() && a.other() == b.other();
        if (!alike) return null;
        if (a.to().distanceTo(b.from()) <= epsMm) return straight(a, b, epsMm);
        if (b.to().distanceTo(a.from()) <= epsMm) return straight(b, a, epsMm);
        if (a.to().distanceTo(b.to()) <= epsMm) return straight(a, turned(b), epsMm);
        return a.from().distanceTo(b.from()) <= epsMm ? straight(turned(a), b, epsMm) : null;
    }

    private static Line turned(Line l) {
        return new Line(l.kind(), l.edge(), l.other(), l.to(), l.toMm(), l.from(), l.fromMm());
    }

    private static @Nullable Line straight(Line a, Line b, double epsMm) {
        Vec whole = b.to().minus(a.from());
        if (whole.length() <= epsMm) return null;
        double off = whole.unit().cross(a.to().minus(a.from()));
        double part = whole.unit().dot(a.to().minus(a.from())) / whole.length();
        double between = a.fromMm() + (b.toMm() - a.fromMm()) * part;
        boolean is = Math.abs(off) <= epsMm && part > 0 && part < 1 && Math.abs(between - a.toMm()) <= epsMm;
        return is ? new Line(a.kind(), a.edge(), a.other(), a.from(), a.fromMm(), b.to(), b.toMm()) : null;
    }
}
