package org.leanlintel.core.model;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a stair in a dwelling has to keep to: data, so that an office can add a set of its own.
 *
 * @param name of the set, as "Approved Document K, private stair"
 */
public record StairRules(String name, List<Limit> limits) {

    public StairRules {
        name = Checks.name("The name of a set of rules for stairs", name);
        limits = List.copyOf(limits);
        if (limits.stream().map(Limit::what).distinct().count() < limits.size())
            throw new Unusable("A set of rules for stairs limits each thing once.");
    }

    /**
     * One of its limits.
     *
     * @param value millimetres, degrees or a count, as {@code what} says; at least 1, as a limit of nothing limits nothing
     * @param source standard and clause
     * @param sure whether the figure is certain; else it is to be checked
     */
    public record Limit(What what, double value, String source, boolean sure) {
        public Limit {
            value = Checks.between("A limit for stairs", value, 1, 20_000);
            source = Checks.name("The source of a rule", source);
        }

        /** The source, marked where the figure is to be checked. */
        public String cited() {
            return sure ? source : source + " (check)";
        }
    }

    /** What is limited. Millimetres where nothing else is said. */
    public enum What {
        RISE_MOST,
        RISE_LEAST,
        GOING_LEAST,
        GOING_MOST,
        /** Twice the rise and the going. */
        SUM_LEAST,
        SUM_MOST,
        /** Degrees. */
        PITCH_MOST,
        /** Upright above the line of the nosings. */
        HEADROOM_LEAST,
        WIDTH_LEAST,
        /** A count, in one flight. */
        RISERS_MOST,
        /** A count, in one flight. */
        RISERS_LEAST,
        /** Height from one landing to the next. */
        RISE_BETWEEN_LANDINGS_MOST,
        /** A landing's length in the direction of travel; it is always at least as long as the stair is wide. */
        LANDING_LEAST,
        /** The same as a part of the stair's width, 1 for as long as it is wide. */
        LANDING_OF_WIDTH_LEAST,
        /** How far from the narrow side winders are walked; in the middle where nothing is said. */
        WALKLINE_FROM_INSIDE,
        /** The going of winders on the line they are walked on. */
        WINDER_GOING_LEAST,
        /** The going of winders at their narrow end. */
        WINDER_NARROW_LEAST,
        /** A count, in a quarter turn. */
        WINDERS_MOST,
        NOSING_LEAST,
        NOSING_MOST,
        /** A going so long that a nosing need not project. */
        NOSING_NOT_NEEDED_FROM,
        /** How far treads lap over those below them where risers are open. */
        OPEN_LAP_LEAST,
        /** A count: a flight with so many risers needs a handrail. */
        HANDRAIL_FROM_RISERS,
        /** A stair so wide needs one at both sides. */
        HANDRAILS_BOTH_FROM_WIDTH,
        HANDRAIL_LEAST,
        HANDRAIL_MOST,
        /** Between balusters, and of open risers. */
        GAP_MOST,
        SPIRAL_RISE_MOST,
        SPIRAL_GOING_LEAST,
        SPIRAL_HEADROOM_LEAST
    }

    /** The limit for something; null where this set has none. */
    public @Nullable Limit limit(What what) {
        for (Limit l : limits) if (l.what() == what) return l;
        return null;
    }

    /** The value of a limit, or {@code otherwise} where this set has none. */
    public double value(What what, double otherwise) {
        return limit(what) instanceof Limit l ? l.value() : otherwise;
    }

    /** The headroom that is asked for; null where none is. */
    public @Nullable Limit headroom(boolean spiral) {
        return spiral && limit(What.SPIRAL_HEADROOM_LEAST) instanceof Limit l ? l : limit(What.HEADROOM_LEAST);
    }
}
