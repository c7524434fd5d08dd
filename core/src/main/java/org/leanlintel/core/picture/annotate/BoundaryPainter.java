package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** A side of the plot in plan, named along its middle where it is long enough. */
public final class BoundaryPainter {

    /** What it is called on paper. */
    static final String WORDS = "boundary";

    /** On paper: the letters, how far they stand from the line, and how much longer than they it must be. */
    private static final double LETTERS_MM = 2.5, OFF_MM = 1.2, SPARE_MM = 10;

    private BoundaryPainter() {}

    public static Group of(BoundaryLine line, Look look, Lettering lettering) {
        double scale = look.drawing().scale();
        Pens pens = new Pens(look.lens());
        pens.line(PenRole.BOUNDARY, line.from(), line.to());
        if (line.from().distanceTo(line.to()) > (lettering.width(WORDS, LETTERS_MM, false) + SPARE_MM) * scale) {
            double angle = Lettering.readable(line.to().minus(line.from()).angle());
            Vec middle = line.from().plus(line.to()).times(0.5);
            Vec base = middle.along(Vec.ofAngle(angle).left(), OFF_MM * scale);
            pens.add(lettering.set(WORDS, base, angle, LETTERS_MM, Lettering.Align.CENTRE, false));
        }
        Catch along = new Catch("boundary", new Hold.OnGrid(line.id()), line.from(), line.to());
        return new Group(line.id(), line.layer(), pens.items(), List.of(along));
    }
}
