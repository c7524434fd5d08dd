package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Wall;
import org.pcollections.TreePMap;

/**
 * The plan of a storey: a level cut through its walls, each opening's symbol, and the drawing's own strings and notes. A
 * plan made from an earlier one draws anew only what changed.
 */
public final class Plan implements DrawingPicture {

    private final Building building;
    private final Look look;
    private final TreePMap<ElementId, List<Group>> walls;
    private final TreePMap<ElementId, Group> things;
    private final Annotations annotations;
    /** The walls drawn anew, and the plan they were drawn anew from; null where all were. */
    private final Set<ElementId> redrawn;

    private final @Nullable Object earlier;
    /** Stands for this plan in those made from it, which need not keep it. */
    private final Object self = new Object();

    private @Nullable Picture picture;

    private Plan(
            Building building,
            Look look,
            TreePMap<ElementId, List<Group>> walls,
            TreePMap<ElementId, Group> things,
            Annotations annotations,
            Set<ElementId> redrawn,
            @Nullable Object earlier) {
        this.building = building;
        this.look = look;
        this.walls = walls;
        this.things = things;
        this.annotations = annotations;
        this.redrawn = redrawn;
        this.earlier = earlier;
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static Plan of(Building building, ElementId drawing, Lettering lettering) {
        Look look = Look.of(building, drawing);
        TreePMap<ElementId, List<Group>> walls = TreePMap.empty();
        for (WallSolid solid : building.solidsOf(look.storey()))
            walls = walls.plus(solid.strip().wall().id(), groups(solid, look, lettering));
        TreePMap<ElementId, Group> things = things(building, look, TreePMap.empty());
        return new Plan(building, look, walls, things, Annotations.of(building, look, lettering), Set.of(), null);
    }

    @Override
    public Plan after(Building next, Lettering lettering) {
        Look now = Look.of(next, look.drawing().id());
        if (!next.follows(building) || !now.equals(look))
            return of(next, look.drawing().id(), lettering);
        TreePMap<ElementId, List<Group>> after = walls;
        for (ElementId id : next.fitted()) {
            WallSolid solid = next.solid(id);
            boolean here = solid != null && solid.strip().wall().storey().equals(look.storey());
            after = here ? after.plus(id, groups(solid, look, lettering)) : after.minus(id);
        }
        Annotations notes = annotations.after(next, building, look, lettering);
        return new Plan(next, look, after, things(next, look, things), notes, next.fitted(), self);
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        if (known == null) {
            List<Group> groups = new ArrayList<>();
            walls.values().forEach(groups::addAll);
            groups.addAll(things.values());
            groups.addAll(annotations.groups());
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
        for (ElementId wall : redrawn)
            Picture.compare(shown(other.walls.get(wall)), shown(walls.get(wall)), changed, gone);
        if (annotations != other.annotations)
            Picture.compare(look.shown(other.annotations.groups()), look.shown(annotations.groups()), changed, gone);
        if (things != other.things)
            Picture.compare(
                    look.shown(List.copyOf(other.things.values())),
                    look.shown(List.copyOf(things.values())),
                    changed,
                    gone);
        changed.forEach(g -> gone.remove(g.element()));
        return new Picture.Difference(look.drawing().scale(), changed, List.copyOf(gone));
    }

    /** What stands by itself or lies behind. @param known drawn before; returned as it is where nothing of it changed */
    private static TreePMap<ElementId, Group> things(Building building, Look look, TreePMap<ElementId, Group> known) {
        TreePMap<ElementId, Group> things = TreePMap.empty();
        for (Post post : building.model().relations().postsOf(look.storey())) {
            things = things.plus(post.id(), PiecePainter.of(post, building.model(), look));
        }
        for (Tracing t : building.model().all(Tracing.class))
            if (t.storey().equals(look.storey())) things = things.plus(t.id(), traced(t));
        return things.equals(known) ? known : things;
    }

    private static Group traced(Tracing t) {
        Item item = new Item.Traced(t.file(), t.page(), t.at(), t.widthMm(), t.heightMm(), t.angle(), t.strength());
        return new Group(t.id(), t.id(), List.of(item), List.of());
    }

    private List<Group> shown(@Nullable List<Group> groups) {
        return groups == null ? List.of() : look.shown(groups);
    }

    private static List<Group> groups(WallSolid solid, Look look, Lettering lettering) {
        List<Group> groups = new ArrayList<>();
        Wall wall = solid.strip().wall();
        Drawing drawing = look.drawing();
        Pens pens = new Pens(look.lens());
        if (look.cuts(wall)) {
            new WallPainter(solid, solid.bandAt(look.cutMm()), DrawnPlies.of(look), drawing.scale(), pens).paint();
            if (look.lens().wallMarks() && wall.state() == Wall.State.NEW)
                new WallMark(solid, drawing.scale(), lettering, pens).paint();
        } else if (!wall.stays()) UncutWall.paintRemoved(solid, pens);
        else UncutWall.paint(solid, look.cutMm(), pens);
        groups.add(new Group(wall.id(), wall.layer(), pens.items(), Catches.of(solid)));
        for (PlacedOpening placed : solid.openings()) {
            Pens symbol = new Pens(look.lens());
            new OpeningPainter(solid, placed, look.cutMm(), symbol).paint();
            groups.add(new Group(
                    placed.opening().id(), placed.opening().layer(), symbol.items(), Catches.of(solid, placed)));
        }
        for (PlacedPiece piece : solid.pieces()) groups.add(PiecePainter.of(solid, piece, look));
        return groups;
    }
}
