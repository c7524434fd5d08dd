package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Tracing;
import org.pcollections.TreePMap;

/** What stands by itself on a plan, or lies behind it: posts, fittings, room limits, pictures to trace from. */
final class Things {

    private final TreePMap<ElementId, PlacedFitting> fittings;
    private final TreePMap<ElementId, Group> groups;
    private final List<Bounds> boxes;

    private Things(TreePMap<ElementId, PlacedFitting> fittings, TreePMap<ElementId, Group> groups, List<Bounds> boxes) {
        this.fittings = fittings;
        this.groups = groups;
        this.boxes = boxes;
    }

    /** @param known drawn before; what stands as it did is taken from there, all of it where nothing changed */
    static Things of(Building building, Look look, Lettering lettering, @Nullable Things known) {
        TreePMap<ElementId, PlacedFitting> fittings = TreePMap.empty();
        TreePMap<ElementId, Group> groups = TreePMap.empty();
        List<Bounds> boxes = new ArrayList<>();
        for (Post post : building.model().relations().postsOf(look.storey())) {
            groups = groups.plus(post.id(), PiecePainter.of(post, building.model(), look));
            boxes.add(Bounds.of(post.corners()));
        }
        for (Fitting f : building.model().all(Fitting.class)) {
            if (!f.storey().equals(look.storey())) continue;
            if (!(PlacedFitting.of(f, building) instanceof PlacedFitting placed)) continue;
            PlacedFitting was = known == null ? null : known.fittings.get(f.id());
            fittings = fittings.plus(f.id(), placed);
            groups = groups.plus(
                    f.id(), placed.equals(was) ? known.groups.get(f.id()) : FittingPainter.of(placed, look, lettering));
            boxes.add(Bounds.of(placed.outline()));
        }
        for (RoomLimit l : building.model().all(RoomLimit.class))
            if (l.storey().equals(look.storey())) groups = groups.plus(l.id(), limit(l, look));
        for (Tracing t : building.model().all(Tracing.class))
            if (t.storey().equals(look.storey())) groups = groups.plus(t.id(), traced(t));
        boolean same = known != null && groups.equals(known.groups);
        return same ? known : new Things(fittings, groups, boxes);
    }

    private static Group limit(RoomLimit l, Look look) {
        Pens pens = new Pens(look.lens());
        pens.line(PenRole.ROOM, l.from(), l.to());
        return new Group(l.id(), l.layer(), pens.items(), List.of());
    }

    private static Group traced(Tracing t) {
        Item item = new Item.Traced(t.file(), t.page(), t.at(), t.widthMm(), t.heightMm(), t.angle(), t.strength());
        return new Group(t.id(), t.id(), List.of(item), List.of());
    }

    List<Group> groups() {
        return List.copyOf(groups.values());
    }

    /** What posts and fittings take, for labels to keep clear of. */
    List<Bounds> boxes() {
        return boxes;
    }
}
