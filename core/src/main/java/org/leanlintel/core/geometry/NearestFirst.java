package org.leanlintel.core.geometry;

import java.util.Comparator;
import java.util.Iterator;
import java.util.NoSuchElementException;
import java.util.PriorityQueue;

/**
 * The points of a square grid within some bounds, the nearest to one of them first; of those as near, the leftmost, then the
 * lowest. Found as they are asked for.
 *
 * @param middle a point of the grid, in the bounds or not
 * @param stepMm between points
 */
public record NearestFirst(Vec middle, Bounds bounds, double stepMm) implements Iterable<Vec> {

    private record Place(long i, long j) {

        long square() {
            return i * i + j * j;
        }
    }

    private static final Comparator<Place> ORDER =
            Comparator.comparingLong(Place::square).thenComparingLong(Place::i).thenComparingLong(Place::j);

    @Override
    public Iterator<Vec> iterator() {
        return new Outwards();
    }

    /** Takes in one square ring of places after the other, and gives out those that no later ring can have nearer ones than. */
    private final class Outwards implements Iterator<Vec> {

        private final long left = (long) Math.ceil((bounds.minX() - middle.x()) / stepMm);
        private final long right = (long) Math.floor((bounds.maxX() - middle.x()) / stepMm);
        private final long low = (long) Math.ceil((bounds.minY() - middle.y()) / stepMm);
        private final long high = (long) Math.floor((bounds.maxY() - middle.y()) / stepMm);
        private final long last =
                Math.max(Math.max(Math.abs(left), Math.abs(right)), Math.max(Math.abs(low), Math.abs(high)));
        private final PriorityQueue<Place> waiting = new PriorityQueue<>(ORDER);
        private long ring = -1;

        @Override
        public boolean hasNext() {
            while (ring < last && (waiting.isEmpty() || waiting.peek().square() > ring * ring)) takeIn(++ring);
            return !waiting.isEmpty();
        }

        @Override
        public Vec next() {
            if (!hasNext()) throw new NoSuchElementException();
            Place p = waiting.remove();
            return new Vec(middle.x() + p.i() * stepMm, middle.y() + p.j() * stepMm);
        }

        private void takeIn(long r) {
            for (long i = Math.max(-r, left); i <= Math.min(r, right); i++) {
                if (Math.abs(i) == r) for (long j = Math.max(-r, low); j <= Math.min(r, high); j++) add(i, j);
                else {
                    add(i, -r);
                    if (r > 0) add(i, r);
                }
            }
        }

        private void add(long i, long j) {
            if (i >= left && i <= right && j >= low && j <= high) waiting.add(new Place(i, j));
        }
    }
}
