package org.leanlintel.core.stair;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;

/** The figures of a stair, each beside what the rules ask of it. */
public final class StairJudgement {

    /** How a figure is counted. */
    public enum Unit {
        MM,
        DEGREES,
        COUNT
    }

    /**
     * One figure.
     *
     * @param least what it must not be under; null where no rule says
     * @param most what it must not be over; null where no rule says
     */
    public record Figure(String name, double value, Unit unit, @Nullable Limit least, @Nullable Limit most) {

        private static final double HAIR = 1e-6;

        public boolean isBelow() {
            return least != null && value < least.value() - HAIR * Math.max(1, least.value());
        }

        public boolean isAbove() {
            return most != null && value > most.value() + HAIR * Math.max(1, most.value());
        }

        public boolean holds() {
            return !isBelow() && !isAbove();
        }

        /** The limit it breaks; null where it holds. */
        public @Nullable Limit broken() {
            return isBelow() ? least : isAbove() ? most : null;
        }
    }

    private final StairPlan plan;
    private final StairSum sum;
    private final StairRules rules;
    private final boolean spiral;
    private final List<Figure> figures = new ArrayList<>();

    private StairJudgement(StairPlan plan, StairRules rules) {
        this.plan = plan;
        this.rules = rules;
        sum = plan.sum();
        spiral = plan.stair().shape() instanceof Stair.Spiral;
    }

    /** @param headroomMm the least there is */
    public static List<Figure> of(StairPlan plan, StairRules rules, double headroomMm) {
        StairJudgement judged = new StairJudgement(plan, rules);
        judged.steps();
        judged.flights();
        judged.winders();
        judged.room(headroomMm);
        judged.make();
        return List.copyOf(judged.figures);
    }

    private void add(String name, double value, Unit unit, @Nullable What least, @Nullable What most) {
        figures.add(new Figure(
                name, value, unit, least == null ? null : rules.limit(least), most == null ? null : rules.limit(most)));
    }

    private What spiralOr(What ofSpiral, What otherwise) {
        return spiral && rules.limit(ofSpiral) != null ? ofSpiral : otherwise;
    }

    private void steps() {
        add("Risers", sum.risers(), Unit.COUNT, null, null);
        add("Riser", sum.riserMm(), Unit.MM, What.RISE_LEAST, spiralOr(What.SPIRAL_RISE_MOST, What.RISE_MOST));
        if (spiral) {
            add(
                    "Going where it is walked",
                    sum.goingMm(),
                    Unit.MM,
                    spiralOr(What.SPIRAL_GOING_LEAST, What.GOING_LEAST),
                    null);
            add("Pitch where it is walked", Math.toDegrees(sum.pitch()), Unit.DEGREES, null, null);
            add("Twice the rise and the going", sum.sumMm(), Unit.MM, null, null);
            return;
        }
        add("Going", sum.goingMm(), Unit.MM, What.GOING_LEAST, What.GOING_MOST);
        add("Pitch", Math.toDegrees(sum.pitch()), Unit.DEGREES, null, What.PITCH_MOST);
        add("Twice the rise and the going", sum.sumMm(), Unit.MM, What.SUM_LEAST, What.SUM_MOST);
        add("Run of its flights", plan.runMm(), Unit.MM, null, null);
    }

    private void flights() {
        add("String length", stringMm(), Unit.MM, null, null);
        add("Width", plan.stair().widthMm(), Unit.MM, What.WIDTH_LEAST, null);
        if (spiral) return;
        int most = plan.flights().stream().mapToInt(Flight::risers).max().orElse(0);
        int least = plan.flights().stream().mapToInt(Flight::risers).min().orElse(0);
        add("Risers in the longest flight", most, Unit.COUNT, null, What.RISERS_MOST);
        if (least != most || rules.limit(What.RISERS_LEAST) != null && least < 3)
            add("Risers in the shortest flight", least, Unit.COUNT, What.RISERS_LEAST, null);
        add("Rise between landings", betweenLandings() * sum.riserMm(), Unit.MM, null, What.RISE_BETWEEN_LANDINGS_MOST);
        plan.treads().stream()
                .filter(t -> t.of() == Of.LANDING)
                .mapToDouble(StairPlan.Tread::lengthMm)
                .min()
                .ifPresent(mm -> add("Length of its landings", mm, Unit.MM, What.LANDING_LEAST, null));
    }

