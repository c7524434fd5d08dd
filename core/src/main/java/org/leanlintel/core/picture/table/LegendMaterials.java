package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** The materials that cuts show. */
final class LegendMaterials {

    /** What shows a material: a thing made of a build-up. */
    private record Made(ElementId of, ElementId buildUp) {}

    private final Model model;
    private final LegendScope scope;
    private final Set<Material> used = new LinkedHashSet<>();

    private LegendMaterials(Model model, LegendScope scope) {
        this.model = model;
        this.scope = scope;
    }

    /** Those of walls first, in the order they are met: what carries before the rest. What goes is left out. */
    static List<Material> of(Model model, LegendScope scope) {
        LegendMaterials of = new LegendMaterials(model, scope);
        of.plies(of.walls());
        of.plies(of.floorsAndRoofs());
        of.footings();
        return new ArrayList<>(of.used);
    }

    private Set<Made> walls() {
        Set<Made> made = new LinkedHashSet<>();
        for (Wall w : model.all(Wall.class))
            if (w.state() != WorkState.REMOVED) made.add(new Made(w.id(), w.buildUp()));
        for (WallPiece p : model.all(WallPiece.class))
            switch (p.make()) {
                case WallPiece.Built b -> made.add(new Made(p.id(), b.buildUp()));
                case WallPiece.Lined l -> l.plies().forEach(ply -> material(ply.material(), p.id()));
                case WallPiece.Solid s -> material(s.material(), p.id());
                case WallPiece.Boxed b -> material(b.material(), p.id());
                case WallPiece.Niche n -> {}
            }
        return made;
    }

    private Set<Made> floorsAndRoofs() {
        Set<Made> made = new LinkedHashSet<>();
        for (Floor f : model.all(Floor.class))
            if (f.state() != WorkState.REMOVED) made.add(new Made(f.id(), f.buildUp()));
        for (Room r : model.all(Room.class))
            if (r.ceilingBuildUp() instanceof ElementId of) made.add(new Made(r.id(), of));
        for (Roof r : model.all(Roof.class)) {
            if (!r.stays()) continue;
            made.add(new Made(r.id(), r.buildUp()));
            if (r.under() instanceof Roof.LevelCeiling c) made.add(new Made(r.id(), c.buildUp()));
        }
        return made;
    }

    private void footings() {
        for (Footing f : model.all(Footing.class)) {
            if (f.state() == WorkState.REMOVED) continue;
            material(f.material(), f.id());
            if (f.rising() instanceof Footing.Stem s) material(s.material(), f.id());
        }
    }

    private void plies(Set<Made> made) {
        for (boolean carries : new boolean[] {true, false})
            for (Made m : made)
                for (Ply p : model.get(m.buildUp(), BuildUp.class).plies())
                    if (p.does() != Does.AIR_GAP && (p.does() == Does.CARRIES) == carries)
                        material(p.material(), m.of());
    }

    private void material(ElementId id, ElementId of) {
        Material material = model.get(id, Material.class);
        if (scope.fills(of, material.tint())) used.add(material);
    }
}
