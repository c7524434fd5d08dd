package org.leanlintel.core.edit.run;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Measuring;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.SameFace;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;

/**
 * What names a face of a wall by its number names the same physical face once the wall's plies are others: strings that hold
 * to walls of another build-up, and set-out lines and strings where a build-up itself was changed.
 */
final class FollowingFaces {

    private record Remade(BuildUp was, BuildUp is) {}

    private FollowingFaces() {}

    /** The elements that have to be put besides those of the change. */
    static List<Element> of(Model before, Change change, Model after) {
        Map<ElementId, Remade> walls = remade(before, change, after);
        List<Element> put = new ArrayList<>();
        if (walls.isEmpty()) return put;
        walls.forEach((id, remade) -> {
            Wall wall = after.get(id, Wall.class);
            boolean itself = before.get(id, Wall.class).buildUp().equals(wall.buildUp());
            SetOut kept = itself ? wall.setOut().keptIn(remade.was(), remade.is()) : wall.setOut();
            boolean moves = kept.depthIn(remade.is()) != wall.setOut().depthIn(remade.is());
            if (itself && moves) put.add(wall.madeOf(wall.buildUp(), kept, wall.outside()));
        });
        for (Measuring s : Measuring.all(after)) {
            if (before.find(s.id()) != s) continue;
            Measuring held = s.holding(h -> held(h, walls));
            if (!held.equals(s)) put.add(held);
        }
        for (Pointing n : Pointing.all(after)) {
            if (before.find(n.id()) != n) continue;
            List<Target> targets =
                    n.leaders().targets().stream().map(t -> held(t, walls)).toList();
            if (!targets.equals(n.leaders().targets()))
                put.add(n.pointing(n.leaders().to(targets)));
        }
        return put;
    }

    /** The walls that were there before, and whose plies are others now. */
    private static Map<ElementId, Remade> remade(Model before, Change change, Model after) {
        Map<ElementId, Remade> walls = new HashMap<>();
        for (Element e : change.after()) {
            if (e instanceof Wall w) put(walls, w, before, after);
            if (e instanceof BuildUp b
                    && before.find(b.id()) instanceof BuildUp was
                    && !was.plies().equals(b.plies()))
                for (Wall w : after.all(Wall.class)) if (w.buildUp().equals(b.id())) put(walls, w, before, after);
        }
        return walls;
    }

    private static void put(Map<ElementId, Remade> walls, Wall wall, Model before, Model after) {
        if (!(before.find(wall.id()) instanceof Wall then)) return;
        BuildUp was = before.get(then.buildUp(), BuildUp.class), is = after.get(wall.buildUp(), BuildUp.class);
        if (!was.plies().equals(is.plies())) walls.put(wall.id(), new Remade(was, is));
    }

    private static Hold held(Hold hold, Map<ElementId, Remade> walls) {
        Remade remade = hold instanceof Hold.OnFace f ? walls.get(f.wall()) : null;
        return remade == null ? hold : held((Hold.OnFace) hold, remade);
    }

    /** The ply inside the same face; in the structure where that is the innermost. */
    private static Target held(Target target, Map<ElementId, Remade> walls) {
        Remade remade = target instanceof Target.InPly p ? walls.get(p.wall()) : null;
        if (remade == null) return target;
        Target.InPly in = (Target.InPly) target;
        int face = held(new Hold.OnFace(in.wall(), in.ply()), remade).face();
        boolean within = face < remade.is().plies().size()
                && remade.is().plies().get(face).does()
                        == remade.was().plies().get(in.ply()).does();
        return new Target.InPly(in.wall(), within ? face : alike(in, remade), in.alongMm());
    }

    /** The ply nearest to a place that does the same; of the structure where none does. */
    private static int alike(Target.InPly in, Remade remade) {
        Does does = remade.was().plies().get(in.ply()).does();
        int found = remade.is().structureFrom(), off = Integer.MAX_VALUE;
        for (int i = 0; i < remade.is().plies().size(); i++)
            if (remade.is().plies().get(i).does() == does && Math.abs(i - in.ply()) < off) {
                found = i;
                off = Math.abs(i - in.ply());
            }
        return found;
    }

    /** A face that is there no more: that of the structure on its side. */
    private static Hold.OnFace held(Hold.OnFace hold, Remade remade) {
        @Nullable Integer same = SameFace.in(remade.was(), hold.face(), remade.is());
        boolean outside = hold.face() <= remade.was().structureFrom();
        int structure = outside ? remade.is().structureFrom() : remade.is().structureTo();
        return new Hold.OnFace(hold.wall(), same == null ? structure : same);
    }
}
