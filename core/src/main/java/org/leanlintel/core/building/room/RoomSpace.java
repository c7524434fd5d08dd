package org.leanlintel.core.building.room;

import java.util.List;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** A closed area of a storey, as its walls leave it. */
public final class RoomSpace {

    /** Clear width and depth, millimetres: the width lies nearer to the drawing's x axis. */
    public record Size(double widthMm, double depthMm) {}

    /** What lies this near to its edge lies along it. */
    private static final double BESIDE_MM = 1;

    /** Makes an area of a line. */
    private static final Vec OFF = new Vec(0.1, 0.1);

    private final ElementId along;
    private final int face;
    private final int number;
    private final ElementId storey;
    private final List<List<Vec>> limits;
    private final Area closed;
    private final Area net;
    private final Bounds bounds;

    private @Nullable Vec middle;

    /**
     * @param along the wall whose faces it is found in
     * @param face which of these it lies in
     * @param number which it is of all in them
     * @param closing what lies in that face
     * @param closed what walls and limits part off of it
     * @param net what stands on its floor, or is open through it, leaves of that
     */
    RoomSpace(ElementId along, int face, int number, Closing closing, Area closed, Area net) {
        this.along = along;
        this.face = face;
        this.number = number;
        storey = closing.storey();
        limits = closing.limits();
        this.closed = closed;
        this.net = net;
        bounds = net.bounds();
    }

    public ElementId storey() {
        return storey;
    }

    int face() {
        return face;
    }

    /** The walls round it, in the building it was found in. */
    public RoomWalls walls(Building building) {
        return building.get(new RoomWalls.Of(along, number));
    }

    /** Of all that lies in it. */
    Bounds reach() {
        return closed.bounds();
    }

    /** What walls and limits close round, whatever stands on its floor or is open through it. */
    Area closed() {
        return closed;
    }

    /** Between finished faces: linings, piers and what else stands on the floor are taken out, and what is open through it. */
    public Area net() {
        return net;
    }

    public Bounds bounds() {
        return bounds;
    }

    /** A point well inside it. */
    public Vec middle() {
        Vec known = middle;
        return known == null ? middle = net.middle() : known;
    }

    /** Whether a point lies in it or on its edge; it may lie where something stands, or where the floor is open. */
    public boolean covers(Vec point) {
        return closed.bounds().covers(point) && closed.covers(point);
    }

    /** Whether walls and limits close round it as they did round another that was moved, whatever stands in either. */
    public boolean isAsMoved(RoomSpace other, Vec by) {
        Bounds was = other.reach(), is = reach();
        return was.centre().plus(by).distanceTo(is.centre()) < BESIDE_MM
                && Math.abs(was.width() - is.width()) < BESIDE_MM
                && Math.abs(was.height() - is.height()) < BESIDE_MM
                && Math.abs(other.closed.mm2() - closed.mm2()) < BESIDE_MM * closed.perimeterMm();
    }

    /** Whether a room limit parts it from another, so that one walks from one into the other. */
    public boolean bordersLimit() {
        return !closed.grown(BESIDE_MM).inside(limits).isEmpty();
    }

    /** Whether a side of it lies along a room limit, so that no wall stands there. */
    public boolean isOpen(Vec from, Vec to) {
        Area strip = Area.of(List.of(from, to, to.plus(OFF), from.plus(OFF))).grown(BESIDE_MM);
        double along = 0;
        for (List<Vec> line : strip.inside(limits))
            for (int i = 1; i < line.size(); i++) along += line.get(i - 1).distanceTo(line.get(i));
        return along > from.distanceTo(to) / 2;
    }

    /** Round its finished faces, openings included, millimetres. */
    public double perimeterMm() {
        return net.perimeterMm();
    }

    /** How far it reaches, along its longest side and square to it, between finished faces. */
    public Size size() {
        return sizeBy(way -> furthest(net, way) + furthest(net, way.times(-1)));
    }

    /** @param reach how far it reaches one way and the other together */
    Size sizeBy(ToDoubleFunction<Vec> reach) {
        Vec along = longestSide();
        Vec across = Math.abs(along.x()) >= Math.abs(along.y()) ? along : along.left();
        return new Size(reach.applyAsDouble(across), reach.applyAsDouble(across.left()));
    }

    private Vec longestSide() {
        Vec longest = new Vec(1, 0);
        double length = 0;
        List<Vec> ring = net.rings().getFirst();
        for (int i = 1; i < ring.size(); i++) {
            Vec side = ring.get(i).minus(ring.get(i - 1));
            if (side.length() < length + Tolerance.SAME_MM) continue;
            length = side.length();
            longest = side.unit();
        }
        return longest;
    }

    static double furthest(Area area, Vec way) {
        double furthest = Double.NEGATIVE_INFINITY;
        for (List<Vec> ring : area.rings()) for (Vec p : ring) furthest = Math.max(furthest, p.dot(way));
        return furthest;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof RoomSpace s
                && s.number == number
                && s.face == face
                && s.along.equals(along)
                && s.closed.equals(closed)
                && s.net.equals(net)
                && s.storey.equals(storey)
                && s.limits.equals(limits);
    }

    @Override
    public int hashCode() {
        return Objects.hash(along, number, bounds);
    }
}
