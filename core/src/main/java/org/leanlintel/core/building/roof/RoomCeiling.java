package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.RoomWalls;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Room;

/** The ceiling a room has of its own: its undersides over the plan, above the project's zero. Without any where it has none. */
public record RoomCeiling(List<Face> faces) {

    /** How far it runs into the walls round the room, so that nothing is seen between. */
    private static final double INTO_WALLS_MM = 1;

    /** @param under its underside there */
    public record Face(Area plan, Plane under) {}

    public RoomCeiling {
        faces = List.copyOf(faces);
    }

    /** That of a room of the model. */
    public record Of(ElementId room) implements Key<RoomCeiling> {
        @Override
        public RoomCeiling from(Reads reads) {
            Building building = Building.in(reads);
            return building.model().find(room) instanceof Room r
                            && !r.isOpenToSky()
                            && Rooms.in(building).of(r) instanceof RoomSpace space
                            && Rooms.in(building).named(space).getFirst() == r
                    ? of(r, space, building)
                    : new RoomCeiling(List.of());
        }
    }

    private static RoomCeiling of(Room room, RoomSpace space, Building building) {
        double springs = building.space(room.storey()).levelMm() + room.ceilingMm(building.space(room.storey()));
        RoomWalls walls = space.walls(building);
        return switch (room.above()) {
            case Room.WhatStands w -> new RoomCeiling(List.of());
            case Room.LevelCeiling l -> new RoomCeiling(List.of(new Face(walls.at(springs), Plane.level(springs))));
            case Room.VaultedCeiling v -> vaulted(v, walls, springs);
            case Room.SlopedCeiling s -> new RoomCeiling(List.of(sloped(s, walls, springs)));
        };
    }

    /** Half the room each side of a ridge in the middle of what it measures across. */
    private static RoomCeiling vaulted(Room.VaultedCeiling vault, RoomWalls walls, double springs) {
        Vec across = Vec.ofAngle(vault.ridge()).left();
        Area low = walls.at(springs);
        double from = least(low, across), to = -least(low, across.times(-1));
        double middle = (from + to) / 2, tan = vault.pitch().tan();
        Area plan = walls.at(springs + (to - from) / 2 * tan);
        List<Face> faces = new ArrayList<>();
        half(plan, across, from, middle, Plane.rising(across.times(from), springs, across, tan), faces);
        half(plan, across, middle, to, Plane.rising(across.times(to), springs, across.times(-1), tan), faces);
        return new RoomCeiling(faces);
    }

    /** From the side of the room that lies furthest back. */
    private static Face sloped(Room.SlopedCeiling of, RoomWalls walls, double springs) {
        Vec up = Vec.ofAngle(of.up());
        Area low = walls.at(springs);
        double from = least(low, up),
                to = -least(low, up.times(-1)),
                tan = of.pitch().tan();
        return new Face(walls.at(springs + (to - from) * tan), Plane.rising(up.times(from), springs, up, tan));
    }

    /** The least that its corners lie along a direction. */
    private static double least(Area plan, Vec along) {
        double least = Double.POSITIVE_INFINITY;
        for (List<Vec> ring : plan.rings()) for (Vec p : ring) least = Math.min(least, p.dot(along));
        return least;
    }

    private static void half(Area whole, Vec across, double from, double to, Plane under, List<Face> faces) {
        List<Area> parts = new ArrayList<>();
        for (List<Vec> ring : UnderRoofs.open(whole.ringsWithoutHoles())) {
            List<Vec> within = Clip.between(ring, Vec.ORIGIN, across, from, to);
            if (within.size() > 2) parts.add(Area.of(within));
        }
        Area plan = Area.union(parts);
        if (plan.mm2() > Tolerance.SLIVER_MM2) faces.add(new Face(plan, under));
    }

    /** Its plies, as far as they lie under the rafters of roofs over it. */
    public static List<Body> bodies(Room room, Building building) {
        RoomCeiling ceiling = building.get(new Of(room.id()));
        if (ceiling.faces.isEmpty() || !(room.ceilingBuildUp() instanceof ElementId of)) return List.of();
        BuildUp plies = building.model().get(of, BuildUp.class);
        List<Body> bodies = new ArrayList<>();
        for (Face face : ceiling.faces) {
            double height = 0;
            for (Ply ply : plies.downwards().reversed()) {
                double next = height + ply.thicknessMm();
                Plane low = face.under.raised(face.under.upright(height)),
                        high = face.under.raised(face.under.upright(next));
                Material material = building.model().get(ply.material(), Material.class);
                int index = plies.plies().indexOf(ply);
                if (ply.thicknessMm() > 0)
                    for (List<Vec> ring :
                            UnderRoofs.open(face.plan.grown(INTO_WALLS_MM).ringsWithoutHoles()))
                        bodies.add(new Body(room.id(), index, material, ply.does(), ring, low, high));
                height = next;
            }
        }
        return UnderRoofs.underRafters(room.storey(), bodies, building);
    }
}
