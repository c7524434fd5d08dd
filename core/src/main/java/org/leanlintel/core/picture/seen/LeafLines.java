package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;

/**
 * How an opening opens, in an upright picture: two lines over each leaf and light that hangs, which meet at its hinges or its handle, and an arrow
 * on what slides.
 */
final class LeafLines {

    /** On paper: the barbs of an arrow. */
    private static final double BARB_MM = 1.2;
    /** How much of a light's width or height its arrow takes. */
    private static final double ARROW_PART = 0.5;

    private final SectionFrame frame;
    private final Lens.OpeningLines meeting;
    private final double scale;
    private final Opening opening;
    private final PlacedOpening placed;
    private final Strip strip;
    private final double levelMm;
    private final List<Line> lines = new ArrayList<>();

    record Line(PenRole role, List<Vec> points) {}

    private LeafLines(
            PlacedOpening placed,
            Strip strip,
            double levelMm,
            SectionFrame frame,
            Lens.OpeningLines meeting,
            double scale) {
        this.placed = placed;
        opening = placed.opening();
        this.strip = strip;
        this.levelMm = levelMm;
        this.frame = frame;
        this.meeting = meeting;
        this.scale = scale;
    }

    /** @param levelMm of the opening's storey; @param scale of the drawing */
    static List<Line> of(
            PlacedOpening placed,
            Strip strip,
            double levelMm,
            SectionFrame frame,
            Lens.OpeningLines meeting,
            double scale) {
        if (meeting == Lens.OpeningLines.NONE) return List.of();
        LeafLines lines = new LeafLines(placed, strip, levelMm, frame, meeting, scale);
        lines.draw();
        return lines.lines;
    }

    private void draw() {
        double in = opening.make().fixWidthMm() / 2 + opening.make().frameMm();
        double from = placed.from() + in, to = placed.to() - in;
        double low = levelMm + opening.sillMm() + opening.make().frameMm(),
                high = levelMm + opening.headMm() - opening.make().frameMm();
        switch (opening.kind()) {
            case Opening.Window w -> window(w);
            case Opening.SwingDoor d -> {
                boolean atStart = d.hinge() == End.START;
                hungAtSide(atStart ? from : to, atStart ? to : from, low, high, d.swing());
            }
            case Opening.PairDoor d -> {
                double part = d.active() == End.START ? d.part() : 1 - d.part();
                double middle = from + (to - from) * part;
                hungAtSide(from, middle, low, high, d.swing());
                hungAtSide(to, middle, low, high, d.swing());
            }
            case Opening.SlidingDoor d -> slides(from, to, low, high, d.towards());
            case Opening.PocketDoor d -> slides(from, to, low, high, d.into());
            case Opening.FoldingDoor d -> {}
            case Opening.FoldingPair d -> {}
            case Opening.LiftingDoor d -> {}
            case Opening.OpenWay w -> {}
        }
    }

    /** Of a bay, those of its front. */
    private void window(Opening.Window w) {
        double in = opening.make().fixWidthMm() / 2, from = placed.from() + in, to = placed.to() - in;
        if (w.form() instanceof Opening.Bay bay) {
            double half = (placed.to() - placed.from()) * bay.frontPart() / 2;
            from = placed.middle() - half;
            to = placed.middle() + half;
        }
        double foot = levelMm
                + opening.sillMm()
                + (opening.sillMm() > 0 ? opening.make().fixHeightMm() / 2 : 0);
        Side outside = strip.wall().outside(), swing = w.lights().inwards() ? outside.other() : outside;
        PlacedLight.Frame within =
                PlacedLight.Frame.in(strip.wall(), to - from, opening.unitHeightMm(), opening.make());
        for (List<PlacedLight> row : PlacedLight.rows(w.lights(), within))
            for (PlacedLight l : row) light(l, from, foot, swing);
    }

    private void light(PlacedLight l, double start, double foot, Side swing) {
        double from = start + l.from(), to = start + l.to(), low = foot + l.low(), high = foot + l.high();
        boolean atStart = l.towards() == End.START;
        double hinge = atStart ? from : to, lock = atStart ? to : from;
        switch (l.light().opens()) {
            case FIXED -> {}
            case SIDE_HUNG -> hungAtSide(hinge, lock, low, high, swing);
            case TOP_HUNG -> hungAbove(from, to, high, low, swing);
            case BOTTOM_HUNG -> hungAbove(from, to, low, high, swing);
            case TILT_AND_TURN -> {
                hungAtSide(hinge, lock, low, high, swing);
                hungAbove(from, to, low, high, swing);
            }
            case VERTICAL_SLIDING -> {
                double middle = (low + high) / 2, x = x((from + to) / 2), reach = (middle - low) * ARROW_PART / 2;
                double lower = (low + middle) / 2, upper = (middle + high) / 2;
                arrow(new Vec(x, lower - reach), new Vec(x, lower + reach));
                arrow(new Vec(x, upper + reach), new Vec(x, upper - reach));
            }
            case HORIZONTAL_SLIDING -> slides(from, to, low, high, l.towards());
        }
    }

    private double x(double s) {
        return frame.seen(strip.at(s, 0)).x();
    }

    /** Of a leaf that hangs at one place along the wall and closes at another. */
    private void hungAtSide(double hinge, double lock, double low, double high, Side swing) {
        boolean atHinge = meeting == Lens.OpeningLines.MEET_AT_HINGE;
        double vertex = x(atHinge ? hinge : lock), ends = x(atHinge ? lock : hinge);
        hung(List.of(new Vec(ends, low), new Vec(vertex, (low + high) / 2), new Vec(ends, high)), swing);
    }

    /** @param hinge the height it hangs at; @param lock that it closes at */
    private void hungAbove(double from, double to, double hinge, double lock, Side swing) {
        boolean atHinge = meeting == Lens.OpeningLines.MEET_AT_HINGE;
        double vertex = atHinge ? hinge : lock, ends = atHinge ? lock : hinge;
        hung(List.of(new Vec(x(from), ends), new Vec(x((from + to) / 2), vertex), new Vec(x(to), ends)), swing);
    }

    /** Where lines meet at the handle, those of what opens to the viewer are drawn through (DIN 1356-1, as remembered: check). */
    private void hung(List<Vec> points, Side swing) {
        boolean nears = strip.axis()
                        .directionAt(strip.axis().length() / 2)
                        .left()
                        .times(swing.sign())
                        .dot(frame.away())
                < 0;
        lines.add(new Line(
                meeting == Lens.OpeningLines.MEET_AT_HANDLE && nears ? PenRole.DOOR_SWING : PenRole.OVERHEAD, points));
    }

    private void slides(double from, double to, double low, double high, End towards) {
        double y = (low + high) / 2, reach = (to - from) * ARROW_PART / 2, middle = (from + to) / 2;
        double tip = towards == End.START ? middle - reach : middle + reach, tail = 2 * middle - tip;
        arrow(new Vec(x(tail), y), new Vec(x(tip), y));
    }

    private void arrow(Vec tail, Vec tip) {
        if (tail.distanceTo(tip) < 2 * BARB_MM * scale) return;
        Vec back = tail.minus(tip).unit().times(BARB_MM * scale),
                aside = back.left().times(0.5);
        lines.add(new Line(PenRole.DOOR_SWING, List.of(tail, tip)));
        lines.add(new Line(
                PenRole.DOOR_SWING,
                List.of(tip.plus(back).plus(aside), tip, tip.plus(back).minus(aside))));
    }
}
