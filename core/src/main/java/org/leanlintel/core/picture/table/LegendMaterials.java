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

/** The materials that cuts through the house show. */
final class LegendMaterials {

    private final Model model;
    private final Set<Material> used = new LinkedHashSet<>();

    private LegendMaterials(Model model) {
        this.model = model;
    }

    /** Those of walls first, in the order they are met: what carries before the rest. What goes is left out. */
    static List<Material> of(Model model) {
        LegendMaterials of = new LegendMaterials(model);
        of.plies(of.walls());
        of.plies(of.floorsAndRoofs());
        of.footings();
        return new ArrayList<>(of.used);
    }

    private Set<ElementId> walls() {
        Set<ElementId> buildUps = new LinkedHashSet<>();
        for (Wall w : model.all(Wall.class)) if (w.state() != WorkState.REMOVED) buildUps.add(w.buildUp());
        for (WallPiece p : model.all(WallPiece.class))
            switch (p.make()) {
                case WallPiece.Built b -> buildUps.add(b.buildUp());
                case WallPiece.Lined l -> l.plies().forEach(ply -> material(ply.material()));
                case WallPiece.Solid s -> material(s.material());
                case WallPiece.Boxed b -> material(b.material());
                case WallPiece.Niche n -> {}
            }
        return buildUps;
    }

    private Set<ElementId> floorsAndRoofs() {
        Set<ElementId> buildUps = new LinkedHashSet<>();
        for (Floor f : model.all(Floor.class)) if (f.state() != WorkState.REMOVED) buildUps.add(f.buildUp());
        for (Room r : model.all(Room.class)) if (r.ceilingBuildUp() instanceof ElementId of) buildUps.add(of);
        for (Roof r : model.all(Roof.class)) {
            if (!r.stays()) continue;
            buildUps.add(r.buildUp());
            if (r.under() instanceof Roof.LevelCeiling c) buildUps.add(c.buildUp());
        }
        return buildUps;
    }

    private void footings() {
        for (Footing f : model.all(Footing.class)) {
            if (f.state() == WorkState.REMOVED) continue;
            material(f.material());
            if (f.rising() instanceof Footing.Stem s) material(s.material());
        }
    }

    private void plies(Set<ElementId> buildUps) {
        for (boolean carries : new boolean[] {true, false})
            for (ElementId b : buildUps)
                for (Ply p : model.get(b, BuildUp.class).plies())
                    if (p.does() != Does.AIR_GAP && (p.does() == Does.CARRIES) == carries) material(p.material());
    }

    private void material(ElementId id) {
        used.add(model.get(id, Material.class));
    }
}
