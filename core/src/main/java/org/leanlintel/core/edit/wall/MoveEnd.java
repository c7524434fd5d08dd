package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Takes an end of a wall elsewhere. At a corner that walls share, the corner goes and all follow; else the end comes to
 * stand on the wall, or to share the corner, that was picked or that it was meant to meet.
 */
public record MoveEnd(ElementId wall, End end, Pick to, WallEnd.Reach reach) implements Edit {

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> ids = new LinkedHashSet<>(Set.of(wall));
        if (to.hold() instanceof Hold.OnFace f) ids.add(f.wall());
        if (to.hold() instanceof Hold.AtCorner c) ids.add(c.corner());
        return ids;
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall moved = model.get(wall, Wall.class);
        WallEnd now = moved.at(end);
        List<WallEndRef> sharing = now instanceof WallEnd.AtCorner c
                ? model.relations().endsAt(c.corner())
                : List.of(new WallEndRef(moved, end));
        if (sharing.size() > 1 && now instanceof WallEnd.AtCorner c) return corner(model, c, sharing);
        return end(building, moved, now);
    }

    private Outcome corner(Model model, WallEnd.AtCorner now, List<WallEndRef> sharing) {
        String marks =
                String.join(", ", sharing.stream().map(r -> r.wall().mark()).toList());
        String name = "move corner of " + marks;
        if (!(to.hold() instanceof Hold.AtCorner target)) {
            Corner corner = model.get(now.corner(), Corner.class);
            return Change.to(model, name, List.of(corner.moved(to.at())), List.of());
        }
        List<Element> put = new ArrayList<>();
        for (WallEndRef ref : sharing) put.add(ref.wall().withEnd(ref.end(), new WallEnd.AtCorner(target.corner())));
        return Change.to(model, name, put, List.of(now.corner()));
    }

    private Outcome end(Building building, Wall moved, WallEnd now) {
        Model model = building.model();
        String name = "move end of " + moved.mark();
        WallEnd there = met(building, moved);
        if (there == null && now instanceof WallEnd.AtCorner free) {
            Corner corner = model.get(free.corner(), Corner.class);
            return Change.to(model, name, List.of(corner.moved(to.at())), List.of());
        }
        List<Element> put = new ArrayList<>();
        if (there == null) {
            Corner made = Corner.at(new NewIds(model).next(), moved.storey(), to.at());
            put.add(made);
            there = new WallEnd.AtCorner(made.id());
        }
        if (there.equals(moved.at(end.other())))
            return Refusal.because("%s cannot start and end at one corner.".formatted(moved.mark()), wall);
        put.add(moved.withEnd(end, there));
        List<ElementId> bare = now instanceof WallEnd.AtCorner c ? List.of(c.corner()) : List.of();
        return Change.to(model, name, put, bare);
    }

    /** What the end comes to meet; null where it is free. */
    private @Nullable WallEnd met(Building building, Wall moved) {
        Vec from = WallAxis.storedPoint(building.model(), moved.at(end.other()));
        if (to.hold() instanceof Hold.OnFace f && !f.wall().equals(wall))
            return new WallEnd.OnSide(f.wall(), to.at(), reach);
        if (to.hold() instanceof Hold.AtCorner c) return new WallEnd.AtCorner(c.corner());
        return Attachment.meant(building, moved.storey(), from, to.at(), reach, Set.of(wall));
    }
}
