package org.leanlintel.core.stair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Stair.Flights;
import org.leanlintel.core.model.Stair.Landing;
import org.leanlintel.core.model.Stair.Turn;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.stair.StairJudgement.Figure;
import org.leanlintel.core.stair.StairJudgement.Unit;

/**
 * The stairs that fit into a rectangle, starting from one of its corners, and why others do not. Each layout is tried both
 * ways round, with as many risers as the rules ask for, or one more where none fits, and every way of parting them between its flights.
 */
public final class StairWell {

    /** A rectangle: from the corner the stair starts in, along two sides. */
    public record Rectangle(Vec corner, Vec along, double alongMm, Vec across, double acrossMm) {

        /** Between two opposite corners, its sides turned by an angle. */
        public static Rectangle of(Vec corner, Vec opposite, double radians) {
            Vec x = Vec.ofAngle(radians), way = opposite.minus(corner);
            double a = way.dot(x), b = way.dot(x.left());
            return new Rectangle(
                    corner,
                    a < 0 ? x.times(-1) : x,
                    Math.abs(a),
                    b < 0 ? x.left().times(-1) : x.left(),
                    Math.abs(b));
        }

        @SuppressWarnings("ArgumentSelectionDefectChecker")
        Rectangle turned() {
            return new Rectangle(corner, across, acrossMm, along, alongMm);
        }
    }

    /**
     * A layout that was tried.
     *
     * @param fits whether it fits and keeps every rule
     * @param reason why it does not; where it does, how it walks
     * @param stair the stair it would be, the one that comes nearest where none fits
     * @param shortMm by how much it does not fit
     */
    public record Choice(
            String name, boolean fits, String reason, Stair stair, double sumMm, double areaMm2, double shortMm) {}

    private enum Layout {
        STRAIGHT("Straight"),
        QUARTER("Quarter landing"),
        HALF("Half landing"),
        TWO_QUARTERS("Two quarter landings"),
        QUARTER_WINDERS("Quarter turn of winders"),
        HALF_WINDERS("Half turn of winders");

        final String words;

        Layout(String words) {
            this.words = words;
        }
    }

    private final Stair like;
    private final Rectangle well;
    private final StairHeights heights;
    private final StairRules rules;
    private final double stepMm;
    private final LengthPrinter lengths;

    /** @param like the stair to be, with its width and make; its place and shape do not matter */
    public StairWell(
            Stair like, Rectangle well, StairHeights heights, StairRules rules, double stepMm, LengthPrinter lengths) {
        this.like = like;
        this.well = well;
        this.heights = heights;
        this.rules = rules;
        this.stepMm = stepMm;
        this.lengths = lengths;
    }

    /** One choice for each layout: those that fit first, the easiest to walk first, then the smallest. */
    public List<Choice> choices() {
        List<Choice> choices = new ArrayList<>();
        for (Layout layout : Layout.values()) choices.add(best(layout));
        choices.sort(order());
        return choices;
    }

    private static Comparator<Choice> order() {
        return Comparator.<Choice, Boolean>comparing(c -> !c.fits())
                .thenComparingDouble(c -> Math.abs(c.sumMm() - StairSum.COMFORT_MM))
                .thenComparingDouble(Choice::areaMm2);
    }

    /** Of one layout: what fits, then what breaks a rule but fits, then what comes nearest. */
    private static final Comparator<Choice> NEAREST =
            Comparator.comparingDouble(Choice::shortMm).thenComparing(order());

    private Choice best(Layout layout) {
        int least = like.risers() instanceof Stair.FixedRisers f
                ? f.count()
                : StairSum.leastRisers(heights.riseMm(), rules, false);
        Choice best = best(layout, least);
        if (best.fits() || like.risers() instanceof Stair.FixedRisers) return best;
        Choice more = best(layout, least + 1);
        return more.fits() ? more : best;
    }

