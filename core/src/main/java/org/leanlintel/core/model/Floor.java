package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A floor of a storey: of a room, a storey, a porch or a terrace.
 *
 * @param mark what people call it: FL1
 * @param stepMm its finished top above the storey's level, below it where negative
 * @param span the direction its structure spans in, radians
 */
public record Floor(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        ElementId buildUp,
        Outline outline,
        double stepMm,
        double span,
        Fall fall,
        WorkState state)
        implements InWork, OnStorey, Marked {

    public Floor {
        mark = Checks.name("A floor's mark", mark);
        stepMm = Checks.between("A floor's step from its storey's level", stepMm, -5000, 5000);
        span = Checks.number("The direction a floor spans in", span, -10, 10, "");
    }

    /** How far it reaches. */
    public sealed interface Outline {}

    /** All that a shell closes round, and so far into it. @param seed a point of it */
    public record InsideShell(Vec seed, Edge edge) implements Outline {
        public InsideShell {
            seed = Checks.near(seed);
        }
    }

    /** As drawn. It takes its place from floors that fill the shell. @param ring not repeating the first point */
    public record Drawn(List<Vec> ring) implements Outline {
        public Drawn {
            ring = Checks.ring("A floor", ring);
        }
    }

    /** Where in the walls of a shell a floor ends. */
    public enum Edge {
        /** At their finished inner faces. */
        INNER_FACE,
        /** At the inner faces of their structure. */
        STRUCTURE_INNER,
        /** At the outer faces of their structure. */
        STRUCTURE_OUTER,
        /** At their outer faces. */
        OUTER_FACE
    }

    /** Whether it lies level. */
    public sealed interface Fall {}

    public record Level() implements Fall {}

    /** It falls from its highest edge. @param direction downhill, radians; @param slope fall per length, 0.0125 for 1:80 */
    public record Falling(double direction, double slope) implements Fall {
        public Falling {
            direction = Checks.number("The direction of a fall", direction, -10, 10, "");
            if (!(slope > 0 && slope <= 0.5)) throw new Unusable("A floor falls by 1:2 at most.");
        }
    }

    public Floor on(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new Floor(otherId, otherStorey, otherLayer, otherMark, buildUp, outline, stepMm, span, fall, state);
    }

    public Floor within(Outline other, double otherSpan) {
        return new Floor(id, storey, layer, mark, buildUp, other, stepMm, otherSpan, fall, state);
    }

    @Override
    public Floor in(WorkState other) {
        return new Floor(id, storey, layer, mark, buildUp, outline, stepMm, span, fall, other);
    }

    @Override
    public Floor onLayer(ElementId other) {
        return new Floor(id, storey, other, mark, buildUp, outline, stepMm, span, fall, state);
    }
}
