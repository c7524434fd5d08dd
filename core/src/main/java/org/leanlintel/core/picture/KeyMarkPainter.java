package org.leanlintel.core.picture;

import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.KeyedNotes;
import org.leanlintel.core.note.Pointed;

/** The number of a keyed note in a box, with leaders to what it speaks of. */
final class KeyMarkPainter {

    /** On paper: half as high as the box, and half as wide; wider where a number is long. */
    private static final double HIGH_MM = 2.3, WIDE_MM = 2.8, LETTERS_MM = 2.5, BESIDE_MM = 1;
    /** What covers the drawing under a number ends so far inside its box, whose line is drawn under it. */
    private static final double INSET_MM = 0.25;

    private final KeyMark mark;
    private final Building building;
    private final Lettering lettering;
    private final double scale;
    private final Look look;
    private final Pens pens;

    KeyMarkPainter(KeyMark mark, Building building, Lettering lettering, Look look) {
        this.mark = mark;
        this.building = building;
        this.lettering = lettering;
        this.look = look;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
    }

    Group paint() {
        String number = Integer.toString(building.get(new KeyedNotes.All()).number(mark));
        double wide = Math.max(WIDE_MM, lettering.width(number, LETTERS_MM, true) / 2 + BESIDE_MM);
        List<Vec> box = box(wide, HIGH_MM);
        pens.ground(box(wide - INSET_MM, HIGH_MM - INSET_MM));
        leaders(wide);
        pens.closed(PenRole.LEVEL, box);
        pens.add(lettering.set(number, at(0, -LETTERS_MM / 2), 0, LETTERS_MM, Lettering.Align.CENTRE, true));
        return new Group(mark.id(), mark.layer(), pens.items(), List.of()).on(List.of(box));
    }

    private Vec at(double right, double up) {
        return mark.at().plus(new Vec(right, up).times(scale));
    }

    private List<Vec> box(double wide, double high) {
        return List.of(at(-wide, -high), at(wide, -high), at(wide, high), at(-wide, high));
    }

    private void leaders(double wide) {
        Pointed pointed = Pointed.in(look.drawing(), building);
        LeaderPainter painter = new LeaderPainter(mark.leaders(), scale, pens);
        List<Vec> tips = mark.leaders().targets().stream()
                .map(pointed::at)
                .filter(Objects::nonNull)
                .toList();
        for (Vec tip : tips) {
            int side = tip.x() < mark.at().x() ? -1 : 1;
            painter.paint(at(side * wide, 0), side, tip);
        }
        for (Target t : mark.leaders().targets()) if (t instanceof Target.Lost lost) painter.lost(lost.at());
    }
}
