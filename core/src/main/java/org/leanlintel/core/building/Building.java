package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Strip.StripPly;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/**
 * What a model amounts to in space. A building made from an earlier one keeps every part whose inputs are the same
 * objects, so that one edit derives again only what it touches.
 */
public final class Building {

    private final Model model;
    private final Map<ElementId, Strip> strips;
    private final Map<ElementId, Solved> solved;

    /** A solid with the very objects it was worked out from. */
    private record Solved(List<Object> inputs, WallSolid solid) {}

    private Building(Model model, Map<ElementId, Strip> strips, Map<ElementId, Solved> solved) {
        this.model = model;
        this.strips = strips;
        this.solved = solved;
    }

    public static Building of(Model model) {
        return derive(model, null);
    }

    /** The building of {@code next}, keeping what is unchanged from this one. */
    public Building after(Model next) {
        return derive(next, this);
    }

    private static Building derive(Model model, @Nullable Building earlier) {
        List<Wall> walls = model.all(Wall.class);
        Map<ElementId, Strip> strips = HashMap.newHashMap(walls.size());
        for (Wall wall : walls) {
            WallAxis axis = WallAxis.of(model, wall);
            if (axis != null) strips.put(wall.id(), strip(model, wall, axis, earlier));
        }
        Junctions junctions = new Junctions(model, strips);
        Map<ElementId, Solved> solved = HashMap.newHashMap(walls.size());
        for (Wall wall : walls) {
            Strip strip = strips.get(wall.id());
            if (strip != null) solved.put(wall.id(), solid(model, junctions, strip, earlier));
        }
        return new Building(model, strips, solved);
    }

    private static Strip strip(Model model, Wall wall, WallAxis axis, @Nullable Building earlier) {
        Strip known = earlier == null ? null : earlier.strips.get(wall.id());
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

    private static Solved solid(Model model, Junctions junctions, Strip strip, @Nullable Building earlier) {
        Wall wall = strip.wall();
        Storey storey = model.get(wall.storey(), Storey.class);
        List<Opening> openings = model.relations().openingsIn(wall.id());
        List<Object> inputs = new ArrayList<>(List.of(strip, storey));
        inputs.addAll(junctions.neighbours(wall));
        inputs.addAll(openings);
        Solved known = earlier == null ? null : earlier.solved.get(wall.id());
        if (known != null && sameObjects(known.inputs, inputs)) return known;
        return new Solved(inputs, new WallSolid(strip, storey, junctions, openings));
    }

    private static boolean sameObjects(List<Object> one, List<Object> two) {
        if (one.size() != two.size()) return false;
        for (int i = 0; i < one.size(); i++) if (one.get(i) != two.get(i)) return false;
        return true;
    }

    public Model model() {
        return model;
    }

    /** The solid of a wall; null where the wall has no length. */
    public @Nullable WallSolid solid(ElementId wall) {
        Solved found = solved.get(wall);
        return found == null ? null : found.solid();
    }

    /** The wall {@code wall} before its ends are joined; null where it has no length. */
    public @Nullable Strip strip(ElementId wall) {
        return strips.get(wall);
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

    /** Everything that stands on a storey. */
    public Collection<Body> bodiesOf(ElementId storey) {
        return solidsOf(storey).stream().flatMap(s -> s.bodies().stream()).toList();
    }
}
