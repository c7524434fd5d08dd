package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** How far the floors of a storey reach, and what they amount to as bodies. */
public final class FloorAreas {

    /** Past a wall's face, to see what lies there. */
    private static final double BESIDE_MM = 5;

    private final Building building;
    private final Model model;
    private final Storey storey;

    private FloorAreas(Building building, ElementId storey) {
        this.building = building;
        model = building.model();
        this.storey = model.get(storey, Storey.class);
    }

    private record Of(ElementId floor) implements Key<Area> {
        @Override
        public Area from(Reads reads) {
            Floor f = reads.model().get(floor, Floor.class);
            return new FloorAreas(Building.in(reads), f.storey()).area(f);
        }
    }

    private record Open(ElementId storey) implements Key<Area> {
        @Override
        public Area from(Reads reads) {
            return new FloorAreas(Building.in(reads), storey).open();
        }
    }

    /** All that a shell closes round, voids too. */
    private record Inside(ElementId storey, Floor.InsideShell within) implements Key<Area> {
        @Override
        public Area from(Reads reads) {
            return new FloorAreas(Building.in(reads), storey).insideShell(within);
        }
    }

    /** The largest part of a floor that is the floor of one room, of those along a wall; nothing where it has none. */
    private record Largest(ElementId floor, RoomsAlong rooms) implements Key<Area> {
        @Override
        public Area from(Reads reads) {
            Area area = reads.get(new Of(floor));
            ElementId storey = reads.model().get(floor, Floor.class).storey();
            return largest(reads.get(rooms).stream()
                    .filter(s -> s.storey().equals(storey) && s.bounds().meets(area.bounds()))
                    .map(s -> area.and(s.net()))
                    .toList());
        }
    }

    private static Area largest(List<Area> areas) {
        return areas.stream().max(Comparator.comparingDouble(Area::mm2)).orElse(Area.NONE);
    }

    /** All that a floor covers: voids and drawn floors taken out of it. Empty where nothing closes round its seed. */
    public static Area of(Floor floor, Building building) {
        boolean there = building.model().find(floor.id()) == floor;
        return there ? building.get(new Of(floor.id())) : new FloorAreas(building, floor.storey()).area(floor);
    }

    /** The largest part of a floor that is the floor of one room; nothing where there is none. */
    public static Area inOneRoom(Floor floor, Building building) {
        Area area = of(floor, building);
        if (area.isEmpty()) return area;
        return largest(building.lying(RoomsAlong.Everywhere.ALL, area.bounds()).stream()
                .map(rooms -> building.get(new Largest(floor.id(), rooms)))
                .toList());
    }

    /** Whether something closes round the seed of a floor that fills a shell. */
    public static boolean closes(Floor floor, Building building) {
        return !(floor.outline() instanceof Floor.InsideShell shell) || closes(building, floor.storey(), shell.seed());
    }

    /** Whether walls close round a point of a storey. */
    public static boolean closes(Building building, ElementId storey, Vec seed) {
        return shell(building, storey, seed) != null;
    }

    /** A point in each part of a storey that its walls close round: where floors that fill it can be laid from. */
    public static List<Vec> shells(Building building, ElementId storey) {
        return Area.union(building.get(new FacesAlong.Of(storey, Parting.SHELL))).parts().stream()
                .map(Area::middle)
                .toList();
    }

    /** What is open through a storey's floors: voids drawn there, and those found above stairs from the storey below. */
    public static Area openings(Building building, ElementId storey) {
        return building.get(new Open(storey));
    }

    public static List<Body> bodies(Floor floor, Building building) {
        List<Body> bodies = new ArrayList<>();
        new FloorAreas(building, floor.storey()).bodies(floor, bodies);
        return bodies;
    }

    /** Voids that were drawn through a storey's floors. */
    public static Area drawnVoids(Building building, ElementId storey) {
        return new FloorAreas(building, storey).drawn();
    }

    private Area drawn() {
        List<Area> drawn = new ArrayList<>();
        for (FloorVoid v : model.all(FloorVoid.class))
            if (v.stays() && v.storey().equals(storey.id())) drawn.add(Area.of(v.ring()));
        return drawn.isEmpty() ? Area.NONE : Area.union(drawn);
    }

    private Area open() {
        List<Area> open = new ArrayList<>(List.of(drawn()));
        if (StoreySpace.below(model, storey) instanceof Storey below)
            for (Stair s : model.all(Stair.class))
                if (s.stays()
                        && s.storey().equals(below.id())
                        && s.above() == Stair.Above.FOUND
                        && building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair built) open.add(built.open());
        return Area.union(open);
    }

    private Area area(Floor floor) {
        Area whole =
                switch (floor.outline()) {
                    case Floor.Drawn d -> Area.of(d.ring());
                    case Floor.InsideShell s -> inside(building, storey.id(), s);
                };
        if (whole.isEmpty()) return whole;
        Area open = building.get(new Open(storey.id()));
        if (!open.isEmpty()) whole = whole.minus(open);
        if (floor.outline() instanceof Floor.InsideShell)
            for (Floor other : model.all(Floor.class))
                if (other.stays() && other.storey().equals(storey.id()) && other.outline() instanceof Floor.Drawn d)
                    whole = whole.minus(Area.of(d.ring()));
        return whole;
    }

    /** The outermost line of walls round a point; null where none runs round it. */
    private record ShellRound(ElementId storey, Vec seed) implements Key<Ring.@Nullable Loop> {
        @Override
        public Ring.@Nullable Loop from(Reads reads) {
            return findShell(Building.in(reads), storey, seed);
        }
    }

