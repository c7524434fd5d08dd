package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;

/** The walls round a closed area: what their structure leaves of it, and how far it is between them. */
public final class RoomWalls {

    /** Those of one of the areas in the faces along a wall. */
    record Of(ElementId wall, int number) implements Key<RoomWalls> {

        @Override
        public RoomWalls from(Reads reads) {
            RoomSpace space = reads.get(new RoomsAlong(wall)).get(number);
            return new RoomWalls(space, reads.get(new Round.Along(wall)).get(space.face()));
        }
    }

    private final RoomSpace space;
    private final Round round;
    private @Nullable Area toStructure;

    private RoomWalls(RoomSpace space, Round round) {
        this.space = space;
        this.round = round;
    }

    /** Walls that lie round it or near it, in the order of ids. */
    public List<WallSolid> all() {
        return round.solids();
    }

    /** Whether a point lies inside the set-out lines of the walls round the area, whatever stands there. */
    public boolean enclose(Vec point) {
        return round.face().covers(point);
    }

    /** Between faces of structure: linings and what stands before them are not taken out; what is open through the floor is. */
    public Area toStructure() {
        Area known = toStructure;
        return known == null ? toStructure = findToStructure() : known;
    }

    /** What is free of the area so high above the project's zero: what ends below takes nothing there, nor what is open through the floor. */
    public Area at(double mm) {
        List<Area> taken = new ArrayList<>();
        for (WallSolid solid : round.solids())
            for (Slab slab : solid.lastingSlabs())
                if (slab.highMm() > mm + Tolerance.SAME_MM) taken.add(Area.of(solid.outline(slab)));
        for (WallSolid solid : round.standing())
            if (solid.bodies().stream().anyMatch(b -> b.highMm() > mm + Tolerance.SAME_MM))
                taken.add(solid.footprint());
        for (List<Vec> post : round.posts()) taken.add(Area.of(post));
        return taken.isEmpty() ? space.closed() : space.closed().minus(Area.union(taken));
    }

    private Area findToStructure() {
        List<Area> all = new ArrayList<>(List.of(space.closed())), taken = new ArrayList<>();
        for (WallSolid solid : round.solids()) {
            all.add(solid.footprint());
            taken.addAll(WallBodies.structure(solid));
            taken.add(Area.of(structureOn(solid.strip())));
        }
        for (List<Vec> ring : round.voids()) taken.add(Area.of(ring));
        Vec middle = space.middle();
        for (Area part : Area.union(all).minus(Area.union(taken)).parts())
            for (Area piece : part.splitBy(round.limits())) if (piece.covers(middle)) return piece;
        return space.net();
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

    /** How far the area reaches, along its longest side and square to it, between what is chosen. */
    public RoomSpace.Size size(Gap.Faces faces) {
        return switch (faces) {
            case FINISH -> space.size();
            case STRUCTURE -> space.sizeBy(way -> toStructure(way) + toStructure(way.times(-1)));
            case MIDDLE -> space.sizeBy(way -> toMiddle(way) + toMiddle(way.times(-1)));
        };
    }

    private double toStructure(Vec way) {
        return RoomSpace.furthest(toStructure(), way);
    }

    /** To the middle of the structure of the wall that lies furthest that way. */
    private double toMiddle(Vec way) {
        double face = toStructure(way);
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
