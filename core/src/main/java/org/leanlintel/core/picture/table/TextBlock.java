package org.leanlintel.core.picture.table;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.note.Filled;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.NoteLines;

/**
 * Words on a sheet under their heading, set as notes are: lines broken to a width, entries of lists hung after bullets and numbers; in
 * columns of about one height.
 */
public final class TextBlock extends Painting {

    /** On paper: the heading, and from it down to the first line. */
    private static final double HEADING_MM = 5, DROP_MM = 8.5;
    /** On paper: from one column to the next. */
    private static final double APART_MM = 8;

    public TextBlock(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        Pens pens = new Pens(lens());
        pens.add(lettering.set(drawing.name(), Vec.ORIGIN, 0, HEADING_MM, Align.LEFT, true));
        if (drawing.subject() instanceof Drawing.Written written) {
            LetterStyle style = building.model().get(written.style(), LetterStyle.class);
            String words =
                    Filled.of(written.text(), building.model().settings()).text();
            double right = style.centred() ? written.widthMm() / 2 : 0;
            List<NoteLines.Line> lines = NoteLines.of(words, written.widthMm(), style, lettering);
            for (List<NoteLines.Line> column : Columns.of(lines, written.columns())) {
                set(column, right, style, pens);
                right += written.widthMm() + APART_MM;
            }
        }
        return new Picture(drawing.scale(), List.of(new Group(drawing.id(), drawing.id(), pens.items(), List.of())));
    }

    /** The first of some lines on the first base line. */
    private void set(List<NoteLines.Line> lines, double right, LetterStyle style, Pens pens) {
        for (NoteLines.Line l : lines) {
            double down = DROP_MM + l.down() - lines.getFirst().down();
            Vec at = new Vec(right + l.right(), -down).times(drawing.scale());
            pens.add(lettering.set(l.words(), at, 0, l.heightMm(), NoteLines.align(style), l.strong()));
        }
    }
}
