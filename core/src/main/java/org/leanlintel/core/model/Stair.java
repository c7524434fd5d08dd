package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A stair from its storey to the one above. What it amounts to follows from the height between them.
 *
 * @param mark what people call it: ST1
 * @param at the left end of its first riser, as seen going up
 * @param angle the direction its first flight goes up in, radians
 * @param widthMm from string to string, strings included
 */
public record Stair(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        Vec at,
        double angle,
        double widthMm,
        Shape shape,
        Risers risers,
        Going going,
        StairMake make,
        Above above,
        WorkState state)
        implements InWork, OnStorey, Marked {

    public Stair {
        mark = Checks.name("A stair's mark", mark);
        at = Checks.near(at);
        angle = Checks.number("The direction of a stair", angle, -10, 10, "");
        widthMm = Checks.between("A stair's width", widthMm, 300, 5000);
    }

    /** How its flights lie. */
    public sealed interface Shape {}

    /**
     * Straight flights with a turn between each two.
     *
     * @param before the risers of every flight but the last, which has the rest
     */
    public record Flights(List<Integer> before, List<Turn> turns) implements Shape {
        public Flights {
            before = List.copyOf(before);
            turns = List.copyOf(turns);
            if (before.size() != turns.size())
                throw new Unusable("A stair has as many turns as flights before the last.");
            if (turns.size() > 4) throw new Unusable("A stair has four turns at most.");
            for (int risers : before)
                if (risers < 1 || risers > 40)
                    throw new Unusable("A flight has from 1 to 40 risers, not %d.".formatted(risers));
        }
    }

    /**
     * Round a pole.
     *
     * @param poleMm its diameter
     * @param sweep how far it turns from the first riser to the last, radians
     */
    public record Spiral(double poleMm, double sweep, Side side) implements Shape {
        public Spiral {
            poleMm = Checks.between("The pole of a spiral stair", poleMm, 50, 1000);
            sweep = Checks.number("How far a spiral stair turns", sweep, 0.5, 12.6, "");
        }
    }

    /** What lies between two flights. */
    public sealed interface Turn {

        /** How many treads it has: a landing is one. */
        int treads();

        /** The same in a house that is mirrored. */
        Turn mirrored();
    }

    /** Where a flight goes on beyond a landing. */
    public enum Way {
        AHEAD,
        QUARTER,
        /** Back beside itself. */
        HALF
    }

    /**
     * @param side it turns to, where it does
     * @param lengthMm along the flight that leads to it, of one from which the next goes on ahead or back; 0 for as long as the stair is wide, as any
     *     other is
     * @param wellMm between the flights where the next goes back
     */
    public record Landing(Way way, Side side, double lengthMm, double wellMm) implements Turn {
        public Landing {
            lengthMm = Checks.between("The length of a landing", lengthMm, 0, 10_000);
            wellMm = Checks.between("The well between flights", wellMm, 0, 5000);
        }

        /** A quarter turn. */
        public static Landing quarter(Side side) {
            return new Landing(Way.QUARTER, side, 0, 0);
        }

        /** @param widthMm of its stair */
        public double lengthMm(double widthMm) {
            return lengthMm == 0 || way == Way.QUARTER ? widthMm : lengthMm;
        }

        @Override
        public int treads() {
            return 1;
        }

        @Override
        public Landing mirrored() {
            return new Landing(way, side.other(), lengthMm, wellMm);
        }
    }

    /** Three in a quarter turn. @param pivotMm how far outside the inner corner they come together, within the newel */
    public record Winders(Side side, double pivotMm) implements Turn {
        public Winders {
            pivotMm = Checks.between("How far into the newel winders run", pivotMm, 0, 300);
        }

        @Override
        public int treads() {
            return 3;
        }

        @Override
        public Winders mirrored() {
            return new Winders(side.other(), pivotMm);
        }
    }

    /** How many risers. */
    public sealed interface Risers {}

    /** The least number whose riser is within the limit and for which a tread fits. */
    public record LeastRisers() implements Risers {}

    public record FixedRisers(int count) implements Risers {
        public FixedRisers {
            if (count < 2 || count > 60)
                throw new Unusable("A stair has from 2 to 60 risers, not %d.".formatted(count));
        }
    }

    /** From nosing to nosing. */
    public sealed interface Going {}

    /** As long as is comfortable within the rules. */
    public record GoingByRule() implements Going {}

    public record FixedGoing(double mm) implements Going {
        public FixedGoing {
            mm = Checks.between("The going of a stair", mm, 50, 1000);
        }
    }

    /** How the void above comes about. */
    public enum Above {
        /** Found from the headroom and cut. */
        FOUND,
        /** Drawn by hand, and checked. */
        BY_HAND
    }

    public Stair placed(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new Stair(
                otherId,
                otherStorey,
                otherLayer,
                otherMark,
                at,
                angle,
                widthMm,
                shape,
                risers,
                going,
                make,
                above,
                state);
    }

    public Stair made(StairMake other) {
        return new Stair(id, storey, layer, mark, at, angle, widthMm, shape, risers, going, other, above, state);
    }

    public Stair at(Vec otherAt, double otherAngle, Shape otherShape) {
        return new Stair(
                id, storey, layer, mark, otherAt, otherAngle, widthMm, otherShape, risers, going, make, above, state);
    }

    @Override
    public Stair in(WorkState other) {
        return new Stair(id, storey, layer, mark, at, angle, widthMm, shape, risers, going, make, above, other);
    }

    @Override
    public Stair onLayer(ElementId other) {
        return new Stair(id, storey, other, mark, at, angle, widthMm, shape, risers, going, make, above, state);
    }
}
