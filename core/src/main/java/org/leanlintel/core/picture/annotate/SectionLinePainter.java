package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Where a section is cut: the ends of its line with an arrow at each, the way it looks, its mark beside that, and on which sheet it is drawn. */
public final class SectionLinePainter {

    /** On paper: an arrow's length and half its width; from the line to the middle of the mark; how much of the line is drawn. */
    private static final double ARROW_MM = 5, HALF_MM = 1.6, MARK_MM = 7.5, STUB_MM = 14;
    /** On paper: how long the sides of corners are, where it steps aside. */
    private static final double CORNER_MM = 4;
    /** On paper: letters of the number of its sheet, and how far beside its mark they stand. */
    private static final double SHEET_MM = 1.8, BESIDE_MM = 1.2;

    private SectionLinePainter() {}

    /** @param sheet the number of the sheet its section stands on; empty where it stands on none */
    public static Group of(SectionLine line, String sheet, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        double scale = look.drawing().scale();
        Vec on = line.to().minus(line.from()).unit();
        Vec looking = line.looking() == Side.LEFT ? on.left() : on.left().times(-1);
        double stub = Math.min(STUB_MM * scale, line.from().distanceTo(line.to()) / 3);
        pens.line(PenRole.LEVEL, line.from(), line.from().along(on, stub));
        List<Vec> path = line.path();
        pens.line(PenRole.LEVEL, path.getLast().along(on, -stub), path.getLast());
        for (int i = 1; i + 1 < path.size(); i += 2) step(path.get(i), path.get(i + 1), on, scale, pens);
        for (Vec end : List.of(path.getFirst(), path.getLast()))
            end(end, looking, line.mark(), sheet, scale, lettering, pens);
        return new Group(line.id(), line.layer(), pens.items(), List.of());
    }

    /** An end of a line: the arrow, its mark, and the number of the sheet beside that. */
    public static void end(
            Vec end, Vec looking, String mark, String sheet, double scale, Lettering lettering, Pens pens) {
        Vec aside = looking.left().times(HALF_MM * scale), tip = end.along(looking, ARROW_MM * scale);
        pens.line(PenRole.LEVEL, end.minus(aside), tip, end.plus(aside), end.minus(aside));
        Vec at = end.along(looking, MARK_MM * scale).plus(new Vec(0, -Lettering.NAME_MM / 2 * scale));
        pens.onPaper(lettering.set(mark, at, 0, Lettering.NAME_MM, Align.CENTRE, true), scale, lettering);
        if (sheet.isEmpty()) return;
        boolean right = looking.x() > -Tolerance.PARALLEL_SINE;
        double off = lettering.width(mark, Lettering.NAME_MM, true) / 2 + BESIDE_MM;
        Vec beside = at.plus(new Vec(right ? off : -off, 0).times(scale));
        Item.Text number = lettering.set(sheet, beside, 0, SHEET_MM, right ? Align.LEFT : Align.RIGHT, false);
        pens.onPaper(number, scale, lettering);
    }

    /** Where it steps aside: a corner at both points, and what lies between them where they are near each other. */
    private static void step(Vec from, Vec to, Vec on, double scale, Pens pens) {
        Vec aside = to.minus(from);
        double corner = Math.min(CORNER_MM * scale, aside.length() / 2);
        if (corner == 0) return;
        Vec way = aside.unit();
        pens.line(PenRole.LEVEL, from.along(on, -CORNER_MM * scale), from, from.along(way, corner));
        pens.line(PenRole.LEVEL, to.along(way, -corner), to, to.along(on, CORNER_MM * scale));
    }
}
