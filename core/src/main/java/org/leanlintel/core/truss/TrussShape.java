package org.leanlintel.core.truss;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Truss;

/** The members of a truss. Nodes lie on the middles of chords; webs are cut by chords, and by webs before them. */
public final class TrussShape {

    /** Far over any truss. */
    private static final double FAR_MM = 100_000;

    private static final double LEAST_MM2 = 10;

    private final TrussSum sum;
    private final double peak;
    private final Slope left;
    private final Slope right;
    private final List<Member> members = new ArrayList<>();

    /** One half, seen from its plate: x runs inwards. @param run to the peak; @param bottom slope of the bottom chord */
    private record Slope(TrussSum sum, double tan, double bottom, double run) {

        double under(double x) {
            return sum.buttMm() + x * tan;
        }

        double topDeep() {
            return sum.topMm() * Math.hypot(1, tan);
        }

        double bottomDeep() {
            return sum.bottomMm() * Math.hypot(1, bottom);
        }

        double over(double x) {
            return x * bottom + bottomDeep();
        }

        /** The node of the top chord there. */
        Vec top(double x) {
            return new Vec(x, under(x) + topDeep() / 2);
        }

        Vec bottom(double x) {
            return new Vec(x, x * bottom + bottomDeep() / 2);
        }

        /** Up to where the bottom chord is cut along the top chord; 0 where it ends under it. */
        double scarf() {
            return Math.max(0, (bottomDeep() - sum.buttMm()) / (tan - bottom));
        }
    }

    private TrussShape(TrussSum sum) {
        this.sum = sum;
        peak = sum.peakMm();
        double inner = sum.form() instanceof Truss.Scissor s ? s.bottom().tan() : 0;
        left = new Slope(sum, sum.leftTan(), inner, peak);
        right = new Slope(sum, sum.rightTan(), inner, sum.spanMm() - peak);
    }

    /** Why there is no such truss, in a sentence; empty where there is one. */
    public static String refusal(TrussSum sum) {
        TrussShape shape = new TrussShape(sum);
        if (sum.form() instanceof Truss.Scissor && Math.abs(sum.leftTan() - sum.rightTan()) > 1e-9)
            return "Scissor trusses stand under two slopes of one pitch.";
        for (Slope s : List.of(shape.left, shape.right)) {
            if (s.bottom >= s.tan) return "The bottom chords rise as steeply as the top chords.";
            double clear = s.under(s.run) - s.over(s.run);
            if (clear < sum.webMm()) return "The chords leave no room for webs between them.";
        }
        return "";
    }

    /** @throws IllegalStateException for a sum that is refused */
    public static TrussShape of(TrussSum sum) {
        String refusal = refusal(sum);
        if (!refusal.isEmpty()) throw new IllegalStateException(refusal);
        TrussShape shape = new TrussShape(sum);
        shape.chords();
        shape.webs();
        return shape;
    }

    public TrussSum sum() {
        return sum;
    }

    public List<Member> members() {
        return List.copyOf(members);
    }

    /** The highest place of it, over the plates. */
    public double peakTopMm() {
        return left.under(peak) + left.topDeep();
    }

    /** Where the tops of the left tail and of the right one lie, over the plates. */
    public List<Double> tailTopsMm() {
        return List.of(
                left.under(-sum.leftOverMm()) + left.topDeep(), right.under(-sum.rightOverMm()) + right.topDeep());
    }

    /** The underside of the bottom chords in the middle, over the plates. */
    public double innerMm() {
        return left.bottom * peak;
    }

    /** Between the chords in the middle. */
    public double clearMm() {
        return left.under(peak) - left.over(peak);
    }

    /** Up to where the left bottom chord is cut along the top chord. */
    public double scarfMm() {
        return left.scarf();
    }

    private Vec fromRight(Vec p) {
        return new Vec(sum.spanMm() - p.x(), p.y());
    }

    private List<Vec> fromRight(List<Vec> ring) {
        return ring.stream().map(this::fromRight).toList().reversed();
    }

    private void chords() {
        boolean scissor = sum.form() instanceof Truss.Scissor;
        List<Vec> one = topRing(left, sum.leftOverMm()), two = topRing(right, sum.rightOverMm());
        chord("top chord, left", Member.Kind.TOP_CHORD, one, left.tan, sum.topMm());
        chord("top chord, right", Member.Kind.TOP_CHORD, fromRight(two), -right.tan, sum.topMm());
        if (scissor) {
            chord("bottom chord, left", Member.Kind.BOTTOM_CHORD, bottomRing(left), left.bottom, sum.bottomMm());
            chord(
                    "bottom chord, right",
                    Member.Kind.BOTTOM_CHORD,
                    fromRight(bottomRing(right)),
                    -right.bottom,
                    sum.bottomMm());
        } else {
            List<Vec> whole = new ArrayList<>(List.of(Vec.ORIGIN, new Vec(sum.spanMm(), 0)));
            whole.addAll(fromRight(end(right)));
            whole.addAll(end(left));
            chord("bottom chord", Member.Kind.BOTTOM_CHORD, whole, 0, sum.bottomMm());
        }
    }

    private static List<Vec> topRing(Slope s, double over) {
        return List.of(
                new Vec(-over, s.under(-over)),
                new Vec(s.run, s.under(s.run)),
                new Vec(s.run, s.under(s.run) + s.topDeep()),
                new Vec(-over, s.under(-over) + s.topDeep()));
    }

