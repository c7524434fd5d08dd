package org.leanlintel.core.stair;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Unusable;

/**
 * A stair in plan. Riser k leads up to tread k; the last leads to the floor above. Where a flight ends at a landing or at
 * winders, its last riser leads onto those.
 */
public final class StairPlan {

    /** Radians that one tread of a spiral may turn through: more covers what it starts from. */
    private static final double MOST_TURN = Math.PI / 2 + 1e-9;

    /** What a tread is part of. */
    public enum Of {
        FLIGHT,
        LANDING,
        WINDERS
    }

    /**
     * One tread.
     *
     * @param number of the riser that leads up to it, from 1
     * @param lengthMm as it counts where the stair is unrolled
     * @param ring counter-clockwise
     */
    public record Tread(int number, Of of, double lengthMm, List<Vec> ring) {
        public Tread {
            ring = List.copyOf(ring);
        }
    }

    /** The front of a riser, from its left end to its right, going up. */
    public record Riser(int number, Vec left, Vec right) {

        public Vec middle() {
            return new Vec((left.x() + right.x()) / 2, (left.y() + right.y()) / 2);
        }
    }

    /**
     * A straight flight.
     *
     * @param left the left end of its first riser
     * @param direction it goes up in
     * @param first the number of its first riser
     * @param risers how many it has
     * @param lengthMm from its first riser to its last
     */
    public record Flight(Vec left, Vec direction, int first, int risers, double lengthMm) {

        public Vec at(double along, double across) {
            return left.along(direction, along).along(direction.left(), -across);
        }
    }

    private final Stair stair;
    private final StairSum sum;
    private final List<Tread> treads = new ArrayList<>();
    private final List<Riser> risers = new ArrayList<>();
    private final List<Flight> flights = new ArrayList<>();
    private final List<Vec> walk = new ArrayList<>();
    private int number = 1;
    private Vec left;
    private Vec direction;

    private StairPlan(Stair stair, StairSum sum) {
        this.stair = stair;
        this.sum = sum;
        left = stair.at();
        direction = Vec.ofAngle(stair.angle());
    }

    /** @throws Unusable with a sentence if its flights before the last have too many risers */
    public static StairPlan of(Stair stair, StairSum sum) {
        StairPlan plan = new StairPlan(stair, sum);
        switch (stair.shape()) {
            case Stair.Flights f -> plan.flights(f);
            case Stair.Spiral s -> plan.spiral(s);
        }
        return plan;
    }

    /** How many risers the last flight has, where the others have what they were given. */
    static int lastFlight(Stair.Flights shape, int risers) {
        int before = shape.before().stream().mapToInt(Integer::intValue).sum();
        int within = shape.turns().stream().mapToInt(t -> t.treads() - 1).sum();
        return risers - before - within;
    }

    private void flights(Stair.Flights shape) {
        int last = lastFlight(shape, sum.risers());
        if (last < 1)
            throw new Unusable(
                    "%s has %d risers, and its flights before the last have %d of them with the turns: give them %d fewer."
                            .formatted(stair.mark(), sum.risers(), sum.risers() - last, 1 - last));
        for (int i = 0; i < shape.turns().size(); i++) {
            flight(shape.before().get(i));
            turn(shape.turns().get(i));
        }
        flight(last);
    }

    /** Its risers, the treads between them, and on to the edge of what it leads to. */
    private void flight(int count) {
        double going = sum.goingMm(), length = (count - 1) * going;
        Flight flight = new Flight(left, direction, number, count, length);
        flights.add(flight);
        for (int i = 0; i < count; i++) {
            riser(flight.at(i * going, 0), flight.at(i * going, stair.widthMm()));
            if (i < count - 1)
                tread(
                        Of.FLIGHT,
                        going,
                        List.of(
                                flight.at(i * going, stair.widthMm()),
                                flight.at((i + 1) * going, stair.widthMm()),
                                flight.at((i + 1) * going, 0),
                                flight.at(i * going, 0)));
            number++;
        }
        walkTo(flight.at(0, stair.widthMm() / 2));
        walkTo(flight.at(length, stair.widthMm() / 2));
        left = flight.at(length, 0);
    }

