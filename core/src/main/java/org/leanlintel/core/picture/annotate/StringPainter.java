package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** A dimension string as ISO 129-1 draws it: a line, lines from it to what is measured, terminators and figures, in its style. */
final class StringPainter {

    /** On paper: how far extension lines run on beyond the string. */
    private static final double OVERSHOOT = 1.5;
    /** On paper: half as wide as the ring round a point whose thing has gone. */
    private static final double LOST = 2;
    /** On paper: how far off its line figures may stand. */
    private static final double REACH_MM = 16;

    private final DimensionString string;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;
    private final StringStyle style;
    private final FigureWords words;
    private final OwnParts own;
    private final double origin;
    private final Line line;
    private final List<Held> points;
    private final List<FigureRow.Box> drawn;

    StringPainter(DimensionString string, Building building, Lettering lettering, Look look, Around around) {
        this.string = string;
        this.lettering = lettering;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
        style = string.style(building.model());
        words = FigureWords.of(style, look.units());
        own = new OwnParts(string, building);
        line = new Line(string.at(), string.direction());
        StringReach reach = building.get(new StringReach.Of(string.drawing(), string.id()));
        points = reach.points();
        drawn = new ArrayList<>(
                building.get(new StringCrossings(string.id(), look.drawing().id())));
        if (points.size() >= 2) addAround(around);
        origin = string.kind() == DimensionString.Kind.RUNNING ? origin(building) : 0;
    }

    /** Where a running string counts from. */
    private double origin(Building building) {
        return HeldPoints.of(string.holds().getFirst(), string, building) instanceof Held first
                ? first.position()
                : points.isEmpty() ? 0 : points.getFirst().position();
    }

    /** What the drawing shows along its line, as far off as figures may stand. */
    private void addAround(Around around) {
        Bounds reach = Bounds.of(List.of(
                        at(points.getFirst().position()), at(points.getLast().position())))
                .grown(REACH_MM * scale);
        Around.Near near = around.near(reach);
        for (Bounds b : near.solid()) drawn.add(box(b.corners(), true));
        for (Bounds b : near.light()) drawn.add(box(b.corners(), false));
    }

    /** What some points take, as the string sees it. */
    private FigureRow.Box box(List<Vec> corners, boolean solid) {
        double from = Double.POSITIVE_INFINITY, to = -from, low = from, high = to;
        for (Vec c : corners) {
            double along = c.dot(string.direction()) / scale,
                    up = c.minus(string.at()).dot(string.up()) / scale;
            from = Math.min(from, along);
            to = Math.max(to, along);
            low = Math.min(low, up);
            high = Math.max(high, up);
        }
        return new FigureRow.Box(new FigureRow.Band(from, to), new FigureRow.Band(low, high), solid);
    }

    Group paint() {
        if (points.size() >= 2) draw();
        return new Group(string.id(), string.layer(), pens.items(), List.of());
    }

    private void draw() {
        double reading = Lettering.readable(string.direction().angle());
        Terminators ends = new Terminators(style.terminator(), string.direction(), reading, scale, pens);
        double over = ends.overshootMm() * scale;
        pens.line(
                PenRole.DIMENSION,
                at(points.getFirst().position() - over),
                at(points.getLast().position() + over));
        for (int i = 0; i < points.size(); i++) {
            double here = points.get(i).position();
            extension(points.get(i));
            boolean isOrigin = string.kind() == DimensionString.Kind.RUNNING && Tolerance.same(here, origin);
            if (isOrigin) ends.ring(at(here));
            else
                ends.paint(
                        at(here),
                        i == 0 ? 0 : here - points.get(i - 1).position(),
                        i == points.size() - 1 ? 0 : points.get(i + 1).position() - here);
            for (FigureRow.Box b : ends.solid()) drawn.add(b.from(here / scale));
        }
        StringFigures figures = new StringFigures(string, style, words, own, points, lettering, scale, pens);
        switch (string.kind()) {
            case CHAINED -> figures.chained(drawn);
            case RUNNING -> figures.running(origin);
        }
        for (Hold hold : string.holds()) if (hold instanceof Hold.Lost lost) lost(lost);
    }

    /** Round the stroke of a point whose thing has gone, in a warning ink. */
    private void lost(Hold.Lost lost) {
        Vec at = at(lost.at().dot(string.direction()));
        pens.add(new Item.Arc(
                PenRole.DIMENSION, pens.pen(PenRole.DIMENSION).inked(Inks.WARNING), at, LOST * scale, 0, Math.TAU));
    }

    private Vec at(double position) {
        return line.at(position - string.at().dot(string.direction()));
    }

    private void extension(Held held) {
        Vec across = line.direction().left();
        double here = string.at().dot(across);
        if (here >= held.reachFrom() && here <= held.reachTo()) return;
        double away = here > held.reachTo() ? 1 : -1;
        double feature = away > 0 ? held.reachTo() : held.reachFrom();
        double length = extensionMm(held, Math.abs(here - feature));
        if (length <= 0) return;
        Vec foot = at(held.position());
        Vec from = foot.along(across, -away * length), to = foot.along(across, away * OVERSHOOT * scale);
        pens.line(PenRole.DIMENSION, from, to);
        drawn.add(box(List.of(from, to), true));
    }

    /** How long the line of a point is, model millimetres; it never runs into what is measured. @param all from the string to that */
    private double extensionMm(Held held, double all) {
        OwnPart.Reach reach = own.reach(held);
        if (reach != null) return Math.min(reach.lengthMm() * scale, all);
        return switch (style.extension()) {
            case StringStyle.ToPoint to -> all - to.gapMm() * scale;
            case StringStyle.Fixed fixed -> Math.min(fixed.lengthMm() * scale, all);
        };
    }
}
