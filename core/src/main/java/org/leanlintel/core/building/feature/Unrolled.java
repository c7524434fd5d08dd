package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;

/**
 * The walls of a room side by side, none along a room limit, clockwise from the one at the top of the plan, each as it is seen from inside the room. Short
 * steps in a wall, as at piers and boxings, are of that wall.
 */
public record Unrolled(List<View> views) implements Upright {

    /** From one wall's picture to the next. */
    public static final double APART_MM = 700;

    /** Longer steps are walls by themselves; shorter walls are not drawn. */
    private static final double STEP_MM = 700, LEAST_MM = 300;

    /** From how far at most a wall is looked at, how near at least, and how far behind its face. */
    private static final double BACK_MM = 1500, NEAREST_MM = 300, BEHIND_MM = 600;

    /** Half as wide as slivers of a room that reckoning alone leaves: between a wall and a lining on it. */
    private static final double GAP_MM = 0.5;

    private static final double SAME_WAY_SINE = Math.sin(Math.toRadians(1));

    /**
     * One wall.
     *
     * @param frame with x from 0 at its left end
     * @param leftMm where that is in the picture
     * @param wallMm how far beyond the frame the wall's face lies
     */
    public record View(SectionFrame frame, double leftMm, double wallMm) {

        public double lengthMm() {
            return frame.endMm();
        }

        /** A point of its own as the whole picture has it. */
        public Vec placed(Vec seen) {
            return new Vec(seen.x() + leftMm, seen.y());
        }

        public List<Vec> placed(List<Vec> seen) {
            return seen.stream().map(this::placed).toList();
        }

        /** A height is told from the end of the wall on. */
        private List<Vec> across(double mm) {
            return List.of(new Vec(0, mm), new Vec(lengthMm(), mm));
        }

        /** How far a place of the whole picture lies beside it. */
        public double away(double x) {
            return Math.max(0, Math.max(leftMm - x, x - leftMm - lengthMm()));
        }
    }

    /** Those of a room of the model; none where there is no closed area round it. */
    public record Of(ElementId room) implements Key<Unrolled> {
        @Override
        public Unrolled from(Reads reads) {
            Building building = Building.in(reads);
            return building.model().find(room) instanceof Room r
                            && Rooms.in(building).of(r) instanceof RoomSpace space
                    ? new Unrolled(views(space))
                    : new Unrolled(List.of());
        }
    }

    public Unrolled {
        views = List.copyOf(views);
    }

    @Override
    public List<List<Vec>> all(Feature feature) {
        List<List<Vec>> lines = new ArrayList<>();
        for (View v : views) {
            List<Vec> line = new InSection(v.frame(), true).of(feature);
            if (!line.isEmpty()) lines.add(v.placed(line));
        }
        return lines;
    }

    @Override
    public List<Vec> near(Feature feature, double x) {
        for (View v : views.stream()
                .sorted(Comparator.comparingDouble(v -> v.away(x)))
                .toList()) {
            List<Vec> line = new InSection(v.frame(), true).of(feature);
            if (!line.isEmpty()) return v.placed(feature instanceof Feature.Ledge l ? v.across(l.mm()) : line);
        }
        return List.of();
    }

    /** A wall as it is gone along clockwise. @param far how far out it reaches */
    private record Side(Vec way, Vec from, Vec to, double far) {

        static Side between(Vec from, Vec to) {
            Vec way = to.minus(from).unit();
            return new Side(way, from, to, from.dot(way.left()));
        }

        double length() {
            return to.minus(from).dot(way);
        }

        boolean goesAs(Side other) {
            return way.dot(other.way) > 0 && Math.abs(way.cross(other.way)) < SAME_WAY_SINE;
        }

        Side upTo(Side next) {
            return new Side(way, from, next.to, Math.max(far, next.to.dot(way.left())));
        }
    }

    private static List<View> views(RoomSpace space) {
        List<View> views = new ArrayList<>();
        double left = 0;
        Area net = space.net().grown(-GAP_MM).grown(GAP_MM);
        for (Side s : fromTheTop(sides(net))) {
            if (s.length() < LEAST_MM || space.isOpen(s.from(), s.to())) continue;
            SectionFrame frame = frame(s, net);
            views.add(new View(frame, left, frame.depthMm() - BEHIND_MM));
            left += s.length() + APART_MM;
        }
        return views;
    }

    private static List<Side> sides(Area net) {
        List<Vec> clockwise = Winding.counterClockwise(net.rings().getFirst()).reversed();
        List<Side> sides = new ArrayList<>();
        for (int i = 1; i < clockwise.size(); i++)
            if (!Tolerance.same(clockwise.get(i - 1), clockwise.get(i)))
                sides.add(Side.between(clockwise.get(i - 1), clockwise.get(i)));
        boolean simpler = true;
        while (simpler && sides.size() > 3) simpler = joinInLine(sides) || takeStep(sides);
        return sides;
    }

    private static boolean joinInLine(List<Side> sides) {
        for (int i = 0; i < sides.size(); i++) {
            int next = (i + 1) % sides.size();
            if (!sides.get(i).goesAs(sides.get(next))) continue;
            sides.set(i, sides.get(i).upTo(sides.get(next)));
            sides.remove(next);
            return true;
        }
        return false;
    }

    /** The shortest step between two sides that go the same way. */
    private static boolean takeStep(List<Side> sides) {
        int shortest = -1, count = sides.size();
        for (int i = 0; i < count; i++) {
            Side s = sides.get(i);
            boolean isStep =
                    s.length() < STEP_MM && sides.get((i + count - 1) % count).goesAs(sides.get((i + 1) % count));
            if (isStep && (shortest < 0 || s.length() < sides.get(shortest).length())) shortest = i;
        }
        if (shortest < 0) return false;
        sides.remove(shortest);
        return true;
    }

    private static List<Side> fromTheTop(List<Side> sides) {
        int first = 0;
        for (int i = 1; i < sides.size(); i++) if (top(sides.get(i)) > top(sides.get(first)) + 1) first = i;
        List<Side> ordered = new ArrayList<>(sides.subList(first, sides.size()));
        ordered.addAll(sides.subList(0, first));
        return ordered;
    }

    /** The more a wall lies at the top, and the longer it is, the greater. */
    private static double top(Side s) {
        return s.way().left().y() * s.length();
    }

    private static SectionFrame frame(Side side, Area net) {
        Vec away = side.way().left();
        double nearest = Double.POSITIVE_INFINITY;
        for (Vec p : net.rings().getFirst()) nearest = Math.min(nearest, p.dot(away));
        double back = Math.min(BACK_MM, (side.far() - nearest) / 2);
        while (back > NEAREST_MM && !isClear(side, back, net)) back *= 0.75;
        Vec at = side.from().along(away, side.far() - back - side.from().dot(away));
        return new SectionFrame(at, side.way(), 0, side.length(), back + BEHIND_MM);
    }

    /** Whether most of what lies before a wall is room. */
    private static boolean isClear(Side side, double back, Area net) {
        Vec away = side.way().left();
        Vec a = side.from().along(away, side.far() - side.from().dot(away));
        Vec b = a.along(side.way(), side.length());
        Area before = Area.of(List.of(b, a, a.along(away, -back), b.along(away, -back)));
        return before.minus(net).mm2() < 0.2 * before.mm2();
    }
}
