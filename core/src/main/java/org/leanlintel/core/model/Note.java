package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * Words on a drawing.
 *
 * @param at the middle of a name, the left end of the first base line of a note
 * @param text in braces, what is said of the first thing it points at: {thickness}; lines that begin with "- " or "1. " are set as lists
 * @param style the {@link LetterStyle} it is set in
 * @param widthMm on paper: where its lines are broken; 0 where they run on
 * @param throughLens whether they show in all plans of the storey that are seen through the lens of their drawing
 */
public record Note(
        ElementId id,
        ElementId layer,
        ElementId drawing,
        Vec at,
        String text,
        ElementId style,
        double widthMm,
        Leaders leaders,
        boolean throughLens)
        implements Pointing {

    public Note {
        at = Checks.near(at);
        if (text.isBlank()) throw new Unusable("A note must not be empty.");
        text = Checks.text("A note", text.strip(), 2000);
        if (widthMm != 0) widthMm = Checks.between("How wide a note is set", widthMm, 10, 400);
    }

    public Note moved(Vec by) {
        return with(at.plus(by), leaders);
    }

    @Override
    public Note pointing(Leaders others) {
        return with(at, others);
    }

    public Note saying(String words) {
        return new Note(id, layer, drawing, at, words, style, widthMm, leaders, throughLens);
    }

    public Note with(Vec otherAt, Leaders others) {
        return new Note(id, layer, drawing, otherAt, text, style, widthMm, others, throughLens);
    }

    @Override
    public Note onLayer(ElementId other) {
        return new Note(id, other, drawing, at, text, style, widthMm, leaders, throughLens);
    }
}
