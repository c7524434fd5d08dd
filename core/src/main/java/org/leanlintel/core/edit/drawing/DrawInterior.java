package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Room;

/** Adds the drawing of a room's walls as they are seen from inside, all in one. */
public record DrawInterior(ElementId room, ElementId lens, double scale) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(room, lens);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Room of = model.get(room, Room.class);
        for (Drawing d : model.all(Drawing.class))
            if (d.kind() == Drawing.Kind.INTERIOR && d.one().equals(room))
                return Refusal.because(
                        "The walls of %s are drawn already: \"%s\".".formatted(of.name(), d.name()), d.id());
        if (building.get(new Unrolled.Of(room)).views().isEmpty())
            return Refusal.because("%s has no walls round it that could be drawn.".formatted(of.name()), room);
        String wish = "Walls of " + of.name();
        Drawing drawing = new Drawing(
                new NewIds(model).next(),
                DrawElevations.freeName(model, List.of(), wish),
                Drawing.Kind.INTERIOR,
                of.storey(),
                lens,
                scale,
                "",
                new Drawing.One(room),
                Drawing.lastOrder(model),
                new Drawing.All(),
                List.of());
        return Change.to(model, "draw the walls of " + of.name(), List.of(drawing), List.of());
    }
}