    /** A flight of one riser goes nowhere. */
    private void walkTo(Vec point) {
        if (walk.isEmpty() || walk.getLast().distanceTo(point) > Tolerance.SAME_MM) walk.add(point);
    }

    private void riser(Vec leftEnd, Vec rightEnd) {
        risers.add(new Riser(number, leftEnd, rightEnd));
    }

    /** The tread that the riser now at hand leads up to. */
    private void tread(Of of, double lengthMm, List<Vec> ring) {
        treads.add(new Tread(number, of, lengthMm, ring));
    }

    /** In a frame of its own: u on from the last riser, v away from the side it turns to; the pivot is the origin. */
    private static final class Frame {

        private final Vec origin;
        private final Vec u;
        private final Vec v;
        private final boolean toLeft;

        Frame(Vec origin, Vec u, boolean toLeft) {
            this.origin = origin;
            this.u = u;
            this.toLeft = toLeft;
            v = u.left().times(toLeft ? -1 : 1);
        }

        Vec at(double along, double across) {
            return origin.along(u, along).along(v, across);
        }

        List<Vec> ring(List<Vec> points) {
            List<Vec> ring =
                    new ArrayList<>(points.stream().map(p -> at(p.x(), p.y())).toList());
            return toLeft ? ring : ring.reversed();
        }
    }

    private void turn(Stair.Turn turn) {
        number--;
        switch (turn) {
            case Stair.Landing l -> {
                if (l.way() == Stair.Way.AHEAD) ahead(l.lengthMm(stair.widthMm()));
                else landing(l);
            }
            case Stair.Winders w -> winders(w);
        }
        number++;
    }

    /** At the inner corner of what is turned to, a way outside it. */
    private Frame frame(Side side, double outsideMm) {
        boolean toLeft = side == Side.LEFT;
        Vec corner = toLeft ? left : left.along(direction.left(), -stair.widthMm());
        return new Frame(corner.along(direction.left(), toLeft ? outsideMm : -outsideMm), direction, toLeft);
    }

    /** Going on from an inner corner. */
    private void onFrom(Vec inner, Frame frame, Vec way) {
        direction = way;
        left = frame.toLeft ? inner : inner.along(direction.left(), stair.widthMm());
    }

    private void ahead(double length) {
        double w = stair.widthMm();
        Flight on = new Flight(left, direction, number, 1, length);
        tread(Of.LANDING, length, List.of(on.at(0, w), on.at(length, w), on.at(length, 0), on.at(0, 0)));
        left = on.at(length, 0);
    }

    private void landing(Stair.Landing landing) {
        Frame frame = frame(landing.side(), 0);
        boolean half = landing.way() == Stair.Way.HALF;
        double w = stair.widthMm(), back = half ? -w - landing.wellMm() : 0, l = landing.lengthMm(w);
        tread(Of.LANDING, l, frame.ring(List.of(new Vec(0, back), new Vec(0, w), new Vec(l, w), new Vec(l, back))));
        walkTo(frame.at(l / 2, w / 2));
        if (half) walkTo(frame.at(l / 2, back + w / 2));
        Vec turned = half ? direction.times(-1) : frame.v.times(-1);
        onFrom(half ? frame.at(0, -landing.wellMm()) : frame.at(0, 0), frame, turned);
    }

