package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Derived;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;

/**
 * A model with its walls joined, and whatever else is derived from it by those who know what: its rooms, its bodies. A
 * building made from an earlier one works out anew only what the change between them bears on, so that an edit costs the
 * same in a storey of any size.
 */
public final class Building {

    private final Reads reads;
    private final Set<ElementId> fitted;

    /** What has become of a wall. */
    private record Solved(@Nullable WallSolid solid) {}

    private Building(Reads reads, Set<ElementId> fitted) {
        this.reads = reads;
        this.fitted = Collections.unmodifiableSet(fitted);
    }

    public static Building of(Model model) {
        Derived derived = Derived.of(model);
        Set<ElementId> all = new TreeSet<>();
        for (Solved solved : SideBySide.map(model.all(Wall.class), w -> new Solved(derived.get(new SolidOf(w.id())))))
            if (solved.solid() instanceof WallSolid s) all.add(s.strip().wall().id());
        return new Building(derived, all);
    }

    /** The building of {@code next}, which {@code change} made of this one's model. */
    public Building after(Change change, Model next) {
        Derived was = derived(), is = was.after(change, next);
        is.lay(Walls.ALL);
        Set<ElementId> walls = new TreeSet<>(), decided = new TreeSet<>();
        for (List<Element> side : List.of(change.before(), change.after()))
            for (Element e : side) {
                if (e instanceof Wall w) walls.add(w.id());
                if (e instanceof Corner c)
                    next.relations()
                            .endsAt(c.id())
                            .forEach(end -> decided.add(end.wall().id()));
            }
        for (Key<?> key : is.reached()) if (key instanceof SolidOf solid) walls.add(solid.wall());
        Set<ElementId> fitted = new TreeSet<>(decided);
        SideBySide.map(walls, id -> new Solved(is.get(new SolidOf(id))));
        for (ElementId id : walls) {
            WallSolid now = is.get(new SolidOf(id));
            if (now == null || now != was.get(new SolidOf(id))) fitted.add(id);
        }
        return new Building(is, fitted);
    }

    /** The same building as far as it is read in working something out from it. */
    public static Building in(Reads reads) {
        return new Building(reads, Set.of());
    }

    /** The same building, to be kept: what is not known any more is let go. */
    public Building kept() {
        Derived tidied = derived().tidied();
        return tidied == reads ? this : new Building(tidied, fitted);
    }

    /** What else can be derived from it. */
    public Derived derived() {
        if (reads instanceof Derived d) return d;
        throw new IllegalStateException("A building that is read from is not to be derived from");
    }

    public <T extends @Nullable Object> T get(Key<T> key) {
        return reads.get(key);
    }

    /** Several at once, worked out side by side where they are not known. */
    public <T extends @Nullable Object> List<T> all(Collection<? extends Key<T>> keys) {
        return reads.all(keys);
    }

    /** What lies in a spread where some bounds are. */
    public <M extends Member<?>> Set<M> lying(Spread<M> spread, Bounds bounds) {
        return reads.lying(spread, bounds);
    }

    /** Lays a spread out at once, where the building is not read from within a key. */
    public <M extends Member<?>> void lay(Spread<M> spread) {
        if (reads instanceof Derived d) d.lay(spread);
    }

    /** A storey between the floors below and above it. */
    public StoreySpace space(ElementId storey) {
        return reads.get(new SpaceOf(storey));
    }

    public Model model() {
        return reads.model();
    }

    /** The solid of a wall; null where the wall has no length. */
    public @Nullable WallSolid solid(ElementId wall) {
        return reads.get(new SolidOf(wall));
    }

    /** Other walls of the same storey that may lie within a few metres of {@code strip}, in the order of ids. */
    public List<Strip> near(Strip strip) {
        List<Strip> near = on(strip.wall().storey(), reads.lying(Walls.ALL, Walls.cells(strip)));
        near.remove(strip);
        return near;
    }

    /** Walls of a storey that may lie within a few metres of {@code point}, in the order of ids. */
    public List<Strip> near(Vec point, ElementId storey) {
        return on(storey, reads.lying(Walls.ALL, Walls.about(point)));
    }

    /** Walls of a storey that a point of one may lie on, in the order of ids. */
    public List<Strip> at(Vec point, ElementId storey) {
        return on(storey, reads.lying(Walls.ALL, new Bounds(point.x(), point.y(), point.x(), point.y())));
    }

    /** Walls of a storey that a line between two points may pass through or by, in the order of ids. */
    public List<Strip> along(Vec from, Vec to, ElementId storey) {
        return on(storey, reads.lying(Walls.ALL, Walls.along(from, to)));
    }

    /** Walls of a storey that may lie within some bounds, in the order of ids. */
    public List<Strip> near(Bounds bounds, ElementId storey) {
        return on(storey, reads.lying(Walls.ALL, bounds));
    }

    private List<Strip> on(ElementId storey, Set<StripOf> walls) {
        List<Strip> found = new ArrayList<>();
        for (StripOf key : walls) {
            Strip strip = reads.get(key);
            if (strip != null && strip.wall().storey().equals(storey)) found.add(strip);
        }
        return found;
    }

    /**
     * The walls whose solids differ from those of the building this was made from, those without one too, and those at a corner
     * that was decided or moved; in the order of ids.
     */
    public Set<ElementId> fitted() {
        return fitted;
    }

    /** The wall {@code wall} before its ends are joined; null where it has no length. */
    public @Nullable Strip strip(ElementId wall) {
        return reads.get(new StripOf(wall));
    }

    /** The solids of a storey, in the order of their walls' ids. */
    public List<WallSolid> solidsOf(ElementId storey) {
        List<WallSolid> solids = new ArrayList<>();
        for (Wall wall : model().relations().wallsOf(storey)) {
            WallSolid solid = solid(wall.id());
            if (solid != null) solids.add(solid);
        }
        return solids;
    }
}
