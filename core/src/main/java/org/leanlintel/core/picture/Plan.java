package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
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
    private final List<Group> steps;
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
            List<Group> steps,
            RoomLabels labels,
            @Nullable Object earlier) {
        this.building = building;
        this.look = look;
        this.walls = walls;
        this.marked = marked;
        this.things = things;
        this.annotations = annotations;
        this.steps = steps;
        this.labels = labels;
        this.earlier = earlier;
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static Plan of(Building building, ElementId drawing, Lettering lettering) {
        Look look = Look.of(building, drawing);
        TreePMap<ElementId, DrawnWall> walls = TreePMap.empty();
        for (WallSolid solid : building.solidsOf(look.storey()))
            walls = walls.plus(solid.strip().wall().id(), DrawnWall.of(solid, look));
        Things things = Things.of(building, look, lettering, null);
        Annotations notes = Annotations.of(building, look, lettering);
        TakenBoxes.Index taken = taken(look, things, notes, walls);
        List<Group> steps = StepsPainter.all(building, look, lettering, taken);
        WallMarks marked = WallMarks.of(walls, look, lettering, taken, null);
        RoomLabels labels = RoomLabels.of(building, look, lettering, taken, null);
        return new Plan(building, look, walls, marked, things, notes, steps, labels, null);
    }

    @Override
    public Plan after(Building next, Lettering lettering) {
        Look now = Look.of(next, look.drawing().id());
        if (!next.follows(building) || !now.equals(look))
            return of(next, look.drawing().id(), lettering);
        TreePMap<ElementId, DrawnWall> after = walls;
        for (ElementId id : next.fitted()) {
            WallSolid solid = next.solid(id);
            boolean here = solid != null && solid.strip().wall().storey().equals(look.storey());
            after = here ? after.plus(id, DrawnWall.of(solid, look)) : after.minus(id);
        }
        Annotations notes = annotations.after(next, building, look, lettering);
        Things standing = Things.of(next, look, lettering, things);
        TakenBoxes.Index taken = taken(look, standing, notes, after);
        List<Group> before = StepsPainter.all(next, look, lettering, taken);
        WallMarks marks = WallMarks.of(after, look, lettering, taken, marked);
        RoomLabels rooms = RoomLabels.of(next, look, lettering, taken, labels);
        return new Plan(next, look, after, marks, standing, notes, before, rooms, self);
    }

    /** What the words of steps, marks of walls and labels of rooms keep clear of, in that order. */
    private static TakenBoxes.Index taken(
            Look look, Things things, Annotations notes, TreePMap<ElementId, DrawnWall> walls) {
        return new TakenBoxes.Index(TakenBoxes.of(look.drawing().scale(), things, notes, walls.values()));
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        if (known == null) {
            List<Group> groups = new ArrayList<>(marked.groups());
            groups.addAll(things.groups());
            groups.addAll(annotations.groups());
            groups.addAll(steps);
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
        for (ElementId wall : marked.changedSince(other.marked))
            Picture.compare(look.shown(other.marked.groups(wall)), look.shown(marked.groups(wall)), changed, gone);
        if (annotations != other.annotations)
            Picture.compare(look.shown(other.annotations.groups()), look.shown(annotations.groups()), changed, gone);
        if (things != other.things)
            Picture.compare(look.shown(other.things.groups()), look.shown(things.groups()), changed, gone);
        Picture.compare(look.shown(other.steps), look.shown(steps), changed, gone);
        Picture.compare(look.shown(other.labels.groups()), look.shown(labels.groups()), changed, gone);
        changed.forEach(g -> gone.remove(g.element()));
        return new Picture.Difference(look.drawing().scale(), changed, List.copyOf(gone));
    }
}