    /** Of the longest flight, along the line of its nosings, and one riser on. */
    private double stringMm() {
        int longest = plan.flights().stream().mapToInt(Flight::risers).max().orElse(sum.risers());
        return longest * sum.slopeMm();
    }

    /** The most risers between two places where one may stand. */
    private int betweenLandings() {
        int most = 0, last = 0;
        for (StairPlan.Tread t : plan.treads()) {
            if (t.of() != Of.LANDING) continue;
            most = Math.max(most, t.number() - last);
            last = t.number();
        }
        return Math.max(most, sum.risers() - last);
    }

    private void winders() {
        if (!(plan.stair().shape() instanceof Stair.Flights f)) return;
        for (Stair.Turn turn : f.turns()) {
            if (!(turn instanceof Stair.Winders winders)) continue;
            double w = plan.stair().widthMm(), p = winders.pivotMm(), each = Math.PI / 6;
            double inside = rules.value(What.WALKLINE_FROM_INSIDE, w / 2);
            double walked = 2 * (p + Math.min(inside, w)) * Math.sin(each / 2);
            add("Winders: going where they are walked", walked, Unit.MM, What.WINDER_GOING_LEAST, What.GOING_MOST);
            add("Winders: going at the narrow end", narrow(p), Unit.MM, What.WINDER_NARROW_LEAST, null);
            add("Winders in a quarter turn", turn.treads(), Unit.COUNT, null, What.WINDERS_MOST);
            return;
        }
    }

    /** The kite in the corner is the narrowest: between where its edges leave the newel, whose corner the pivot lies in. */
    private static double narrow(double p) {
        double across = p - p * Math.tan(Math.PI / 6);
        return new Vec(across, across).length();
    }

    private void room(double headroomMm) {
        add("Headroom", headroomMm, Unit.MM, spiralOr(What.SPIRAL_HEADROOM_LEAST, What.HEADROOM_LEAST), null);
    }

    private void make() {
        StairMake make = plan.stair().make();
        add("Nosing", make.nosingMm(), Unit.MM, nosingLeast(make), What.NOSING_MOST);
        if (make.hasOpenRisers())
            add("Clear between treads", sum.riserMm() - make.treadMm(), Unit.MM, null, What.GAP_MOST);
        Limit rails = railsNeeded();
        if (rails != null) figures.add(new Figure("Handrails", make.rails().sides(), Unit.COUNT, rails, null));
        if (make.rails() != StairMake.Rails.NONE)
            add("Handrail above the nosings", make.railMm(), Unit.MM, What.HANDRAIL_LEAST, What.HANDRAIL_MOST);
    }

    /** At how many sides, by the rule that says so; null where none does. */
    private @Nullable Limit railsNeeded() {
        if (rules.limit(What.HANDRAILS_BOTH_FROM_WIDTH) instanceof Limit l
                && plan.stair().widthMm() >= l.value() - Figure.HAIR)
            return new Limit(l.what(), 2, l.source(), l.sure());
        return rules.limit(What.HANDRAIL_FROM_RISERS) instanceof Limit l && sum.risers() >= l.value()
                ? new Limit(l.what(), 1, l.source(), l.sure())
                : null;
    }

    private @Nullable What nosingLeast(StairMake make) {
        if (make.hasOpenRisers()) return What.OPEN_LAP_LEAST;
        boolean isLong = !spiral
                && rules.limit(What.NOSING_NOT_NEEDED_FROM) instanceof Limit l
                && sum.goingMm() >= l.value() * (1 - Figure.HAIR);
        return isLong ? null : What.NOSING_LEAST;
    }
}