    private Choice best(Layout layout, int risers) {
        List<Choice> tried = new ArrayList<>();
        for (Rectangle way : List.of(well, well.turned()))
            for (List<Integer> before : parts(layout, risers)) tried.add(tried(layout, way, risers, before));
        return tried.stream().min(NEAREST).orElseThrow();
    }

    /** Every way of parting n risers, the most even first. */
    private static List<List<Integer>> parts(Layout layout, int n) {
        List<List<Integer>> parts = new ArrayList<>();
        switch (layout) {
            case STRAIGHT -> parts.add(List.of());
            case QUARTER, HALF -> two(n, parts);
            case QUARTER_WINDERS -> two(n - 2, parts);
            case HALF_WINDERS -> {
                List<List<Integer>> firsts = new ArrayList<>();
                two(n - 5, firsts);
                for (List<Integer> first : firsts) parts.add(List.of(first.getFirst(), 1));
            }
            case TWO_QUARTERS -> {
                for (int middle = 2; middle <= n - 4; middle++) {
                    List<List<Integer>> firsts = new ArrayList<>();
                    two(n - middle, firsts);
                    for (List<Integer> first : firsts) parts.add(List.of(first.getFirst(), middle));
                }
            }
        }
        return parts;
    }

    private static void two(int n, List<List<Integer>> parts) {
        List<Integer> firsts = new ArrayList<>();
        for (int a = 2; a <= n - 2; a++) firsts.add(a);
        firsts.sort(Comparator.comparingInt(a -> Math.abs(2 * a - n)));
        for (int a : firsts) parts.add(List.of(a));
    }

    /** How many goings long and how many widths a layout is, along the first flight and across it. */
    private record Needs(int goingsAlong, double widthsAlong, int goingsAcross, double widthsAcross) {

        static Needs of(Layout layout, int n, List<Integer> before) {
            return switch (layout) {
                case STRAIGHT -> new Needs(n - 1, 0, 0, 1);
                case QUARTER -> new Needs(before.get(0) - 1, 1, n - before.get(0) - 1, 1);
                case QUARTER_WINDERS -> new Needs(before.get(0) - 1, 1, n - before.get(0) - 3, 1);
                case HALF -> new Needs(Math.max(before.get(0), n - before.get(0)) - 1, 1, 0, 2);
                case HALF_WINDERS -> new Needs(Math.max(before.get(0), n - before.get(0) - 5) - 1, 1, 0, 2);
                case TWO_QUARTERS ->
                    new Needs(Math.max(before.get(0), n - before.get(0) - before.get(1)) - 1, 1, before.get(1) - 1, 2);
            };
        }
    }

    private Choice tried(Layout layout, Rectangle way, int n, List<Integer> before) {
        Needs needs = Needs.of(layout, n, before);
        double w = like.widthMm(), riser = heights.riseMm() / n;
        double pivot = like.make().newelMm() / 2, p = isWound(layout) ? pivot : 0;
        double wanted = StairSum.of(fixed(n), heights.riseMm(), rules, stepMm).goingMm();
        double forGoings = way.alongMm() - needs.widthsAlong() * w - p;
        double room = needs.goingsAlong() == 0 ? wanted : forGoings / needs.goingsAlong();
        double acrossLeft = way.acrossMm()
                - needs.widthsAcross() * w
                - (needs.widthsAcross() > 1 ? 2 * p : p * (needs.goingsAcross() > 0 ? 1 : 0));
        if (needs.goingsAcross() > 0) room = Math.min(room, acrossLeft / needs.goingsAcross());
        double least = StairSum.leastGoing(riser, rules);
        double going = Math.max(least, Math.min(wanted, Math.floor(room / stepMm + 1e-6) * stepMm));
        if (going > room && room >= least) going = room;
        Stair stair = stair(layout, way, before, n, going, Math.max(0, acrossLeft), p);
        double shortAlong = needs.goingsAlong() * going - forGoings;
        double shortAcross = needs.goingsAcross() * going - acrossLeft;
        StairPlan plan = StairPlan.of(stair, new StairSum(heights.riseMm(), n, going));
        double area = plan.outline().mm2();
        double sum = plan.sum().sumMm();
        if (shortAlong > 0.5 || shortAcross > 0.5) {
            boolean along = shortAlong > shortAcross;
            String reason = "%s too short for %d risers of %s and a going of %s, the least there may be."
                    .formatted(
                            lengths.print(along ? shortAlong : shortAcross),
                            n,
                            lengths.print(riser),
                            lengths.print(going));
            return new Choice(layout.words, false, reason, stair, sum, area, Math.max(shortAlong, shortAcross));
        }
        for (Figure f : StairJudgement.of(plan, rules, StairVoid.needed(rules, false)))
            if (!f.holds()) return new Choice(layout.words, false, broken(f), stair, sum, area, 0);
        return new Choice(
                layout.words,
                true,
                "%d risers of %s, going %s, 2R+G %s."
                        .formatted(n, lengths.print(riser), lengths.print(going), lengths.print(sum)),
                stair,
                sum,
                area,
                0);
    }

