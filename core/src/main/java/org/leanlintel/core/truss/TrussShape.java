package org.leanlintel.core.truss;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Truss;

/** The members of a truss. Nodes lie on the middles of chords. One under a single slope is half of one, with an upright at its high end. */
public final class TrussShape {

    /** What is left of a lowered top chord over the plate's outer edge. */
    private static final double LEAST_HEEL_MM = 10;

    /** Far over any truss. */
    private static final double FAR_MM = 100_000;

    private final TrussSum sum;
    private final double peak;
    private final Half left;
    private final Half right;
    private final List<Member> members = new ArrayList<>();

    private TrussShape(TrussSum sum) {
        this.sum = sum;
        peak = sum.peakMm();
        left = Half.of(sum, sum.leftTan(), peak);
        right = Half.of(sum, sum.rightTan(), sum.spanMm() - peak);
    }

    /** Why there is no such truss, in a sentence; empty where there is one. */
    public static String refusal(TrussSum sum) {
        TrussShape shape = new TrussShape(sum);
        if (sum.hasOneSlope() && needsTwoSlopes(sum.form()))
            return "Under one slope trusses are braced as a king post, a fink, a Howe or a fan truss is, have parallel chords, or are a gable's end.";
        if (sum.form() instanceof Truss.Gable && sum.heelMm() < LEAST_HEEL_MM)
            return "Lowered so far, the trusses have no heel left on the plate.";
        boolean isUnequal = !sum.hasOneSlope() && Math.abs(sum.leftTan() - sum.rightTan()) > 1e-9;
        if (isUnequal && (sum.form() instanceof Truss.Scissor || sum.form() instanceof Truss.Parallel))
            return "Trusses that rise inside stand under two slopes of one pitch.";
        if (sum.form() instanceof Truss.Parallel) return shape.heelRefusal();
        for (Half h : shape.halves()) {
            if (h.bottom() >= h.tan()) return "The bottom chords rise as steeply as the top chords.";
            double clear = h.under(h.run()) - h.over(h.run());
            if (clear < sum.webMm())
                return sum.form() instanceof Truss.RaisedTie
                        ? "The tie lies higher than the top chords leave room for."
                        : "The chords leave no room for webs between them.";
        }
        return sum.form() instanceof Truss.Attic room ? shape.refusal(room) : "";
    }

    private static boolean needsTwoSlopes(Truss.Form form) {
        return form instanceof Truss.Scissor || form instanceof Truss.Attic || form instanceof Truss.RaisedTie;
    }

    /** Parallel chords are as far apart as the heel lets them be. */
    private String heelRefusal() {
        double least = 0;
        for (Half h : halves()) least = Math.max(least, h.topDeep() + h.bottomDeep() + sum.webMm());
        return sum.heelMm() >= least
                ? ""
                : "Parallel chords as deep as these need a heel of %.0f mm, and the roof has one of %.0f mm."
                        .formatted(Math.ceil(least), sum.heelMm());
    }

    private String refusal(Truss.Attic room) {
        for (Half h : halves()) {
            double corner = h.run() - room.roomMm() / 2 - sum.webMm();
            if (corner < 0 || h.under(corner) - h.over(corner) < sum.webMm())
                return "The room is wider than there is height for its uprights.";
        }
        double over = left.over(0) + room.headMm() + sum.webMm();
        return left.under(peak) < over ? "The room is higher than the top chords leave room for." : "";
    }

    /** @throws IllegalStateException for a sum that is refused */
    public static TrussShape of(TrussSum sum) {
        String refusal = refusal(sum);
        if (!refusal.isEmpty()) throw new IllegalStateException(refusal);
        TrussShape shape = new TrussShape(sum);
        shape.chords();
        shape.members.addAll(TrussWebs.of(shape));
        return shape;
    }

    public TrussSum sum() {
        return sum;
    }

    public List<Member> members() {
        return List.copyOf(members);
    }

