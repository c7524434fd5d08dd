package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** North arrows, level marks and scale bars. Sizes on paper. */
public final class SignPainter {

    /** A north arrow: half as long as it is, half as wide, and how far beyond its tip the letter stands. */
    private static final double NORTH_MM = 9, NORTH_HALF_MM = 3.2, LETTER_MM = 1.6;
    /** A level mark (ISO 129-1, 9): half the width of its triangle, and how long its line is. */
    private static final double LEVEL_HALF_MM = 1.5, LEVEL_LINE_MM = 13;
    /** The cross that a level mark of a plan stands on. */
    private static final double CROSS_MM = 1.5;
    /** How many lines fill the dark half of an arrow. */
    private static final int FILLING = 14;
    /** Letters of a spot level. */
    private static final double SPOT_MM = 1.8;

    private final Sign sign;
    private final Building building;
    private final Lettering lettering;
    private final Look look;
    private final double scale;
    private final Pens pens;

    SignPainter(Sign sign, Building building, Lettering lettering, Look look) {
        this.sign = sign;
        this.building = building;
        this.lettering = lettering;
        this.look = look;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
    }

    Group paint() {
        switch (sign.says()) {
            case NORTH -> north();
            case LEVEL -> level();
            case SCALE -> scaleBar();
            case ELEVATION -> ElevationMark.paint(sign, building.model(), scale, pens, lettering);
        }
        return new Group(sign.id(), sign.layer(), pens.items(), List.of());
    }

    /** A cross with the finished level over it, and the one before the work in brackets where that is another. */
    public static Group spotLevel(SpotLevel spot, Look look, Lettering lettering) {
        double scale = look.drawing().scale();
        Pens pens = new Pens(look.lens());
        Vec at = spot.at();
        cross(at, scale, pens);
        String finished = look.levels().print(spot.finishedMm());
        String words = Tolerance.same(spot.existingMm(), spot.finishedMm())
                ? finished
                : "%s (%s)".formatted(finished, look.levels().print(spot.existingMm()));
        Vec base = at.plus(new Vec(0.6, 0.6).times(scale));
        pens.add(lettering.set(words, base, 0, SPOT_MM, Lettering.Align.LEFT, false));
        Catch there = new Catch("spot level", new Hold.AtPoint(at), at, at);
        return new Group(spot.id(), spot.layer(), pens.items(), List.of(there));
    }

    /** The place that a level is of, in a plan. */
    public static void cross(Vec at, double scale, Pens pens) {
        Vec right = new Vec(CROSS_MM * scale, 0), up = new Vec(0, CROSS_MM * scale);
        pens.line(PenRole.LEVEL, at.minus(right), at.plus(right));
        pens.line(PenRole.LEVEL, at.minus(up), at.plus(up));
    }

    /** An arrow in a ring, dark on one side, with its letter beyond the tip. */
    private void north() {
        Vec way = Vec.ofAngle(Site.of(building.model()).north()), left = way.left();
        Vec tip = sign.at().along(way, NORTH_MM * scale), foot = sign.at().along(way, -NORTH_MM * scale);
        Vec one = foot.along(left, NORTH_HALF_MM * scale), two = foot.along(left, -NORTH_HALF_MM * scale);
        Vec notch = sign.at().along(way, -NORTH_MM * 0.6 * scale);
        pens.line(PenRole.LEVEL, one, tip, two, notch, one);
        for (int i = 0; i <= FILLING; i++)
            pens.line(PenRole.DIMENSION, tip, notch.plus(two.minus(notch).times((double) i / FILLING)));
        pens.add(new Item.Arc(
                PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), sign.at(), NORTH_MM * 0.62 * scale, 0, Math.TAU));
        Vec middle = tip.along(way, (LETTER_MM + Lettering.NAME_MM / 2) * scale);
        Vec base = middle.plus(new Vec(0, -Lettering.NAME_MM / 2 * scale));
        pens.add(lettering.set("N", base, 0, Lettering.NAME_MM, Lettering.Align.CENTRE, true));
    }

    /** A triangle standing on the place with the level over its line; in plans a cross under it. */
    private void level() {
        if (look.drawing().kind() == Drawing.Kind.PLAN) cross(sign.at(), scale, pens);
        level(sign.at(), look.levels().print(levelMm()), scale, lettering, pens);
    }

    public static void level(Vec tip, String level, double scale, Lettering lettering, Pens pens) {
        Vec up = new Vec(0, LEVEL_HALF_MM * Math.sqrt(3) * scale), half = new Vec(LEVEL_HALF_MM * scale, 0);
        Vec top = tip.plus(up);
        pens.line(PenRole.LEVEL, tip, top.plus(half), top.minus(half), tip);
        pens.line(PenRole.LEVEL, top.plus(half), top.plus(new Vec(LEVEL_LINE_MM * scale, 0)));
        Vec at = top.plus(half).plus(new Vec(0.6, 0.8).times(scale));
        pens.onPaper(lettering.set(level, at, 0, Lettering.NOTE_MM, Lettering.Align.LEFT, false), scale, lettering);
    }

    /** Above the project's zero. Of a plan, that of the floor drawn there last, or of its storey. */
    private double levelMm() {
        if (look.drawing().kind() != Drawing.Kind.PLAN) return sign.at().y();
        double level = look.on().levelMm();
        for (Floor f : building.model().all(Floor.class))
            if (f.storey().equals(look.storey()) && FloorAreas.of(f, building).covers(sign.at()))
                return level + f.stepMm();
        return level;
    }

    private void scaleBar() {
        Pens bar = new Pens(look.lens());
        ScaleBar.paint(Vec.ORIGIN, scale, look.units(), lettering, bar);
        for (Item item : bar.items()) pens.add(item.placed(scale, sign.at()));
    }
}
