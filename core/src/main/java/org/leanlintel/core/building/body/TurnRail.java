package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Riser;
import org.leanlintel.core.stair.StairPlan.Tread;

/**
 * A handrail on one side of treads that follow each other between flights: a landing, winders, all of a spiral. From its lower end on.
 *
 * @param stretches straight ones that follow each other
 */
public record TurnRail(List<Stretch> stretches) {

    /** Round a newel or a pole there is none. */
    private static final double LEAST_MM = 300;

    /**
     * @param from and {@code to}: of the middle of the rail
     * @param fromMm and {@code toMm}: its top, above the project's zero
     * @param footMm the level of the tread below it
     * @param edge the middle of the tread's edge beside it
     * @param outwards from there away from the tread
     */
    public record Stretch(Vec from, Vec to, double fromMm, double toMm, double footMm, Vec edge, Vec outwards) {

        boolean isByWall(BuiltStair stair, Building building) {
            return BesideStair.isWall(edge, outwards, stair, building);
        }

        Railing railing(double clearMm) {
            double slope = (toMm - fromMm) / from.distanceTo(to);
            return new Railing(
                    from, to, Plane.rising(from, fromMm, to.minus(from).unit(), slope), clearMm);
        }
    }

    public TurnRail {
        stretches = List.copyOf(stretches);
    }

    /** Those of a stair, on the sides that have a handrail. */
    public static List<TurnRail> of(BuiltStair stair) {
        List<TurnRail> rails = new ArrayList<>();
        for (List<Tread> turn : turns(stair))
            for (Side side : stair.railsAt(Side.LEFT, Side.RIGHT)) {
                List<Edge> edges = new ArrayList<>();
                for (Tread t : turn) edges.addAll(edges(t, side, stair));
                if (edges.stream().mapToDouble(Edge::lengthMm).sum() >= LEAST_MM)
                    rails.add(new TurnRail(within(edges, side, stair.railInMm())));
            }
        return rails;
    }

    /** The middle of the rail. */
    public List<Vec> line() {
        List<Vec> line = new ArrayList<>(List.of(stretches.getFirst().from()));
        stretches.forEach(s -> line.add(s.to()));
        return line;
    }

    private static List<List<Tread>> turns(BuiltStair stair) {
        List<List<Tread>> turns = new ArrayList<>();
        int last = 0;
        for (Tread t : stair.plan().treads()) {
            if (t.of() == Of.FLIGHT) continue;
            if (turns.isEmpty() || t.number() != last + 1) turns.add(new ArrayList<>());
            turns.getLast().add(t);
            last = t.number();
        }
        return turns;
    }

    /** A straight piece of a tread's edge, going up. */
    private record Edge(Vec from, Vec to, double fromMm, double toMm, double footMm) {
        double lengthMm() {
            return from.distanceTo(to);
        }

        Vec along() {
            return to.minus(from).unit();
        }
    }

    /** From the riser that leads up to a tread to the one that leads on. */
    private static List<Edge> edges(Tread tread, Side side, BuiltStair stair) {
        Riser in = stair.plan().risers().get(tread.number() - 1),
                out = stair.plan().risers().get(tread.number());
        List<Vec> line = side == Side.RIGHT
                ? between(tread.ring(), in.right(), out.right())
                : between(tread.ring(), out.left(), in.left()).reversed();
        double foot = stair.levelMm(tread.number()), rail = stair.stair().make().railMm();
        double rise = tread.of() == Of.LANDING ? 0 : stair.plan().sum().riserMm();
        double whole = 0, gone = 0;
        for (int i = 1; i < line.size(); i++) whole += line.get(i - 1).distanceTo(line.get(i));
        List<Edge> edges = new ArrayList<>();
        for (int i = 1; i < line.size(); i++) {
            double next = gone + line.get(i - 1).distanceTo(line.get(i));
            double low = foot + rail + rise * gone / whole, high = foot + rail + rise * next / whole;
            edges.add(new Edge(line.get(i - 1), line.get(i), low, high, foot));
            gone = next;
        }
        return edges;
    }

    /** Along a ring counter-clockwise, from one place on it to another. */
    private static List<Vec> between(List<Vec> ring, Vec from, Vec to) {
        int n = ring.size(), first = side(ring, from), last = side(ring, to);
        List<Vec> line = new ArrayList<>(List.of(from));
        boolean straight = first == last && from.distanceTo(ring.get(first)) <= to.distanceTo(ring.get(first));
        int corners = straight ? 0 : first == last ? n : Math.floorMod(last - first, n);
        for (int k = 1; k <= corners; k++) add(line, ring.get((first + k) % n));
        add(line, to);
        return line;
    }

    private static void add(List<Vec> line, Vec point) {
        if (line.getLast().distanceTo(point) > Tolerance.SAME_MM) line.add(point);
    }

    /** The side of a ring that a place lies on, by the corner that it begins at. */
    private static int side(List<Vec> ring, Vec at) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ring.size(); i++) {
            Vec a = ring.get(i), b = ring.get((i + 1) % ring.size());
            double over = a.distanceTo(at) + at.distanceTo(b) - a.distanceTo(b);
            if (over < least) {
                least = over;
                nearest = i;
            }
        }
        return nearest;
    }

    /** So far within the edges, mitred where they turn. */
    private static List<Stretch> within(List<Edge> edges, Side side, double inMm) {
        List<Vec> corners = new ArrayList<>();
        corners.add(edges.getFirst().from().plus(inwards(edges.getFirst(), side).times(inMm)));
        for (int i = 1; i < edges.size(); i++) {
            Vec one = inwards(edges.get(i - 1), side), other = inwards(edges.get(i), side), both = one.plus(other);
            corners.add(edges.get(i).from().plus(both.times(2 * inMm / both.dot(both))));
        }
        corners.add(edges.getLast().to().plus(inwards(edges.getLast(), side).times(inMm)));
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            Edge e = edges.get(i);
            Vec a = corners.get(i), b = corners.get(i + 1);
            if (a.distanceTo(b) > Tolerance.SAME_MM)
                stretches.add(new Stretch(
                        a,
                        b,
                        e.fromMm(),
                        e.toMm(),
                        e.footMm(),
                        e.from().plus(e.to()).times(0.5),
                        inwards(e, side).times(-1)));
        }
        return stretches;
    }

    private static Vec inwards(Edge edge, Side side) {
        return side == Side.RIGHT ? edge.along().left() : edge.along().left().times(-1);
    }
}
