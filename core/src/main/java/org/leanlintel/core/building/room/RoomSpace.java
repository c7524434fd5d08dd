package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;

/** A closed area of a storey, as its walls leave it. Stays the same object while nothing round it changes. */
public final class RoomSpace {

    /** Clear width and depth, millimetres: the width lies nearer to the drawing's x axis. */
    public record Size(double widthMm, double depthMm) {}

    /** What lies this near to its edge lies along it. */
    private static final double BESIDE_MM = 1;

    /** Makes an area of a line. */
    private static final Vec OFF = new Vec(0.1, 0.1);

    private final Round round;
    private final Area closed;
    private final Area net;
    private final Bounds bounds;
    private @Nullable Area toStructure;

    /**
     * @param round the face it lies in, inside the set-out lines of walls
     * @param closed what walls and limits part off of that
     * @param net what stands on its floor, or is open through it, leaves of that
     */
    RoomSpace(Round round, Area closed, Area net) {
        this.round = round;
        this.closed = closed;
        this.net = net;
        bounds = net.bounds();
    }

    public ElementId storey() {
        return round.storey();
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

    /** Whether a point lies in it or on its edge; it may lie where something stands, or where the floor is open. */
    public boolean covers(Vec point) {
        return closed.bounds().covers(point) && closed.covers(point);
    }

    /** Whether a room limit parts it from another, so that one walks from one into the other. */
    public boolean bordersLimit() {
        return !closed.grown(BESIDE_MM).inside(round.limits()).isEmpty();
    }

    /** Whether a side of it lies along a room limit, so that no wall stands there. */
    public boolean isOpen(Vec from, Vec to) {
        Area limits = Area.of(List.of(from, to, to.plus(OFF), from.plus(OFF))).grown(BESIDE_MM);
        double along = 0;
        for (List<Vec> line : limits.inside(round.limits()))
            for (int i = 1; i < line.size(); i++) along += line.get(i - 1).distanceTo(line.get(i));
        return along > from.distanceTo(to) / 2;
    }

    /** Whether a point lies inside the walls round it, whatever stands there. */
    public boolean encloses(Vec point) {
        return round.face().covers(point);
    }

    /** Between faces of structure: linings and what stands before them are not taken out; what is open through the floor is. */
    public Area toStructure() {
        Area known = toStructure;
        return known == null ? toStructure = findToStructure() : known;
    }

    private Area findToStructure() {
        List<Area> all = new ArrayList<>(List.of(closed)), taken = new ArrayList<>();
        for (WallSolid solid : round.solids()) {
            all.add(solid.footprint());
            taken.addAll(WallBodies.structure(solid));
            taken.add(Area.of(structureOn(solid.strip())));
        }
        for (List<Vec> ring : round.voids()) taken.add(Area.of(ring));
        Vec middle = net.middle();
        for (Area part : Area.union(all).minus(Area.union(taken)).parts())
            for (Area piece : part.splitBy(round.limits())) if (piece.covers(middle)) return piece;
        return net;
    }

    /**
     * A wall's structure on to where its set-out line ends, on that of what it meets: where it stops at a lining, the linings
     * on either side of it are of different rooms.
     */
    private static List<Vec> structureOn(Strip strip) {
        BuildUp of = strip.buildUp();
        double one = strip.offsetOfFace(of.structureFrom()), two = strip.offsetOfFace(of.structureTo());
        return strip.ring(0, strip.length(), Math.min(one, two), Math.max(one, two));
    }

    /** Walls that lie round it or near it, in the order of ids. */
    public List<WallSolid> round() {
        return round.solids();
    }

    /** Round its finished faces, openings included, millimetres. */
    public double perimeterMm() {
        return net.perimeterMm();
    }

    /** How far it reaches, along its longest side and square to it, between what is chosen. */
    public Size size(Gap.Faces faces) {
        Vec along = longestSide();
        Vec across = Math.abs(along.x()) >= Math.abs(along.y()) ? along : along.left();
        return new Size(reach(across, faces), reach(across.left(), faces));
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

    private double reach(Vec way, Gap.Faces faces) {
        return switch (faces) {
            case FINISH -> furthest(net, way) + furthest(net, way.times(-1));
            case STRUCTURE -> furthest(toStructure(), way) + furthest(toStructure(), way.times(-1));
            case MIDDLE -> toMiddle(way) + toMiddle(way.times(-1));
        };
    }

    private static double furthest(Area area, Vec way) {
        double furthest = Double.NEGATIVE_INFINITY;
        for (List<Vec> ring : area.rings()) for (Vec p : ring) furthest = Math.max(furthest, p.dot(way));
        return furthest;
    }

    /** To the middle of the structure of the wall that lies furthest that way. */
    private double toMiddle(Vec way) {
        double face = furthest(toStructure(), way);
        for (WallSolid solid : round.solids()) {
            Strip strip = solid.strip();
            BuildUp of = strip.buildUp();
            boolean square = strip.axis().isStraight()
                    && Math.abs(strip.axis().chord().direction().dot(way)) < Tolerance.PARALLEL_SINE;
            if (!square || of.structureMm() == 0) continue;
            double one = strip.at(0, strip.offsetOfFace(of.structureFrom())).dot(way);
            double two = strip.at(0, strip.offsetOfFace(of.structureTo())).dot(way);
            if (Math.abs(Math.min(one, two) - face) < 1) return (one + two) / 2;
        }
        return face;
    }
}
