package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Strip.StripPly;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;

/**
 * What a model amounts to in space. A building made from an earlier one keeps every part that the change between them
 * does not reach, and works out only the rest, so that an edit costs the same in a storey of any size.
 */
public final class Building {

    private final Model model;
    private final HashPMap<ElementId, Strip> strips;
    private final Grid grid;
    private final HashPMap<ElementId, WallSolid> solids;
    private final Set<ElementId> fitted;
    /** Stands for this building in those made from it, which need not keep it. */
    private final Object self = new Object();

    private final @Nullable Object earlier;
    private volatile @Nullable Rooms rooms;
    private final Rooms.Memory knownRooms;
    private final Map<ElementId, StoreySpace> spaces = new ConcurrentHashMap<>();

    private Building(
            Model model,
            HashPMap<ElementId, Strip> strips,
            Grid grid,
            HashPMap<ElementId, WallSolid> solids,
            Set<ElementId> fitted,
            @Nullable Object earlier,
            Rooms.Memory knownRooms) {
        this.model = model;
        this.strips = strips;
        this.grid = grid;
        this.solids = solids;
        this.fitted = Collections.unmodifiableSet(fitted);
        this.earlier = earlier;
        this.knownRooms = knownRooms;
    }

    public static Building of(Model model) {
        HashPMap<ElementId, Strip> strips = HashTreePMap.empty();
        Grid grid = Grid.EMPTY;
        for (Wall wall : model.all(Wall.class)) {
            if (!(strip(model, wall, null) instanceof Strip strip)) continue;
            strips = strips.plus(wall.id(), strip);
            grid = grid.with(strip);
        }
        Set<ElementId> all = new TreeSet<>(strips.keySet());
        return new Building(
                model, strips, grid, fitted(model, strips, HashTreePMap.empty(), all), all, null, Rooms.Memory.NONE);
    }

    /** The building of {@code next}, which {@code change} made of this one's model. */
    public Building after(Change change, Model next) {
        Touched touched = new Touched(change, model, next);
        HashPMap<ElementId, Strip> after = strips;
        Grid place = grid;
        for (ElementId id : touched.strips()) {
            GivenUp.orGoOn();
            Strip was = strips.get(id);
            Strip is = next.find(id, Wall.class) instanceof Wall wall ? strip(next, wall, was) : null;
            if (is == was && is != null) continue;
            if (was != null) place = place.without(was);
            if (is != null) place = place.with(is);
            after = is == null ? after.minus(id) : after.plus(id, is);
            touched.altered(id);
        }
        touched.addInLine();
        HashPMap<ElementId, WallSolid> fitted = fitted(next, after, solids, touched.solids());
        return new Building(next, after, place, fitted, touched.solids(), self, known(change, touched, next, fitted));
    }

    /** What is known of rooms, and where that has changed. */
    private Rooms.Memory known(Change change, Touched touched, Model next, HashPMap<ElementId, WallSolid> fitted) {
        List<Bounds> reached = Rooms.reach(change, model, next);
        if (reached == null) return Rooms.Memory.NONE;
        boolean rejoined = false;
        for (ElementId wall : touched.solids()) {
            WallSolid was = solids.get(wall), is = fitted.get(wall);
            if (was != null) reached.add(was.bounds());
            if (is != null) reached.add(is.bounds());
            rejoined |= was == null
                    || is == null
                    || !was.strip().wall().joinsAs(is.strip().wall());
        }
        return (rooms instanceof Rooms found ? found.memory() : knownRooms).after(reached, rejoined);
    }

    private static HashPMap<ElementId, WallSolid> fitted(
            Model model,
            HashPMap<ElementId, Strip> strips,
            HashPMap<ElementId, WallSolid> known,
            Set<ElementId> walls) {
        Junctions junctions = new Junctions(model, strips);
        Map<ElementId, StoreySpace> spaces = new ConcurrentHashMap<>();
        List<Strip> joined =
                walls.stream().map(strips::get).filter(Objects::nonNull).toList();
        HashPMap<ElementId, WallSolid> solids = known;
        for (ElementId id : walls) if (!strips.containsKey(id)) solids = solids.minus(id);
        for (WallSolid solid :
                SideBySide.map(joined, strip -> new WallSolid(strip, space(model, strip, spaces), junctions, model)))
            solids = solids.plus(solid.strip().wall().id(), solid);
        return solids;
    }

    private static @Nullable Strip strip(Model model, Wall wall, @Nullable Strip known) {
        WallAxis axis = WallAxis.of(model, wall);
        if (axis == null) return null;
        boolean same =
                known != null && known.wall() == wall && known.axis().equals(axis) && madeOfTheSame(model, known);
        return same ? known : Strip.of(model, wall, axis);
    }