    private String broken(Figure f) {
        StairRules.Limit limit = Objects.requireNonNull(f.broken());
        return "%s %s, %s %s by %s."
                .formatted(
                        f.name(),
                        print(f.value(), f.unit()),
                        print(limit.value(), f.unit()),
                        f.isBelow() ? "at least" : "at most",
                        limit.cited());
    }

    private String print(double value, Unit unit) {
        return switch (unit) {
            case MM -> lengths.print(value);
            case DEGREES -> "%.1f degrees".formatted(value);
            case COUNT -> Long.toString(Math.round(value));
        };
    }

    /** How many goings the last flight, coming back, is longer than the first: so far in that one starts. */
    private static int back(Layout layout, Flights flights, int risers) {
        return switch (layout) {
            case STRAIGHT, QUARTER, QUARTER_WINDERS -> 0;
            case HALF, TWO_QUARTERS, HALF_WINDERS ->
                Math.max(
                        0,
                        StairPlan.lastFlight(flights, risers) - flights.before().getFirst());
        };
    }

    private static boolean isWound(Layout layout) {
        return layout == Layout.QUARTER_WINDERS || layout == Layout.HALF_WINDERS;
    }

    private Stair fixed(int n) {
        return with(
                like.at(),
                like.angle(),
                new Flights(List.of(), List.of()),
                new Stair.FixedRisers(n),
                new Stair.GoingByRule());
    }

    private Stair with(Vec at, double angle, Stair.Shape shape, Stair.Risers risers, Stair.Going going) {
        return new Stair(
                like.id(),
                like.storey(),
                like.layer(),
                like.mark(),
                at,
                angle,
                like.widthMm(),
                shape,
                risers,
                going,
                like.make(),
                like.above(),
                WorkState.NEW);
    }

    private Stair stair(
            Layout layout, Rectangle way, List<Integer> before, int n, double going, double left, double p) {
        boolean toLeft = way.along().left().dot(way.across()) > 0;
        Side side = toLeft ? Side.LEFT : Side.RIGHT;
        Turn quarter = isWound(layout) ? new Stair.Winders(side, p) : Landing.quarter(side);
        List<Turn> turns =
                switch (layout) {
                    case STRAIGHT -> List.of();
                    case QUARTER, QUARTER_WINDERS -> List.of(quarter);
                    case HALF -> List.of(new Landing(Stair.Way.HALF, side, 0, left));
                    case TWO_QUARTERS, HALF_WINDERS -> List.of(quarter, quarter);
                };
        Flights flights = new Flights(before, turns);
        Vec corner = way.corner().along(way.along(), back(layout, flights, n) * going);
        Vec at = toLeft ? corner.along(way.across(), like.widthMm()) : corner;
        boolean sameRisers = n == StairSum.leastRisers(heights.riseMm(), rules, false);
        return with(
                at,
                way.along().angle(),
                flights,
                sameRisers && !(like.risers() instanceof Stair.FixedRisers)
                        ? new Stair.LeastRisers()
                        : new Stair.FixedRisers(n),
                new Stair.FixedGoing(going));
    }
}