    private static Ring.@Nullable Loop shell(Building building, ElementId storey, Vec seed) {
        return building.get(new ShellRound(storey, seed));
    }

    private static Ring.@Nullable Loop findShell(Building building, ElementId storey, Vec seed) {
        Ring.Loop outermost = null;
        for (RingsAlong along : building.lying(new RingsAlong.Islands(Parting.SHELL), Bounds.of(List.of(seed))))
            for (Ring ring : building.get(along))
                for (Ring.Loop loop : ring.alone()) {
                    boolean round = ring.storey().equals(storey) && loop.area().covers(seed);
                    if (round
                            && (outermost == null
                                    || loop.area().mm2() > outermost.area().mm2())) outermost = loop;
                }
        return outermost;
    }

    /** All that the outer faces of the shell close round, less the plies of its walls outside the floor's edge. */
    private Area insideShell(Floor.InsideShell inside) {
        Ring.Loop shell = shell(building, storey.id(), inside.seed());
        if (shell == null) return Area.NONE;
        Area closed = shell.area();
        List<Area> all = new ArrayList<>(List.of(closed)), without = new ArrayList<>();
        for (ElementId id : shell.walls()) {
            ShellWall wall = building.get(new ShellWall.Of(id, inside.edge()));
            if (wall == null) continue;
            all.add(wall.footprint);
            if (wall.hasOutside(closed)) without.addAll(wall.outside);
        }
        Area whole = partWith(inside.seed(), Area.union(all)).filled();
        for (Court court : courts(building, storey.id(), closed)) without.add(court.without(inside.edge(), building));
        return without.isEmpty() ? whole : partWith(inside.seed(), whole.minus(Area.union(without)));
    }

    private static List<Court> courts(Building building, ElementId storey, Area closed) {
        return building.get(new Court.Of(storey)).stream()
                .filter(c -> closed.covers(c.open()))
                .toList();
    }

    /** What walls close round. @param outer from their outer faces, without courts; @param walls along it, and round courts */
    public record Shell(Area outer, List<ElementId> walls) {}

    /** What closes round a point of a storey from outside; null where nothing does. */
    public static @Nullable Shell shellRound(Building building, ElementId storey, Vec seed) {
        Ring.Loop loop = shell(building, storey, seed);
        if (loop == null) return null;
        Area outer = inside(building, storey, new Floor.InsideShell(seed, Floor.Edge.OUTER_FACE));
        if (outer.isEmpty()) return null;
        Set<ElementId> walls = new LinkedHashSet<>(loop.walls());
        for (Court court : courts(building, storey, loop.area())) walls.addAll(court.walls());
        return new Shell(outer, List.copyOf(walls));
    }

    /** All that a shell closes round, voids too. */
    public static Area inside(Building building, ElementId storey, Floor.InsideShell within) {
        return building.get(new Inside(storey, within));
    }

    /**
     * What of a wall decides how far a floor within its shell reaches.
     *
     * @param outside its plies outside the floor's edge, where one of its sides lies outside
     * @param beside points just past its two faces
     */
    private record ShellWall(Area footprint, List<Area> outside, List<Vec> beside) {

        record Of(ElementId wall, Floor.Edge edge) implements Key<@Nullable ShellWall> {
            @Override
            public @Nullable ShellWall from(Reads reads) {
                WallSolid solid = Building.in(reads).solid(wall);
                if (solid == null) return null;
                Strip strip = solid.strip();
                double middle = strip.length() / 2;
                return new ShellWall(
                        solid.footprint(),
                        List.copyOf(Court.outside(solid, edge)),
                        List.of(strip.at(middle, strip.hi() + BESIDE_MM), strip.at(middle, strip.lo() - BESIDE_MM)));
            }
        }

        boolean hasOutside(Area closed) {
            return !beside.stream().allMatch(closed::covers);
        }
    }

    private static Area partWith(Vec seed, Area area) {
        for (Area part : area.parts()) if (part.filled().covers(seed)) return part;
        return Area.NONE;
    }

    private void bodies(Floor floor, List<Body> bodies) {
        Area area = of(floor, building);
        if (area.isEmpty()) return;
        List<List<Vec>> rings = area.ringsWithoutHoles();
        BuildUp of = model.get(floor.buildUp(), BuildUp.class);
        Plane top = top(floor, area);
        double depth = 0;
        for (Ply ply : of.downwards()) {
            double under = depth + ply.thicknessMm();
            if (ply.thicknessMm() > 0) {
                Material material = model.get(ply.material(), Material.class);
                for (List<Vec> ring : rings)
                    bodies.add(new Body(
                            floor.id(),
                            of.plies().indexOf(ply),
                            material,
                            ply.does(),
                            ring,
                            top.raised(-under),
                            top.raised(-depth)));
            }
            depth = under;
        }
    }

    /** Its finished top; where it falls, its highest edge lies at its level. */
    private Plane top(Floor floor, Area area) {
        double level = storey.levelMm() + floor.stepMm();
        return switch (floor.fall()) {
            case Floor.Level l -> Plane.level(level);
            case Floor.Falling f -> {
                Vec down = Vec.ofAngle(f.direction());
                double first = Double.POSITIVE_INFINITY;
                for (List<Vec> ring : area.rings()) for (Vec p : ring) first = Math.min(first, p.dot(down));
                yield Plane.rising(down.times(first), level, down, -f.slope());
            }
        };
    }
}
