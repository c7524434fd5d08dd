package org.leanlintel.core.model;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The rules a project is checked against, chosen as a set.
 *
 * @param name of the set, as "IRC, United States"
 * @param chimneys how far they rise over roofs
 * @param headroom what of a floor under slopes counts
 * @param foundations how deep they lie
 * @param drainage how much water gutters and downpipes take
 * @param upstand how far parapets stand up
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
        Drainage drainage,
        Upstand upstand,
        StairRules stairs)
        implements Element.Sole {

    /** There is one, and this is its name. */
    public static final ElementId ID = new ElementId("rules");

    public Rules {
        name = Checks.name("The name of a rule set", name);
        clearances = List.copyOf(clearances);
    }

    public Rules withStairs(StairRules other) {
        return new Rules(
                id, name, clearances, escape, support, chimneys, headroom, foundations, drainage, upstand, other);
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
     * @param saddles which of them need one behind them
     */
    public record Chimneys(
            double overRoofMm,
            double withinMm,
            double overNearMm,
            double nearRidgeMm,
            double overRidgeMm,
            String source,
            boolean sure,
            Saddles saddles) {
        public Chimneys {
            overRoofMm = Checks.between("How far a chimney rises over its roof", overRoofMm, 0, 10_000);
            withinMm = Checks.between("How near roofs count for a chimney", withinMm, 0, 20_000);
            overNearMm = Checks.between("How far a chimney rises over roofs near it", overNearMm, 0, 10_000);
            nearRidgeMm = Checks.between("How near to a ridge a chimney stands", nearRidgeMm, 0, 20_000);
            overRidgeMm = Checks.between("How far a chimney rises over a ridge", overRidgeMm, 0, 10_000);
            source = Checks.name("The source of a rule", source);
        }
    }

    /** Which chimneys need a saddle. @param widerMm those that are wider along the eaves and meet no ridge; 0 where none is asked for */
    public record Saddles(double widerMm, String source, boolean sure) {
        public Saddles {
            widerMm = Checks.between("How wide a chimney without a saddle is", widerMm, 0, 10_000);
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

    /** @param leastMm of a wall over the top of a roof that ends within it */
    public record Upstand(double leastMm, String source, boolean sure) {
        public Upstand {
            leastMm = Checks.between("The least upstand of a rule", leastMm, 0, 2000);
            source = Checks.name("The source of a rule", source);
        }
    }

    /**
     * How much roof gutters and downpipes drain.
     *
     * @param gutters by their widths, from the narrowest; one between two counts as the narrower
     * @param slopes by how much more a slope collects than its area in plan, from the flattest; between two it is told by both
     * @param freeM2 an effective area so small may drip off; @param rainfall what it holds for, in words
     */
    public record Drainage(
            List<Gutter> gutters, List<Sloped> slopes, double freeM2, String rainfall, String source, boolean sure) {
        public Drainage {
            gutters = List.copyOf(gutters);
            slopes = List.copyOf(slopes);
            freeM2 = Checks.number("The area that may drip off", freeM2, 0, 10_000, " m2");
            rainfall = Checks.text("The rainfall of a rule", rainfall, 120);
            source = Checks.name("The source of a rule", source);
            if (gutters.size() > 20 || slopes.size() > 20)
                throw new Unusable("A rule on gutters has 20 widths and 20 slopes at most.");
            for (int i = 1; i < gutters.size(); i++)
                if (!(gutters.get(i - 1).widthMm() < gutters.get(i).widthMm()))
                    throw new Unusable("The gutters of a rule stand from the narrowest to the widest.");
            for (int i = 1; i < slopes.size(); i++)
                if (!(slopes.get(i - 1).degrees() < slopes.get(i).degrees()))
                    throw new Unusable("The slopes of a rule stand from the flattest to the steepest.");
        }

        /**
         * The effective area one downpipe at the end of a gutter takes, m2; null where the rule says nothing of such a gutter.
         */
        public @Nullable Double perPipeM2(double gutterMm) {
            Double most = null;
            for (Gutter g : gutters) if (g.widthMm() <= gutterMm + 1) most = g.m2();
            return most;
        }

        /** How many times its area in plan a slope counts. @param tan rise per run */
        public double times(double tan) {
            double degrees = Math.toDegrees(Math.atan(tan));
            Sloped before = new Sloped(0, 1);
            for (Sloped s : slopes) {
                if (degrees <= s.degrees())
                    return before.times()
                            + (s.times() - before.times())
                                    * (degrees - before.degrees())
                                    / Math.max(1e-9, s.degrees() - before.degrees());
                before = s;
            }
            return before.times();
        }

        /** The source, and whether it is to be checked. */
        public String cited() {
            return sure ? source : source + " (check)";
        }
    }

    /** @param m2 effective area that it drains to a downpipe at its end */
    public record Gutter(double widthMm, double m2) {
        public Gutter {
            widthMm = Checks.between("A gutter's width", widthMm, 1, 500);
            m2 = Checks.number("The area a gutter drains", m2, 0, 10_000, " m2");
        }
    }

    /** A slope and how many times its area in plan it counts. */
    public record Sloped(double degrees, double times) {
        public Sloped {
            degrees = Checks.number("A slope's pitch", degrees, 0, 90, " degrees");
            times = Checks.number("What a slope counts", times, 0, 10, "");
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
