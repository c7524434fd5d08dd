package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;

/** The points of a dimension string, each with what is nearest to it of what it holds to: as far its extension lines run. */
record StringReach(Vec at, Vec direction, List<Held> points) {

    private static final StringReach NONE = new StringReach(Vec.ORIGIN, new Vec(1, 0), List.of());

    /** The strings of a drawing by where their lines run. */
    record Strings(ElementId drawing) implements Spread<Of> {

        @Override
        public Collection<Of> members(Element element) {
            return element instanceof DimensionString s && s.drawing().equals(drawing)
                    ? List.of(new Of(drawing, s.id()))
                    : List.of();
        }
    }

    /** That of a drawing's string; without points where it is not there. */
    record Of(ElementId drawing, ElementId string) implements Member<StringReach>, Comparable<Of> {

        @Override
        public StringReach from(Reads reads) {
            if (!(reads.model().find(string) instanceof DimensionString s)
                    || !s.drawing().equals(drawing)) return NONE;
            double here = s.at().dot(s.direction().left());
            List<Held> points = HeldPoints.along(s, Building.in(reads)).stream()
                    .map(h -> h.nearTo(here))
                    .toList();
            return new StringReach(s.at(), s.direction(), points);
        }

        @Override
        public Spread<?> spread() {
            return new Strings(drawing);
        }

        @Override
        public Collection<Cell> cells(StringReach reach) {
            return reach.points().isEmpty() ? List.of() : Cell.of(reach.bounds());
        }

        @Override
        public int compareTo(Of other) {
            return string.compareTo(other.string);
        }
    }

    StringReach {
        points = List.copyOf(points);
    }

    /** Whether it has a short part about where it passes a line square to it through a point. */
    boolean isCrowded(Vec point, double shortMm, double aboutMm) {
        double at = point.dot(direction);
        for (int i = 1; i < points.size(); i++) {
            double from = points.get(i - 1).position(), to = points.get(i).position();
            if (to - from < shortMm && at > from - aboutMm && at < to + aboutMm) return true;
        }
        return false;
    }

    /** Whether its line or an extension line runs through a box. */
    boolean runsThrough(Bounds box) {
        if (points.isEmpty()) return false;
        for (Held h : points) if (box.isCrossedBy(foot(h), end(h))) return true;
        return box.isCrossedBy(foot(points.getFirst()), foot(points.getLast()));
    }

    /** Round its line and its extension lines. */
    private Bounds bounds() {
        List<Vec> all = new ArrayList<>();
        for (Held h : points) {
            all.add(foot(h));
            all.add(end(h));
        }
        return Bounds.of(all);
    }

    private Vec foot(Held point) {
        return at.along(direction, point.position() - at.dot(direction));
    }

    /** Of its extension line, at what it holds to. */
    private Vec end(Held point) {
        Vec across = direction.left();
        return foot(point).along(across, point.reachTo() - at.dot(across));
    }
}
