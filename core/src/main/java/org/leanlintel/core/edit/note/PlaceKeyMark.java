package org.leanlintel.core.edit.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Pointed;

/** Puts the number of a keyed note on a drawing. Parameters as in {@link KeyMark}. @param pointsAt what its leaders point at */
public record PlaceKeyMark(
        ElementId drawing,
        ElementId layer,
        Vec at,
        ElementId clause,
        List<String> fills,
        Leaders.Shape shape,
        Leaders.Tip tip,
        List<Picked> pointsAt)
        implements Edit {

    public PlaceKeyMark {
        fills = List.copyOf(fills);
        pointsAt = List.copyOf(pointsAt);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer, clause);
    }

    @Override
    public Outcome on(Building building) {
        Pointed pointed = Pointed.in(building.model().get(drawing, Drawing.class), building);
        List<Target> targets = new ArrayList<>();
        for (Picked p : pointsAt) targets.add(p.in(pointed));
        ElementId id = new NewIds(building.model()).next();
        KeyMark mark = new KeyMark(id, layer, drawing, at, clause, fills, new Leaders(shape, tip, targets), false);
        return Change.to(building.model(), "put " + Naming.of(mark), List.of(mark), List.of());
    }
}
