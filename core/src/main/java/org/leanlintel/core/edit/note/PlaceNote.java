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
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Pointed;

/**
 * Writes a note or a name on a drawing. Parameters as in {@link Note}.
 *
 * @param pointsAt what its leaders point at
 */
public record PlaceNote(
        ElementId drawing,
        ElementId layer,
        Vec at,
        String text,
        ElementId style,
        double widthMm,
        Leaders.Shape shape,
        Leaders.Tip tip,
        List<Picked> pointsAt)
        implements Edit {

    public PlaceNote {
        pointsAt = List.copyOf(pointsAt);
    }

    /** Words that run on and point at nothing. */
    public PlaceNote(ElementId drawing, ElementId layer, Vec at, String text, ElementId style) {
        this(drawing, layer, at, text, style, 0, Leaders.NONE.shape(), Leaders.NONE.tip(), List.of());
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer, style);
    }

    @Override
    public Outcome on(Building building) {
        Pointed pointed = Pointed.in(building.model().get(drawing, Drawing.class), building);
        List<Target> targets = new ArrayList<>();
        for (Picked p : pointsAt) targets.add(p.in(pointed));
        ElementId id = new NewIds(building.model()).next();
        Leaders leaders = new Leaders(shape, tip, targets);
        Note note = new Note(id, layer, drawing, at, text, style, widthMm, leaders, false);
        return Change.to(building.model(), "write " + Naming.of(note), List.of(note), List.of());
    }
}
