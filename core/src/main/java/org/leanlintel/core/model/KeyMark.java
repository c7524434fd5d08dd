package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * The number of a keyed note on a drawing; its words stand in the list of keyed notes.
 *
 * @param at the middle of its bubble
 * @param fills what stands in the blanks of its clause
 */
public record KeyMark(
        ElementId id,
        ElementId layer,
        ElementId drawing,
        Vec at,
        ElementId clause,
        List<String> fills,
        Leaders leaders,
        boolean throughLens)
        implements Pointing {

    public KeyMark {
        at = Checks.near(at);
        fills = fills.stream()
                .map(f -> Checks.text("What fills a blank", f.strip(), 120))
                .toList();
        if (fills.size() > 10) throw new Unusable("A clause has 10 blanks at most.");
    }

    @Override
    public KeyMark pointing(Leaders others) {
        return in(id, layer, drawing, at, others);
    }

    public KeyMark moved(Vec by) {
        return in(id, layer, drawing, at.plus(by), leaders);
    }

    public KeyMark filled(List<String> others) {
        return new KeyMark(id, layer, drawing, at, clause, others, leaders, throughLens);
    }

    public KeyMark saying(ElementId other) {
        return new KeyMark(id, layer, drawing, at, other, fills, leaders, throughLens);
    }

    public KeyMark in(ElementId otherId, ElementId otherLayer, ElementId otherDrawing, Vec there, Leaders others) {
        return new KeyMark(otherId, otherLayer, otherDrawing, there, clause, fills, others, throughLens);
    }

    @Override
    public KeyMark onLayer(ElementId other) {
        return in(id, other, drawing, at, leaders);
    }
}
