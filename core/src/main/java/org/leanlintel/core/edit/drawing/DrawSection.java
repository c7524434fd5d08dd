package org.leanlintel.core.edit.drawing;

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
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;

/**
 * Draws the line of a section, or of an elevation seen from there, with the drawing of it. It takes the next free letter.
 *
 * @param called what the drawing is called before its letter
 */
public record DrawSection(
        String called,
        ElementId storey,
        ElementId layer,
        Vec from,
        Vec to,
        Side looking,
        double depthMm,
        ElementId lens,
        double scale)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer, lens);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        NewIds ids = new NewIds(model);
        for (char letter = 'A'; letter <= 'Z'; letter++) {
            String mark = Character.toString(letter), name = called + " " + mark;
            boolean taken = model.all(SectionLine.class).stream()
                            .anyMatch(l -> l.mark().equals(mark))
                    || model.all(Drawing.class).stream().anyMatch(d -> d.name().equalsIgnoreCase(name));
            if (taken) continue;
            SectionLine line = new SectionLine(ids.next(), layer, mark, from, to, looking, depthMm);
            Drawing drawing = new Drawing(
                    ids.next(),
                    name,
                    Drawing.Kind.SECTION,
                    storey,
                    lens,
                    scale,
                    "",
                    new Drawing.One(line.id()),
                    Drawing.lastOrder(model),
                    new Drawing.All(),
                    List.of());
            return Change.to(model, "draw " + Naming.of(line), List.of(line, drawing), List.of());
        }
        return Refusal.because("Sections A to Z are all taken.");
    }
}