    private static boolean madeOfTheSame(Model model, Strip known) {
        if (model.find(known.buildUp().id()) != known.buildUp()) return false;
        for (StripPly ply : known.plies()) {
            Ply of = known.buildUp().plies().get(ply.index());
            if (model.find(of.material(), Material.class) != ply.material()) return false;
        }
        return true;
    }

    private static StoreySpace space(Model model, Strip strip, Map<ElementId, StoreySpace> known) {
        return known.computeIfAbsent(strip.wall().storey(), id -> StoreySpace.of(model, id));
    }

    /** A storey between the floors below and above it. */
    public StoreySpace space(ElementId storey) {
        return spaces.computeIfAbsent(storey, id -> StoreySpace.of(model, id));
    }

    public Model model() {
        return model;
    }

    /** The solid of a wall; null where the wall has no length. */
    public @Nullable WallSolid solid(ElementId wall) {
        return solids.get(wall);
    }

    /** Other walls of the same storey that may lie within a few metres of {@code strip}, in the order of ids. */
    public List<Strip> near(Strip strip) {
        List<Strip> near = of(grid.near(strip), strip.wall().storey());
        near.remove(strip);
        return near;
    }

    /** Walls of a storey that may lie within a few metres of {@code point}, in the order of ids. */
    public List<Strip> near(Vec point, ElementId storey) {
        return of(grid.near(point), storey);
    }

    /** Walls of a storey that a line between two points may pass through or by, in the order of ids. */
    public List<Strip> along(Vec from, Vec to, ElementId storey) {
        return of(grid.along(from, to), storey);
    }

    /** Walls of a storey that may lie within some bounds, in the order of ids. */
    public List<Strip> near(Bounds bounds, ElementId storey) {
        return of(grid.near(bounds), storey);
    }

    private List<Strip> of(Set<ElementId> ids, ElementId storey) {
        List<Strip> found = new ArrayList<>();
        for (ElementId id : ids) {
            Strip strip = strips.get(id);
            if (strip != null && strip.wall().storey().equals(storey)) found.add(strip);
        }
        return found;
    }

    /** The walls whose solids differ from those of the building this was made from, gone ones too, in the order of ids. */
    public Set<ElementId> fitted() {
        return fitted;
    }

    /** Whether this was made from {@code other} by one change, so that {@link #fitted()} is all that differs. */
    public boolean follows(Building other) {
        return earlier == other.self;
    }

    /** The wall {@code wall} before its ends are joined; null where it has no length. */
    public @Nullable Strip strip(ElementId wall) {
        return strips.get(wall);
    }

    /** The closed areas of its storeys. */
    public Rooms rooms() {
        Rooms known = rooms;
        return known == null ? rooms = new Rooms(this, knownRooms) : known;
    }

    /** The solids of a storey, in the order of their walls' ids. */
    public List<WallSolid> solidsOf(ElementId storey) {
        List<WallSolid> solids = new ArrayList<>();
        for (Wall wall : model.relations().wallsOf(storey)) {
            WallSolid solid = solid(wall.id());
            if (solid != null) solids.add(solid);
        }
        return solids;
    }

    /** Steps and ramps before the outside doors of a storey. */
    public List<PlacedSteps> stepsOf(ElementId storey) {
        List<PlacedSteps> found = new ArrayList<>();
        for (OutsideSteps s : model.all(OutsideSteps.class)) {
            boolean here = model.find(s.opening(), Opening.class) instanceof Opening o
                    && model.find(o.wall(), Wall.class) instanceof Wall w
                    && w.storey().equals(storey);
            if (here && PlacedSteps.of(s, this) instanceof PlacedSteps placed) found.add(placed);
        }
        return found;
    }

    /** Everything that stands on a storey. */
    public Collection<Body> bodiesOf(ElementId storey) {
        List<Body> bodies = new ArrayList<>();
        for (WallSolid solid : solidsOf(storey)) bodies.addAll(solid.bodies());
        bodies.addAll(FloorAreas.bodies(this, storey));
        for (PlacedSteps steps : stepsOf(storey)) bodies.addAll(steps.bodies(this));
        for (Stair stair : model.all(Stair.class))
            if (stair.storey().equals(storey) && BuiltStair.find(stair, model) instanceof BuiltStair built)
                bodies.addAll(StairBodies.of(built, this));
        StoreySpace on = space(storey);
        for (Post post : model.relations().postsOf(storey)) {
            for (Wrapped.Part part : Wrapped.of(post.make(), post.widthMm(), true, model))
                bodies.add(new Body(
                        post.id(),
                        Content.NO_PLY,
                        part.material(),
                        part.does(),
                        post.ring(part.x0(), part.x1(), part.y0(), part.y1()),
                        Plane.level(on.levelMm() + on.footMm()),
                        Plane.level(on.levelMm() + on.headMm())));
        }
        return bodies;
    }
}