    /** From the left plate, and from the right one where a slope begins at it. */
    List<Half> halves() {
        return sum.hasOneSlope() ? List.of(left) : List.of(left, right);
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

    /** The underside of the bottom chords, or of the tie, in the middle, over the plates. */
    public double innerMm() {
        return left.low(peak);
    }

    /** Between the chords in the middle. */
    public double clearMm() {
        return left.under(peak) - left.over(peak);
    }

    /** Up to where the left bottom chord is cut along the top chord. */
    public double scarfMm() {
        return left.scarf();
    }

    /** Whether a place lies on a bottom chord. */
    public boolean isOnBottom(Vec node) {
        double inner = node.x() < peak || sum.hasOneSlope() ? node.x() : sum.spanMm() - node.x();
        return Math.abs(node.y() - left.bottom(inner).y()) < left.bottomDeep();
    }

    /** The room an attic truss stands round, as far as it is level over it: low left corner, high right one. */
    public List<Vec> room(Truss.Attic room) {
        return List.of(
                new Vec(peak - room.roomMm() / 2, left.over(0)),
                new Vec(peak + room.roomMm() / 2, left.over(0) + room.headMm()));
    }

    Vec fromRight(Vec p) {
        return new Vec(sum.spanMm() - p.x(), p.y());
    }

    private List<Vec> fromRight(List<Vec> ring) {
        return ring.stream().map(this::fromRight).toList().reversed();
    }

    private void chords() {
        if (sum.hasOneSlope()) {
            chord("top chord", Member.Kind.TOP_CHORD, topRing(left, sum.leftOverMm()), left.tan(), sum.topMm());
        } else {
            List<Vec> one = topRing(left, sum.leftOverMm()), two = topRing(right, sum.rightOverMm());
            chord("top chord, left", Member.Kind.TOP_CHORD, one, left.tan(), sum.topMm());
            chord("top chord, right", Member.Kind.TOP_CHORD, fromRight(two), -right.tan(), sum.topMm());
        }
        if (sum.form() instanceof Truss.Parallel && sum.hasOneSlope()) {
            chord("bottom chord", Member.Kind.BOTTOM_CHORD, bottomRing(left), left.bottom(), sum.bottomMm());
        } else if (sum.form() instanceof Truss.Scissor || sum.form() instanceof Truss.Parallel) {
            chord("bottom chord, left", Member.Kind.BOTTOM_CHORD, bottomRing(left), left.bottom(), sum.bottomMm());
            List<Vec> two = fromRight(bottomRing(right));
            chord("bottom chord, right", Member.Kind.BOTTOM_CHORD, two, -right.bottom(), sum.bottomMm());
        } else {
            String name = sum.form() instanceof Truss.RaisedTie ? "tie" : "bottom chord";
            chord(name, Member.Kind.BOTTOM_CHORD, levelRing(), 0, sum.bottomMm());
        }
    }

    /** Where its underside begins below the plates it is cut level on them. */
    private static List<Vec> topRing(Half h, double over) {
        if (over == 0 && h.under(0) < 0)
            return List.of(
                    Vec.ORIGIN,
                    new Vec(h.begin(), 0),
                    new Vec(h.run(), h.under(h.run())),
                    new Vec(h.run(), h.under(h.run()) + h.topDeep()),
                    new Vec(0, h.under(0) + h.topDeep()));
        return List.of(
                new Vec(-over, h.under(-over)),
                new Vec(h.run(), h.under(h.run())),
                new Vec(h.run(), h.under(h.run()) + h.topDeep()),
                new Vec(-over, h.under(-over) + h.topDeep()));
    }

    /** From the plate's outer edge along its underside to the middle, and back over it to the top chord's underside. */
    private static List<Vec> bottomRing(Half h) {
        List<Vec> ring = new ArrayList<>(
                List.of(Vec.ORIGIN, new Vec(h.run(), h.low(h.run())), new Vec(h.run(), h.over(h.run()))));
        ring.addAll(end(h));
        return ring;
    }

    /** A level one from end to end. */
    private List<Vec> levelRing() {
        List<Vec> ring = new ArrayList<>(List.of(new Vec(left.begin(), left.up())));
        if (sum.hasOneSlope()) {
            ring.add(new Vec(sum.spanMm(), left.up()));
            ring.add(new Vec(sum.spanMm(), left.over(0)));
        } else {
            ring.add(new Vec(sum.spanMm() - right.begin(), right.up()));
            ring.addAll(fromRight(end(right)));
        }
        ring.addAll(end(left));
        return ring;
    }

    /** Of a bottom chord, from where its upper edge ends out to the plate's outer edge. */
    private static List<Vec> end(Half h) {
        Vec upper = new Vec(h.scarf(), h.over(h.scarf()));
        double butt = h.sum().buttMm();
        return h.scarf() > 0 && butt > h.up() ? List.of(upper, new Vec(0, butt)) : List.of(upper);
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

    /** What lies between the chords. */
    Area between() {
        double span = sum.spanMm();
        List<Vec> under = new ArrayList<>(List.of(new Vec(0, -FAR_MM), new Vec(span, -FAR_MM)));
        List<Vec> over = new ArrayList<>(List.of(new Vec(0, left.over(0)), new Vec(peak, left.over(peak))));
        if (!sum.hasOneSlope()) {
            under.add(new Vec(span, right.under(0)));
            over.add(new Vec(span, right.over(0)));
        }
        under.addAll(List.of(new Vec(peak, left.under(peak)), new Vec(0, left.under(0))));
        over.addAll(List.of(new Vec(span, FAR_MM), new Vec(0, FAR_MM)));
        return Area.of(under).and(Area.of(over));
    }
}
