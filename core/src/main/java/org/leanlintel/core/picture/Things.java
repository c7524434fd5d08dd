package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Tracing;
import org.pcollections.TreePMap;

/** What stands by itself on a plan, or lies behind it: posts, fittings, floors, stairs, room limits, pictures to trace from. */
final class Things {

    /** A fitting as drawn, and the wall it was placed on. */
    private record Seen(PlacedFitting placed, @Nullable WallSolid on, Group group, Bounds box) {}

    private final TreePMap<ElementId, Seen> fittings;
    private final TreePMap<ElementId, Group> others;
    private final List<Bounds> boxes;

    private Things(TreePMap<ElementId, Seen> fittings, TreePMap<ElementId, Group> others, List<Bounds> boxes) {
        this.fittings = fittings;
        this.others = others;
        this.boxes = boxes;
    }

    /** @param known drawn before; what stands as it did is taken from there, all of it where nothing changed */
    static Things of(Building building, Look look, Lettering lettering, @Nullable Things known) {
        TreePMap<ElementId, Seen> fittings = fittings(building, look, lettering, known);
        TreePMap<ElementId, Group> others = TreePMap.empty();
        List<Bounds> boxes = new ArrayList<>();
        for (Post post : building.model().relations().postsOf(look.storey())) {
            others = others.plus(post.id(), PiecePainter.of(post, building.model(), look));
            boxes.add(Bounds.of(post.corners()));
        }
        for (RoomLimit l : building.model().all(RoomLimit.class))
            if (l.storey().equals(look.storey())) others = others.plus(l.id(), limit(l, look));
        for (Tracing t : building.model().all(Tracing.class))
            if (t.storey().equals(look.storey())) others = others.plus(t.id(), traced(t));
        InHeight heights = InHeight.of(building, look, lettering);
        for (Group g : heights.groups()) others = others.plus(g.element(), g);
        boxes.addAll(heights.boxes());
        for (Seen seen : fittings.values()) boxes.add(seen.box());
        FloorSpans spans = new FloorSpans(building, look, lettering, List.copyOf(boxes));
        for (Group g : spans.groups()) {
            Group floor = others.get(g.element());
            others = others.plus(g.element(), floor == null ? g : floor.with(g.items()));
        }
        if (known != null && fittings == known.fittings && others.equals(known.others)) return known;
        boxes.addAll(spans.boxes());
        return new Things(fittings, others, boxes);
    }

    /** The same map as before where no fitting changed. */
    private static TreePMap<ElementId, Seen> fittings(
            Building building, Look look, Lettering lettering, @Nullable Things known) {
        TreePMap<ElementId, Seen> now = known == null ? TreePMap.empty() : known.fittings;
        int count = 0;
        for (Fitting f : building.model().all(Fitting.class)) {
            if (!f.storey().equals(look.storey())) continue;
            Seen was = now.get(f.id());
            Seen is = was != null && isAsItWas(was, f, building) ? was : seen(f, building, look, lettering);
            if (is == null) {
                now = now.minus(f.id());
                continue;
            }
            count++;
            if (is != was) now = now.plus(f.id(), is);
        }
        if (now.size() > count) {
            for (ElementId id : List.copyOf(now.keySet()))
                if (!isOn(look.storey(), building.model().find(id))) now = now.minus(id);
        }
        return now;
    }

    private static boolean isOn(ElementId storey, @Nullable Element element) {
        return element instanceof Fitting f && f.storey().equals(storey);
    }

    private static boolean isAsItWas(Seen was, Fitting f, Building building) {
        return was.placed().fitting() == f
                && was.placed().symbol() == building.model().find(f.symbol(), Symbol.class)
                && was.on() == wallOf(f, building);
    }

    private static @Nullable WallSolid wallOf(Fitting f, Building building) {
        return f.seat() instanceof Fitting.OnWall seat ? building.solid(seat.wall()) : null;
    }

    private static @Nullable Seen seen(Fitting f, Building building, Look look, Lettering lettering) {
        PlacedFitting placed = PlacedFitting.of(f, building);
        if (placed == null) return null;
        Group group = new Undrawn(look, lettering)
                .orMark(
                        f.id(),
                        f.layer(),
                        f.mark(),
                        placed.outline().getFirst(),
                        () -> FittingPainter.of(placed, look, lettering));
        Bounds box = TakenBoxes.lines(List.of(group)).stream().reduce(Bounds.of(placed.outline()), Bounds::with);
        return new Seen(placed, wallOf(f, building), group, box);
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
        List<Group> groups = new ArrayList<>(others.values());
        for (Seen seen : fittings.values()) groups.add(seen.group());
        return groups;
    }

    /** What posts and fittings take, for labels to keep clear of. */
    List<Bounds> boxes() {
        return boxes;
    }
}
