package org.leanlintel.core.picture.annotate;

import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.KeyedNotes;
import org.leanlintel.core.note.Pointed;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** The number of a keyed note in a box, with leaders to what it speaks of. */
public final class KeyMarkPainter {

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

    public Group paint() {
        String number = Integer.toString(
                building.get(new KeyedNotes.In(look.drawing().id())).number(mark));
        double wide = wideMm(number, lettering);
        pens.ground(box(mark.at(), wide - INSET_MM, HIGH_MM - INSET_MM, scale));
        leaders(wide);
        paint(number, mark.at(), scale, lettering, pens);
        List<Vec> box = box(mark.at(), wide, HIGH_MM, scale);
        return new Group(mark.id(), mark.layer(), pens.items(), List.of()).on(List.of(box));
    }

    /** A number in its box. */
    public static void paint(String number, Vec middle, double scale, Lettering lettering, Pens pens) {
        pens.closed(PenRole.LEVEL, box(middle, wideMm(number, lettering), HIGH_MM, scale));
        Vec base = middle.plus(new Vec(0, -LETTERS_MM / 2 * scale));
        pens.add(lettering.set(number, base, 0, LETTERS_MM, Lettering.Align.CENTRE, true));
    }

    private static double wideMm(String number, Lettering lettering) {
        return Math.max(WIDE_MM, lettering.width(number, LETTERS_MM, true) / 2 + BESIDE_MM);
    }

    private static List<Vec> box(Vec middle, double wide, double high, double scale) {
        Vec one = new Vec(wide, high).times(scale), other = new Vec(wide, -high).times(scale);
        return List.of(middle.minus(one), middle.plus(other), middle.plus(one), middle.minus(other));
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
            painter.paint(new Landing(mark.at().plus(new Vec(side * wide * scale, 0)), side), List.of(tip));
        }
        for (Target t : mark.leaders().targets()) if (t instanceof Target.Lost lost) painter.lost(lost.at());
    }
}
