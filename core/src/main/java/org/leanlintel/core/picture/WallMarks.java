package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.pcollections.TreePMap;

/**
 * The walls of a plan with the marks of their build-ups, each at the first of its places that is free of fittings, stairs,
 * doors, strings and the marks of walls before it in the order of ids; at the best where none is. After a change, marks are
 * placed anew only where something they could keep clear of came, went or moved.
 */
final class WallMarks implements TakenBoxes.Source {

    /** How far off a mark its wall may be told to lie, beyond what the mark itself takes: more than walls are thick. */
    private static final double THICKEST_MM = 1000;

    private record Marked(DrawnWall wall, List<Group> groups, WallMark.@Nullable Place place, @Nullable Bounds box) {}

    private final Building building;
    private final Look look;
    private final TreePMap<ElementId, DrawnWall> walls;
    private final Set<ElementId> changed = new TreeSet<>();
    private TreePMap<ElementId, Marked> marked;

    private WallMarks(
            Building building, Look look, TreePMap<ElementId, DrawnWall> walls, TreePMap<ElementId, Marked> marked) {
        this.building = building;
        this.look = look;
        this.walls = walls;
        this.marked = marked;
    }

    /** @param taken by what is drawn besides */
    static WallMarks of(
            Building building,
            Look look,
            Lettering lettering,
            TreePMap<ElementId, DrawnWall> walls,
            TakenBoxes.Index taken) {
        WallMarks marks = new WallMarks(building, look, walls, TreePMap.empty());
        marks.mark(walls.keySet(), Set.of(), lettering, taken);
        return marks;
    }

    /**
     * The same after a change.
     *
     * @param redrawn walls that were drawn anew, or are gone
     * @param moved boxes that are taken and were not, or the other way round
     */
    WallMarks after(
            Building next,
            Lettering lettering,
            TreePMap<ElementId, DrawnWall> now,
            Set<ElementId> redrawn,
            Set<Bounds> moved,
            TakenBoxes.Index taken) {
        WallMarks marks = new WallMarks(next, look, now, marked);
        marks.mark(redrawn, moved, lettering, taken);
        return marks;
    }

    private void mark(Collection<ElementId> redrawn, Set<Bounds> moved, Lettering lettering, TakenBoxes.Index taken) {
        TreeSet<ElementId> todo = new TreeSet<>(redrawn);
        for (Bounds b : moved) todo.addAll(reaching(b));
        for (ElementId id = todo.pollFirst(); id != null; id = todo.pollFirst()) {
            Marked was = marked.get(id);
            DrawnWall wall = walls.get(id);
            Marked is = wall == null ? null : marked(id, wall, lettering, taken, was);
            if (is == was) continue;
            changed.add(id);
            marked = is == null ? marked.minus(id) : marked.plus(id, is);
            Bounds from = was == null ? null : was.box(), to = is == null ? null : is.box();
            if (Objects.equals(from, to)) continue;
            if (from != null) todo.addAll(reaching(from).tailSet(id, false));
            if (to != null) todo.addAll(reaching(to).tailSet(id, false));
        }
    }

    private Marked marked(
            ElementId id, DrawnWall wall, Lettering lettering, TakenBoxes.Index taken, @Nullable Marked was) {
        boolean same = was != null && was.wall == wall;
        if (wall.reach() == null) return same ? was : new Marked(wall, wall.groups(), null, null);
        double scale = look.drawing().scale();
        TakenBoxes near = taken.within(wall.reach());
        List<Bounds> before = boxes(wall.reach(), id);
        List<WallMark.Place> places = wall.mark().places();
        WallMark.Place place = places.stream()
                .filter(p -> isFree(p.box(scale), near, before))
                .findFirst()
                .orElse(places.getFirst());
        if (same && place.equals(was.place)) return was;
        Pens pens = new Pens(look.lens());
        WallMark.paint(wall.mark().words(), place, scale, lettering, pens);
        List<Group> groups = new ArrayList<>(wall.groups());
        groups.set(0, groups.getFirst().with(pens.items()));
        return new Marked(wall, List.copyOf(groups), place, place.box(scale));
    }

    private static boolean isFree(Bounds box, TakenBoxes near, List<Bounds> marks) {
        return near.isFree(box) && marks.stream().noneMatch(box::meets);
    }

    /** Walls whose marks could stand in the way of a box. */
    private TreeSet<ElementId> reaching(Bounds box) {
        TreeSet<ElementId> ids = new TreeSet<>();
        for (Strip strip : near(box)) {
            ElementId id = strip.wall().id();
            if (walls.get(id) instanceof DrawnWall w
                    && w.reach() != null
                    && w.reach().meets(box)) ids.add(id);
        }
        return ids;
    }

    private List<Strip> near(Bounds box) {
        return building.near(box.grown(WallMark.REACH_MM * look.drawing().scale() + THICKEST_MM), look.storey());
    }

    /** Boxes of marks that meet some bounds. */
    @Override
    public List<Bounds> within(Bounds reach) {
        return boxes(reach, null);
    }

    /** @param before the wall whose mark and those after it are left out; null for all marks */
    private List<Bounds> boxes(Bounds reach, @Nullable ElementId before) {
        List<Bounds> boxes = new ArrayList<>();
        for (Strip strip : near(reach)) {
            ElementId id = strip.wall().id();
            if (before != null && id.compareTo(before) >= 0) continue;
            if (marked.get(id) instanceof Marked m && m.box() != null && m.box().meets(reach)) boxes.add(m.box());
        }
        return boxes;
    }

    /** All that a wall shows; nothing where it is not in the plan. */
    List<Group> groups(ElementId wall) {
        return marked.get(wall) instanceof Marked m ? m.groups() : List.of();
    }

    List<Group> groups() {
        return marked.values().stream().flatMap(m -> m.groups().stream()).toList();
    }

    /** The walls that do not look as they did before the last change, gone ones too. */
    Set<ElementId> changed() {
        return changed;
    }
}
