package org.leanlintel.core.model;

import java.util.List;

/**
 * The rules a project is checked against, chosen as a set.
 *
 * @param name of the set, as "IRC, United States"
 * @param chimneys how far they rise over roofs
 * @param headroom what of a floor under slopes counts
 * @param foundations how deep they lie
 * @param stairs what stairs have to keep to, a set of its own
 */
public record Rules(
        ElementId id,
        String name,
        List<Clearance> clearances,
        Escape escape,
        Support support,
        Chimneys chimneys,
        Headroom headroom,
        Foundations foundations,
        StairRules stairs)
        implements Element.Sole {

    /** There is one, and this is its name. */
    public static final ElementId ID = new ElementId("rules");

    public Rules {
        name = Checks.name("The name of a rule set", name);
        clearances = List.copyOf(clearances);
    }

    public Rules withStairs(StairRules other) {
        return new Rules(id, name, clearances, escape, support, chimneys, headroom, foundations, other);
    }

    /**
     * Free floor that a kind of fitting needs.
     *
     * @param source standard and clause
     * @param sure whether the figure is certain; else it is to be checked
     */
    public record Clearance(Symbol.Kind kind, Where where, double mm, String source, boolean sure) {
        public Clearance {
            mm = Checks.between("A clearance", mm, 1, 10_000);
            source = Checks.name("The source of a rule", source);
        }
    }

    /** Where a clearance lies. */
    public enum Where {
        /** Before the fitting, over all its width. */
        FRONT,
        /** Beside it, over all its depth, on both sides. */
        SIDES,
        /** Beside it, measured from its centre line. */
        CENTRE
    }

    /**
     * What a bedroom needs to be left by in a fire: an outside door, or a window that opens at least so far.
     *
     * @param areaMm2 of the clear opening
     * @param sillMm the clear opening's lower edge above the floor, at most
     */
    public record Escape(double areaMm2, double widthMm, double heightMm, double sillMm, String source, boolean sure) {
        public Escape {
            source = Checks.name("The source of a rule", source);
        }
    }

    /**
     * How high chimneys end.
     *
     * @param overRoofMm over the roof at their upper side, at least
     * @param withinMm roofs that lie so near count; @param overNearMm over the highest place of those, at least
     * @param nearRidgeMm so near to a ridge it is enough to end so far over that: @param overRidgeMm
     */
    public record Chimneys(
            double overRoofMm,
            double withinMm,
            double overNearMm,
            double nearRidgeMm,
            double overRidgeMm,
            String source,
            boolean sure) {
        public Chimneys {
            overRoofMm = Checks.between("How far a chimney rises over its roof", overRoofMm, 0, 10_000);
            withinMm = Checks.between("How near roofs count for a chimney", withinMm, 0, 20_000);
            overNearMm = Checks.between("How far a chimney rises over roofs near it", overNearMm, 0, 10_000);
            nearRidgeMm = Checks.between("How near to a ridge a chimney stands", nearRidgeMm, 0, 20_000);
            overRidgeMm = Checks.between("How far a chimney rises over a ridge", overRidgeMm, 0, 10_000);
            source = Checks.name("The source of a rule", source);
        }
    }

    /**
     * How high rooms are under slopes.
     *
     * @param countsMm floor with less height over it does not count
     * @param fullMm so high is at least a part of what counts: @param fullPart from 0 to 1
     */
    public record Headroom(double countsMm, double fullMm, double fullPart, String source, boolean sure) {
        public Headroom {
            countsMm = Checks.between("The height from which floor counts", countsMm, 0, 3000);
            fullMm = Checks.between("The full height of rooms", fullMm, 0, 4000);
            fullPart = Checks.number("The part of a room of full height", fullPart, 0, 1, "");
            source = Checks.name("The source of a rule", source);
        }
    }

    /**
     * How foundations lie in the ground.
     *
     * @param belowGroundMm their undersides below the finished ground, at least: what frost asks for
     * @param leastThickMm how thick they are at least
     * @param projectsAtMost how far they reach beyond what stands on them, in times their thickness: further out they are reinforced
     */
    public record Foundations(
            double belowGroundMm, double leastThickMm, double projectsAtMost, String source, boolean sure) {
        public Foundations {
            leastThickMm = Checks.between("How thick foundations are", leastThickMm, 0, 5000);
            projectsAtMost = Checks.between("How far foundations reach out", projectsAtMost, 0, 10);
            belowGroundMm = Checks.between("How deep foundations lie", belowGroundMm, 0, 5000);
            source = Checks.name("The source of a rule", source);
        }
    }

    /**
     * How walls stand on those below.
     *
     * @param outOfLineMm how far the outer faces of their structures may lie apart
     */
    public record Support(double outOfLineMm, String source, boolean sure) {
        public Support {
            outOfLineMm = Checks.between("How far walls may stand out of line", outOfLineMm, 0, 1000);
            source = Checks.name("The source of a rule", source);
        }

        /** The source, and whether it is to be checked. */
        public String cited() {
            return sure ? source : source + " (check)";
        }
    }
}
