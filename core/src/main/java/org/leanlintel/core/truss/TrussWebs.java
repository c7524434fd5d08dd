package org.leanlintel.core.truss;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Truss;

/** The webs of a truss: each is cut by the chords, and by webs before it. */
final class TrussWebs {

    private static final double LEAST_MM2 = 10;

    /** An attic truss has a strut outside its room where the corner is as long as this. */
    private static final double LEAST_CORNER_MM = 1200;

    private final TrussShape shape;
    private final TrussSum sum;
    private final double peak;
    private final Half left;
    private final List<Half> halves;
    private final Area between;
    private final List<Member> webs = new ArrayList<>();

    private TrussWebs(TrussShape shape) {
        this.shape = shape;
        sum = shape.sum();
        peak = sum.peakMm();
        halves = shape.halves();
        left = halves.getFirst();
        between = shape.between();
    }

    static List<Member> of(TrussShape shape) {
        TrussWebs webs = new TrussWebs(shape);
        webs.form();
        if (!(webs.sum.form() instanceof Truss.RaisedTie)) webs.heels();
        return List.copyOf(webs.webs);
    }

    private void form() {
        switch (sum.form()) {
            case Truss.Scissor s -> {
                web(left.top(peak), left.bottom(peak));
                for (Half h : halves) {
                    web(h, h.top(h.run() / 2), h.bottom(h.run() / 2));
                    web(h, h.bottom(h.run()), h.top(h.run() / 2));
                }
            }
            case Truss.Level l -> level(l.webs());
            case Truss.Attic a -> attic(a);
            case Truss.RaisedTie r -> {}
            case Truss.Parallel p -> parallel(p.everyMm());
            case Truss.Gable g -> gable(g.everyMm());
        }
    }

    /** At the peak, or at the high end of a truss under one slope. */
    private void upright() {
        if (sum.hasOneSlope()) {
            double x = peak - sum.webMm() / 2;
            web(left.top(x), left.bottom(x));
        } else web(left.top(peak), left.bottom(peak));
    }

    private void level(Truss.Webs form) {
        if (sum.hasOneSlope() || form == Truss.Webs.KING_POST || form == Truss.Webs.HOWE) upright();
        for (Half h : halves) {
            double run = h.run();
            switch (form) {
                case KING_POST -> web(h, h.bottom(run), h.top(run / 2));
                case FINK -> {
                    web(h, h.top(run / 2), h.bottom(run * 2 / 3));
                    web(h, h.bottom(run * 2 / 3), h.top(run));
                }
                case HOWE -> {
                    web(h, h.top(run / 2), h.bottom(run / 2));
                    web(h, h.bottom(run), h.top(run / 2));
                }
                case FAN -> {
                    web(h, h.top(run / 3), h.bottom(run * 2 / 3));
                    web(h, h.top(run * 2 / 3), h.bottom(run * 2 / 3));
                    web(h, h.bottom(run * 2 / 3), h.top(run));
                }
            }
        }
    }

    /** Uprights beside the room, a collar over it, a post on that, and struts in the corners. */
    private void attic(Truss.Attic room) {
        for (Half h : halves) {
            double x = h.run() - room.roomMm() / 2 - sum.webMm() / 2;
            web(h, h.bottom(x), h.top(x));
        }
        double collar = left.over(0) + room.headMm() + sum.webMm() / 2;
        web(collarEnd(left, room, collar), shape.fromRight(collarEnd(halves.getLast(), room, collar)));
        web(left.top(peak), new Vec(peak, collar));
        for (Half h : halves) {
            double x = h.run() - room.roomMm() / 2 - sum.webMm() / 2;
            if (x > LEAST_CORNER_MM) web(h, h.bottom(x), h.top(x / 2));
        }
    }

    /** On the upright beside the room, or on the top chord where that runs over the room. */
    private static Vec collarEnd(Half half, Truss.Attic room, double height) {
        return new Vec(Math.max(half.run() - room.roomMm() / 2, half.topAt(height)), height);
    }

    /** Up and down between the chords, from the plate to the peak. */
    private void parallel(double every) {
        heels();
        upright();
        for (Half h : halves) {
            double step = h.run() / Math.ceil(h.run() / every - 1e-9);
            for (double x = 0; x < h.run() - step / 2; x += step) {
                Vec middle = h.top(x + step / 2);
                web(h, h.bottom(x), middle);
                web(h, middle, h.bottom(x + step));
            }
        }
    }

    /** From the middle outwards, as far as there is room for one. */
    private void gable(double every) {
        upright();
        for (Half h : halves)
            for (double x = h.run() - every; h.under(x) - h.over(x) > sum.webMm() && x > 0; x -= every)
                web(h, h.top(x), h.bottom(x));
    }

    /** Under the ends of top chords that stand higher than the bottom chord is deep. */
    private void heels() {
        for (Half h : halves)
            if (sum.buttMm() > h.bottomDeep() + 1) {
                double x = sum.webMm() / 2;
                web(h, h.top(x), h.bottom(x));
            }
    }

    private void web(Half half, Vec from, Vec to) {
        if (half == left) web(from, to);
        else web(shape.fromRight(from), shape.fromRight(to));
    }

    private void web(Vec from, Vec to) {
        Vec along = to.minus(from).unit(), aside = along.left().times(sum.webMm() / 2);
        Vec a = from.along(along, -sum.spanMm()), b = to.along(along, sum.spanMm());
        Area left = Area.of(List.of(a.minus(aside), b.minus(aside), b.plus(aside), a.plus(aside)))
                .and(between);
        for (Member m : webs) left = left.minus(m.shape());
        left = nearest(left, from.plus(to).times(0.5));
        if (left.mm2() < LEAST_MM2) return;
        double length = from.distanceTo(to);
        double slope = Math.abs(along.x()) < 1e-9 ? Double.POSITIVE_INFINITY : along.y() / along.x();
        String name = "web " + (webs.size() + 1);
        webs.add(new Member(name, Member.Kind.WEB, left, List.of(from, to), length, length, slope));
    }

    /** The piece of what is left that lies between the nodes: of several the nearest. */
    private static Area nearest(Area left, Vec middle) {
        return left.parts().stream()
                .min(Comparator.comparingDouble(
                        a -> a.covers(middle) ? 0 : a.bounds().centre().distanceTo(middle)))
                .orElse(Area.NONE);
    }
}
