package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.model.ElementId;
import org.pcollections.TreePMap;

/**
 * The plan of a storey: a level cut through its walls, each opening's symbol, and the drawing's own strings and notes. A
 * plan made from an earlier one draws anew only what changed.
 */
public final class Plan implements DrawingPicture {

    private final Building building;
    private final Look look;
    private final TreePMap<ElementId, DrawnWall> walls;
    private final WallMarks marked;
    private final Things things;
    private final Annotations annotations;
    private final StairsOnPlan stairs;
    private final RoomLabels labels;
    /** The plan this was made from; null where it was drawn from nothing. */
    private final @Nullable Object earlier;
    /** Stands for this plan in those made from it, which need not keep it. */
    private final Object self = new Object();

    private @Nullable Picture picture;

    private Plan(
            Building building,
            Look look,
            TreePMap<ElementId, DrawnWall> walls,
            WallMarks marked,
            Things things,
            Annotations annotations,
            StairsOnPlan stairs,
            RoomLabels labels,
            @Nullable Object earlier) {
        this.building = building;
        this.look = look;
        this.walls = walls;
        this.marked = marked;
        this.things = things;
        this.annotations = annotations;
        this.stairs = stairs;
        this.labels = labels;
        this.earlier = earlier;
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static Plan of(Building building, ElementId drawing, Lettering lettering) {
        Look look = Look.of(building, drawing);
        TreePMap<ElementId, DrawnWall> walls = TreePMap.empty();
        Undrawn undrawn = new Undrawn(look, lettering);
        for (DrawnWall wall :
                SideBySide.map(building.solidsOf(look.storey()), solid -> DrawnWall.orMark(solid, look, undrawn)))
            walls = walls.plus(wall.id(), wall);
        Things things = Things.of(building, look, lettering, null);
        Annotations notes = Annotations.of(building, look, lettering);
        TakenBoxes.Index taken = TakenBoxes.of(things, notes, walls.values());
        StairsOnPlan stairs = StairsOnPlan.of(building, look, lettering, taken);
        WallMarks marked = WallMarks.of(building, look, lettering, walls, taken);
        taken.add(marked);
        RoomLabels labels = RoomLabels.of(building, look, lettering, taken, null);
        return new Plan(building, look, walls, marked, things, notes, stairs, labels, null);
    }

    @Override
    public Plan after(Building next, Lettering lettering) {
        Look now = Look.of(next, look.drawing().id());
        if (!next.follows(building) || !now.equals(look))
            return of(next, look.drawing().id(), lettering);
        TreePMap<ElementId, DrawnWall> after = walls;
        List<WallSolid> here = new ArrayList<>();
        for (ElementId id : next.fitted()) {
            WallSolid solid = next.solid(id);
            if (solid != null && solid.strip().wall().storey().equals(look.storey())) here.add(solid);
            else after = after.minus(id);
        }
        Undrawn undrawn = new Undrawn(look, lettering);
        for (DrawnWall wall : SideBySide.map(here, solid -> DrawnWall.orMark(solid, look, undrawn)))
            after = after.plus(wall.id(), wall);
        Annotations notes = annotations.after(next, building, look, lettering);
        Things standing = Things.of(next, look, lettering, things);
        TakenBoxes.Index taken = TakenBoxes.of(standing, notes, after.values());
        StairsOnPlan nowStairs = StairsOnPlan.of(next, look, lettering, taken);
        Set<Bounds> moved = moved(after, next.fitted(), standing, notes, nowStairs);
        WallMarks marks = marked.after(next, lettering, after, next.fitted(), moved, taken);
        taken.add(marks);
        RoomLabels rooms = RoomLabels.of(next, look, lettering, taken, labels);
        return new Plan(next, look, after, marks, standing, notes, nowStairs, rooms, self);
    }

    /** Boxes that are taken after a change and were not, or the other way round. */
    private Set<Bounds> moved(
            TreePMap<ElementId, DrawnWall> after,
            Set<ElementId> redrawn,
            Things standing,
            Annotations notes,
            StairsOnPlan nowStairs) {
        Set<Bounds> moved = new HashSet<>(TakenBoxes.between(stairs.boxes(), nowStairs.boxes()));
        if (standing != things) moved.addAll(TakenBoxes.between(things.boxes(), standing.boxes()));
        if (notes != annotations) {
            moved.addAll(TakenBoxes.between(annotations.texts(), notes.texts()));
            moved.addAll(TakenBoxes.between(annotations.lines(), notes.lines()));
        }
        for (ElementId id : redrawn)
            for (TreePMap<ElementId, DrawnWall> drawn : List.of(walls, after))
                if (drawn.get(id) instanceof DrawnWall wall) {
                    moved.addAll(wall.texts());
                    moved.addAll(wall.leaves());
                }
        return moved;
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        if (known == null) {
            List<Group> groups = new ArrayList<>(marked.groups());
            groups.addAll(things.groups());
            groups.addAll(annotations.groups());
            groups.addAll(stairs.groups());
            groups.addAll(labels.groups());
            known = picture = new Picture(look.drawing().scale(), look.shown(groups));
        }
        return known;
    }

    /** What was drawn anew from the other is compared and nothing else. */
    @Override
    public Picture.Difference since(DrawingPicture drawing) {
        if (!(drawing instanceof Plan other) || earlier != other.self)
            return picture().since(drawing.picture());
        List<Group> changed = new ArrayList<>();
        Set<ElementId> gone = new HashSet<>();
        for (ElementId wall : marked.changed())
            Picture.compare(look.shown(other.marked.groups(wall)), look.shown(marked.groups(wall)), changed, gone);
        if (annotations != other.annotations)
            Picture.compare(look.shown(other.annotations.groups()), look.shown(annotations.groups()), changed, gone);
        if (things != other.things)
            Picture.compare(look.shown(other.things.groups()), look.shown(things.groups()), changed, gone);
        Picture.compare(look.shown(other.stairs.groups()), look.shown(stairs.groups()), changed, gone);
        Picture.compare(look.shown(other.labels.groups()), look.shown(labels.groups()), changed, gone);
        changed.forEach(g -> gone.remove(g.element()));
        return new Picture.Difference(look.drawing().scale(), changed, List.copyOf(gone));
    }
}