    /** Three treads that come together at the pivot. */
    private void winders(Stair.Winders winders) {
        double p = winders.pivotMm(), w = stair.widthMm(), far = p + w;
        Frame frame = frame(winders.side(), p);
        double[] angles = {0, Math.PI / 6, Math.PI / 3, Math.PI / 2};
        for (int i = 0; i < 3; i++) {
            if (i > 0) {
                number++;
                Vec inner = on(angles[i], p), outer = on(angles[i], far);
                Vec a = frame.at(inner.x(), inner.y()), b = frame.at(outer.x(), outer.y());
                riser(frame.toLeft ? a : b, frame.toLeft ? b : a);
            }
            tread(Of.WINDERS, sum.goingMm(), frame.ring(wedge(angles[i], angles[i + 1], p, far)));
        }
        for (int i = 0; i <= 6; i++) {
            Vec way = Vec.ofAngle(Math.PI / 2 - i * Math.PI / 12);
            walkTo(frame.at(way.x() * (p + w / 2), way.y() * (p + w / 2)));
        }
        onFrom(frame.at(p, 0), frame, frame.v.times(-1));
    }

    /** Where a ray from the pivot, turned from v towards u, leaves a square of a side about it. */
    private static Vec on(double angle, double side) {
        double u = Math.sin(angle), v = Math.cos(angle);
        double reach = side / Math.max(u, v);
        return new Vec(u * reach, v * reach);
    }

    private static List<Vec> wedge(double from, double to, double p, double far) {
        List<Vec> ring = new ArrayList<>();
        double diagonal = Math.PI / 4;
        boolean corner = from < diagonal && to > diagonal;
        if (p > 0) {
            ring.add(on(to, p));
            if (corner) ring.add(new Vec(p, p));
            ring.add(on(from, p));
        } else ring.add(new Vec(0, 0));
        ring.add(on(from, far));
        if (corner) ring.add(new Vec(far, far));
        ring.add(on(to, far));
        return ring;
    }

    private void spiral(Stair.Spiral spiral) {
        boolean toLeft = spiral.side() == Side.LEFT;
        double pole = spiral.poleMm() / 2, outer = pole + stair.widthMm();
        Vec inner = toLeft ? left : left.along(direction.left(), -stair.widthMm());
        Vec centre = inner.along(direction.left(), toLeft ? pole : -pole);
        int count = sum.risers();
        double each = spiral.sweep() / (count - 1) * (toLeft ? 1 : -1);
        if (Math.abs(each) > MOST_TURN)
            throw new Unusable(
                    "A spiral of %d risers cannot turn through %.0f degrees: a tread turns through 90 at most."
                            .formatted(count, Math.toDegrees(spiral.sweep())));
        double start = inner.minus(centre).angle();
        for (int i = 0; i < count; i++) {
            double a = start + i * each;
            Vec in = centre.along(Vec.ofAngle(a), pole), out = centre.along(Vec.ofAngle(a), outer);
            riser(toLeft ? in : out, toLeft ? out : in);
            walkTo(centre.along(Vec.ofAngle(a), (pole + outer) / 2));
            if (i < count - 1) {
                List<Vec> ring = new ArrayList<>();
                for (int k = 0; k <= 6; k++) ring.add(centre.along(Vec.ofAngle(a + each * k / 6), outer));
                for (int k = 6; k >= 0; k--) ring.add(centre.along(Vec.ofAngle(a + each * k / 6), pole));
                tread(Of.WINDERS, sum.goingMm(), toLeft ? ring : ring.reversed());
            }
            number++;
        }
    }

    public Stair stair() {
        return stair;
    }

    public StairSum sum() {
        return sum;
    }

    public List<Tread> treads() {
        return List.copyOf(treads);
    }

    /** From the first up; the last one's top is the floor above. */
    public List<Riser> risers() {
        return List.copyOf(risers);
    }

    public List<Flight> flights() {
        return List.copyOf(flights);
    }

    /** The line it is walked on, from the first riser to the last. */
    public List<Vec> walk() {
        return List.copyOf(walk);
    }

    /** All of it in plan. */
    public Area outline() {
        return Area.union(treads.stream().map(t -> Area.of(t.ring())).toList());
    }

    /** Along its flights in plan, landings and winders not counted. */
    public double runMm() {
        return flights.stream().mapToDouble(Flight::lengthMm).sum();
    }
}
