package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * Words on a drawing.
 *
 * @param at the middle of a name, the upper left corner of a note
 * @param throughLens whether they show in all plans of the storey that are seen through the lens of their drawing
 */
public record Note(
        ElementId id, ElementId layer, ElementId drawing, Vec at, String text, Style style, boolean throughLens)
        implements Annotation {

    public Note {
        at = Checks.near(at);
        if (text.isBlank()) throw new Unusable("A note must not be empty.");
        text = Checks.text("A note", text.strip(), 2000);
    }

    public Note moved(Vec by) {
        return new Note(id, layer, drawing, at.plus(by), text, style, throughLens);
    }

    public enum Style {
        /** 2.5 mm, left aligned. */
        NOTE,
        /** 3.5 mm and strong, centred: the name of a room. */
        NAME
    }

    @Override
    public Note onLayer(ElementId other) {
        return new Note(id, other, drawing, at, text, style, throughLens);
    }
}
