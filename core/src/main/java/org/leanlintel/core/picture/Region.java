package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Vec;

/** A part of the plane that pictures are cut to. */
public sealed interface Region {

    /** What lies in a ring. */
    static Region within(List<Vec> ring) {
        Bounds bounds = Bounds.of(ring);
        return isRectangle(ring, bounds) ? new Rectangle(bounds) : new Outline(Area.of(ring), ring, true);
    }

    /** What lies outside a ring. */
    static Region outside(List<Vec> ring) {
        return new Outline(Area.of(ring), ring, false);
    }

    private static boolean isRectangle(List<Vec> ring, Bounds bounds) {
        return ring.size() == 4
                && ring.stream()
                        .allMatch(p -> (p.x() == bounds.minX() || p.x() == bounds.maxX())
                                && (p.y() == bounds.minY() || p.y() == bounds.maxY()))
                && ring.stream().distinct().count() == 4;
    }

    /** Whether all of a box lies in it for certain. */
    boolean keepsAll(Bounds box);

    /** Whether nothing of a box lies in it for certain. */
    boolean misses(Bounds box);

    boolean keeps(Vec point);

    /** Its edges, one after another, not repeating the first point. */
    List<Vec> ring();

    /** What of the inside of a ring lies in it. */
    List<List<Vec>> inside(List<Vec> ring);

    /** The same of an area within rings, by the even-odd rule. */
    List<List<Vec>> inside(List<Vec> first, List<List<Vec>> more);

    /** What of a line lies in it. */
    List<List<Vec>> along(List<Vec> line);

    /** One with its sides along the axes. */
    record Rectangle(Bounds bounds) implements Region {

        @Override
        public boolean keepsAll(Bounds box) {
            return bounds.covers(box);
        }

        @Override
        public boolean misses(Bounds box) {
            return !bounds.meets(box);
        }

        @Override
        public boolean keeps(Vec point) {
            return bounds.covers(point);
        }

        @Override
        public List<Vec> ring() {
            return List.of(
                    new Vec(bounds.minX(), bounds.minY()),
                    new Vec(bounds.maxX(), bounds.minY()),
                    new Vec(bounds.maxX(), bounds.maxY()),
                    new Vec(bounds.minX(), bounds.maxY()));
        }

        @Override
        public List<List<Vec>> inside(List<Vec> ring) {
            Vec low = new Vec(bounds.minX(), bounds.minY());
            List<Vec> across = Clip.between(ring, low, new Vec(1, 0), 0, bounds.width());
            if (across.isEmpty()) return List.of();
            List<Vec> left = Clip.between(across, low, new Vec(0, 1), 0, bounds.height());
            return left.isEmpty() ? List.of() : List.of(left);
        }

        /** Each ring by itself: what is inside of an even number of them stays so. */
        @Override
        public List<List<Vec>> inside(List<Vec> first, List<List<Vec>> more) {
            List<List<Vec>> left = new ArrayList<>(inside(first));
            for (List<Vec> ring : more) left.addAll(inside(ring));
            return left;
        }

        @Override
        public List<List<Vec>> along(List<Vec> line) {
            List<List<Vec>> pieces = new ArrayList<>();
            List<Vec> piece = new ArrayList<>();
            for (int i = 1; i < line.size(); i++) {
                List<Vec> inside = segment(line.get(i - 1), line.get(i));
                boolean goesOn =
                        !inside.isEmpty() && !piece.isEmpty() && piece.getLast().equals(inside.getFirst());
                if (!goesOn && piece.size() > 1) pieces.add(List.copyOf(piece));
                if (!goesOn) piece.clear();
                if (inside.isEmpty()) continue;
                if (piece.isEmpty()) piece.add(inside.getFirst());
                piece.add(inside.getLast());
            }
            if (piece.size() > 1) pieces.add(List.copyOf(piece));
            return pieces;
        }

        /** What of a segment lies inside: two points, or none (Liang and Barsky 1984). */
        private List<Vec> segment(Vec p, Vec q) {
            double from = 0, to = 1;
            double[] steps = {p.x() - q.x(), q.x() - p.x(), p.y() - q.y(), q.y() - p.y()};
            double[] rooms = {p.x() - bounds.minX(), bounds.maxX() - p.x(), p.y() - bounds.minY(), bounds.maxY() - p.y()
            };
            for (int i = 0; i < 4; i++) {
                if (steps[i] == 0 && rooms[i] < 0) return List.of();
                if (steps[i] < 0) from = Math.max(from, rooms[i] / steps[i]);
                if (steps[i] > 0) to = Math.min(to, rooms[i] / steps[i]);
            }
            if (from > to) return List.of();
            Vec along = q.minus(p);
            return List.of(from == 0 ? p : p.along(along, from), to == 1 ? q : p.along(along, to));
        }
    }

    /** Inside an outline of any form, or outside it. */
    record Outline(Area area, List<Vec> ring, boolean inward) implements Region {

        @Override
        public boolean keepsAll(Bounds box) {
            return inward ? area.covers(boxed(box)) : !area.meets(box);
        }

        @Override
        public boolean misses(Bounds box) {
            return inward ? !area.meets(box) : area.covers(boxed(box));
        }

        private static Area boxed(Bounds box) {
            return Area.rectangle(box.minX(), box.minY(), box.width(), box.height());
        }

        @Override
        public boolean keeps(Vec point) {
            return inward == area.covers(point);
        }

        @Override
        public List<List<Vec>> inside(List<Vec> ring) {
            return cut(Area.of(ring)).ringsWithoutHoles();
        }

        @Override
        public List<List<Vec>> inside(List<Vec> first, List<List<Vec>> more) {
            Area whole = Area.of(first);
            for (List<Vec> ring : more) {
                Area other = Area.of(ring);
                whole = Area.union(List.of(whole.minus(other), other.minus(whole)));
            }
            return cut(whole).rings();
        }

        private Area cut(Area whole) {
            return inward ? whole.and(area) : whole.minus(area);
        }

        @Override
        public List<List<Vec>> along(List<Vec> line) {
            return inward ? area.inside(List.of(line)) : area.outside(List.of(line));
        }
    }
}
