package org.leanlintel.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;

/** What is still free of a sheet, as the largest rectangles that fit into it; they may overlap. */
final class FreeRoom {

    private List<Bounds> free;

    FreeRoom(SheetArea area) {
        Bounds frame = area.frame(), block = area.block();
        free = new ArrayList<>();
        if (block.minX() > frame.minX()) free.add(new Bounds(frame.minX(), frame.minY(), block.minX(), frame.maxY()));
        if (block.maxY() < frame.maxY()) free.add(new Bounds(frame.minX(), block.maxY(), frame.maxX(), frame.maxY()));
    }

    /** The place for a rectangle that lies highest, and furthest to the left there; null where none is left. */
    @Nullable
    Bounds place(double width, double height) {
        return free.stream()
                .filter(f -> f.width() >= width && f.height() >= height)
                .min(Comparator.comparingDouble((Bounds f) -> -f.maxY()).thenComparingDouble(Bounds::minX))
                .map(f -> new Bounds(f.minX(), f.maxY() - height, f.minX() + width, f.maxY()))
                .orElse(null);
    }

    /** Whether a rectangle is free. */
    boolean has(Bounds box) {
        return free.stream().anyMatch(f -> f.covers(box));
    }

    void take(Bounds taken) {
        List<Bounds> left = new ArrayList<>();
        for (Bounds f : free) {
            if (!overlap(f, taken)) {
                left.add(f);
                continue;
            }
            if (taken.minX() > f.minX()) left.add(new Bounds(f.minX(), f.minY(), taken.minX(), f.maxY()));
            if (taken.maxX() < f.maxX()) left.add(new Bounds(taken.maxX(), f.minY(), f.maxX(), f.maxY()));
            if (taken.minY() > f.minY()) left.add(new Bounds(f.minX(), f.minY(), f.maxX(), taken.minY()));
            if (taken.maxY() < f.maxY()) left.add(new Bounds(f.minX(), taken.maxY(), f.maxX(), f.maxY()));
        }
        free = largest(left);
    }

    private static List<Bounds> largest(List<Bounds> all) {
        List<Bounds> kept = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            boolean within = false;
            for (int k = 0; k < all.size() && !within; k++)
                within = i != k
                        && all.get(k).covers(all.get(i))
                        && (k < i || !all.get(i).equals(all.get(k)));
            if (!within) kept.add(all.get(i));
        }
        return kept;
    }

    private static boolean overlap(Bounds a, Bounds b) {
        return a.minX() < b.maxX() && b.minX() < a.maxX() && a.minY() < b.maxY() && b.minY() < a.maxY();
    }
}
