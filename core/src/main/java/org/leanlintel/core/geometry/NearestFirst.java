package org.leanlintel.core.geometry;

import java.util.Arrays;
import java.util.Iterator;
import java.util.NoSuchElementException;

/**
 * The points of a square grid within some bounds, the nearest to one of them first; of those as near, the leftmost, then the
 * lowest. Found as they are asked for.
 *
 * @param middle a point of the grid, in the bounds or not
 * @param stepMm between points
 */
public record NearestFirst(Vec middle, Bounds bounds, double stepMm) implements Iterable<Vec> {

    /** No more steps than that from the middle to any point: a place and how far it lies are one number then. */
    private static final int MOST = 1 << 14;

    public NearestFirst {
        double reach = Math.max(
                Math.max(Math.abs(bounds.minX() - middle.x()), Math.abs(bounds.maxX() - middle.x())),
                Math.max(Math.abs(bounds.minY() - middle.y()), Math.abs(bounds.maxY() - middle.y())));
        stepMm = Math.max(stepMm, reach / (MOST - 1));
    }

    @Override
    public Iterator<Vec> iterator() {
        return new Outwards();
    }

    /** Takes in one square ring of places after the other, and gives out those that no later ring can have nearer ones than. */
    private final class Outwards implements Iterator<Vec> {

        private final int left = (int) Math.ceil((bounds.minX() - middle.x()) / stepMm);
        private final int right = (int) Math.floor((bounds.maxX() - middle.x()) / stepMm);
        private final int low = (int) Math.ceil((bounds.minY() - middle.y()) / stepMm);
        private final int high = (int) Math.floor((bounds.maxY() - middle.y()) / stepMm);
        private final int last =
                Math.max(Math.max(Math.abs(left), Math.abs(right)), Math.max(Math.abs(low), Math.abs(high)));
        /** In order from {@code next} to {@code ready}; not yet in order from there. */
        private long[] places = new long[64];

        private int next, ready, size;
        private int ring = -1;

        @Override
        public boolean hasNext() {
            while (next == ready && ring < last) {
                takeIn(++ring);
                putInOrder(ring < last ? ring : Integer.MAX_VALUE);
            }
            return next < ready;
        }

        @Override
        public Vec next() {
            if (!hasNext()) throw new NoSuchElementException();
            long place = places[next++];
            long i = (place >> 15 & 2 * MOST - 1) - MOST, j = (place & 2 * MOST - 1) - MOST;
            return new Vec(middle.x() + i * stepMm, middle.y() + j * stepMm);
        }

        /** Those no further off than some steps come next, the others wait. */
        private void putInOrder(long steps) {
            System.arraycopy(places, next, places, 0, size - next);
            size -= next;
            next = 0;
            Arrays.sort(places, 0, size);
            long beyond = steps == Integer.MAX_VALUE ? Long.MAX_VALUE : steps * steps + 1 << 30;
            ready = 0;
            while (ready < size && places[ready] < beyond) ready++;
        }

        private void takeIn(int r) {
            for (int i = Math.max(-r, left); i <= Math.min(r, right); i++) {
                if (Math.abs(i) == r) for (int j = Math.max(-r, low); j <= Math.min(r, high); j++) add(i, j);
                else {
                    add(i, -r);
                    add(i, r);
                }
            }
        }

        private void add(int i, int j) {
            if (i < left || i > right || j < low || j > high) return;
            if (size == places.length) places = Arrays.copyOf(places, 2 * size);
            places[size++] = ((long) i * i + (long) j * j) << 30 | (long) (i + MOST) << 15 | j + MOST;
        }
    }
}