    /** From the plate's outer edge along its underside to the middle, and back over it to the top chord's underside. */
    private static List<Vec> bottomRing(Slope s) {
        List<Vec> ring =
                new ArrayList<>(List.of(Vec.ORIGIN, new Vec(s.run, s.run * s.bottom), new Vec(s.run, s.over(s.run))));
        ring.addAll(end(s));
        return ring;
    }

    /** Of a bottom chord, from where its upper edge ends out to the plate's outer edge. */
    private static List<Vec> end(Slope s) {
        Vec upper = new Vec(s.scarf(), s.over(s.scarf()));
        return s.scarf() > 0 && s.sum.buttMm() > 0 ? List.of(upper, new Vec(0, s.sum.buttMm())) : List.of(upper);
    }

    private void chord(String name, Member.Kind kind, List<Vec> ring, double slope, double depth) {
        Area shape = Area.of(ring);
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Vec p : ring) {
            low = Math.min(low, p.x());
            high = Math.max(high, p.x());
        }
        double length = (high - low) * Math.hypot(1, slope);
        List<Vec> edge = List.of(new Vec(low, lowest(ring, low)), new Vec(high, lowest(ring, high)));
        members.add(new Member(name, kind, shape, edge, length, length + depth * Math.abs(slope), slope));
    }

    private static double lowest(List<Vec> ring, double x) {
        return ring.stream()
                .filter(p -> Math.abs(p.x() - x) < 1e-6)
                .mapToDouble(Vec::y)
                .min()
                .orElse(0);
    }

    private void webs() {
        switch (sum.form()) {
            case Truss.Scissor s -> {
                web(left.top(peak), left.bottom(peak));
                for (Slope half : List.of(left, right)) {
                    web(half, half.top(half.run / 2), half.bottom(half.run / 2));
                    web(half, half.bottom(half.run), half.top(half.run / 2));
                }
            }
            case Truss.Level l -> level(l.webs());
        }
        for (Slope half : List.of(left, right))
            if (sum.buttMm() > half.bottomDeep() + 1) {
                double x = sum.webMm() / 2;
                web(half, half.top(x), half.bottom(x));
            }
    }

    private void level(Truss.Webs webs) {
        if (webs == Truss.Webs.KING_POST || webs == Truss.Webs.HOWE) web(left.top(peak), left.bottom(peak));
        for (Slope h : List.of(left, right)) {
            switch (webs) {
                case KING_POST -> web(h, h.bottom(h.run), h.top(h.run / 2));
                case FINK -> {
                    web(h, h.top(h.run / 2), h.bottom(h.run * 2 / 3));
                    web(h, h.bottom(h.run * 2 / 3), h.top(h.run));
                }
                case HOWE -> {
                    web(h, h.top(h.run / 2), h.bottom(h.run / 2));
                    web(h, h.bottom(h.run), h.top(h.run / 2));
                }
                case FAN -> {
                    web(h, h.top(h.run / 3), h.bottom(h.run * 2 / 3));
                    web(h, h.top(h.run * 2 / 3), h.bottom(h.run * 2 / 3));
                    web(h, h.bottom(h.run * 2 / 3), h.top(h.run));
                }
            }
        }
    }

    private void web(Slope half, Vec from, Vec to) {
        if (half == left) web(from, to);
        else web(fromRight(from), fromRight(to));
    }

    private void web(Vec from, Vec to) {
        Vec along = to.minus(from).unit(), aside = along.left().times(sum.webMm() / 2);
        Vec a = from.along(along, -sum.spanMm()), b = to.along(along, sum.spanMm());
        Area shape = Area.of(List.of(a.minus(aside), b.minus(aside), b.plus(aside), a.plus(aside)))
                .and(between());
        for (Member m : members) if (m.kind() == Member.Kind.WEB) shape = shape.minus(m.shape());
        shape = between(shape, from.plus(to).times(0.5));
        if (shape.mm2() < LEAST_MM2) return;
        double length = from.distanceTo(to);
        double slope = Math.abs(along.x()) < 1e-9 ? Double.POSITIVE_INFINITY : along.y() / along.x();
        int number = 1;
        for (Member m : members) if (m.kind() == Member.Kind.WEB) number++;
        members.add(new Member("web " + number, Member.Kind.WEB, shape, List.of(from, to), length, length, slope));
    }

    /** The piece of what is left that lies between the nodes: of several the nearest. */
    private static Area between(Area left, Vec middle) {
        return left.parts().stream()
                .min(Comparator.comparingDouble(
                        a -> a.covers(middle) ? 0 : a.bounds().centre().distanceTo(middle)))
                .orElse(Area.NONE);
    }

    /** What lies between the chords. */
    private Area between() {
        double span = sum.spanMm();
        Area under = Area.of(List.of(
                new Vec(0, -FAR_MM),
                new Vec(span, -FAR_MM),
                new Vec(span, right.under(0)),
                new Vec(peak, left.under(peak)),
                new Vec(0, left.under(0))));
        Area over = Area.of(List.of(
                new Vec(0, left.over(0)),
                new Vec(peak, left.over(peak)),
                new Vec(span, right.over(0)),
                new Vec(span, FAR_MM),
                new Vec(0, FAR_MM)));
        return under.and(over);
    }
}
