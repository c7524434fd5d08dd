package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Undrawn;

/** What is written in a drawing of any kind: each by itself, and marked where it cannot be drawn. */
public final class AnnotationPainter {

    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final Around around;
    private final Undrawn undrawn;

    /** @param around what figures of strings keep clear of */
    public AnnotationPainter(Building building, Look look, Lettering lettering, Around around) {
        this.building = building;
        this.look = look;
        this.lettering = lettering;
        this.around = around;
        undrawn = new Undrawn(look, lettering);
    }

    public Group paint(Annotation annotation) {
        return switch (annotation) {
            case DimensionString s -> undrawn.orMark(s.id(), s.layer(), "A dimension string", s.at(), () -> string(s));
            case Dimension d ->
                undrawn.orMark(d.id(), d.layer(), "A dimension", d.at(), () -> new DimensionPainter(
                                d, building, lettering, look, around)
                        .paint());
            case Blank b -> blank(b);
            case Cloud c ->
                undrawn.orMark(
                        c.id(),
                        c.layer(),
                        "A revision cloud",
                        c.ring().getFirst(),
                        () -> CloudPainter.of(c, look, lettering));
            case KeyMark m ->
                undrawn.orMark(m.id(), m.layer(), "A keyed note", m.at(), () -> new KeyMarkPainter(
                                m, building, lettering, look)
                        .paint());
            case Sign s -> undrawn.orMark(s.id(), s.layer(), "A sign", s.at(), () -> sign(s));
            case Note n -> undrawn.orMark(n.id(), n.layer(), "A note", n.at(), () -> note(n));
        };
    }

    private Group string(DimensionString string) {
        return new StringPainter(string, building, lettering, look, around).paint();
    }

    private Group sign(Sign sign) {
        return new SignPainter(sign, building, lettering, look).paint();
    }

    /** Its outline, for the board alone; what is under it is cut out of the picture. */
    private Group blank(Blank blank) {
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.CONSTRUCTION, blank.ring());
        return new Group(blank.id(), blank.layer(), pens.items(), List.of()).on(List.of(blank.ring()));
    }

    private Group note(Note note) {
        return new NotePainter(note, building, lettering, look).paint();
    }
}
