package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * A foundation under what stands on the ground: a strip under walls or a pad under a post, with what carries them up from it.
 *
 * @param mark what people call it: FT1
 * @param under what stands on it
 * @param widthMm across walls; of a pad, both ways
 * @param depthMm how thick it is
 * @param undersideMm above its storey's level, below it where negative
 */
public record Footing(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        Under under,
        double widthMm,
        double depthMm,
        double undersideMm,
        ElementId material,
        Rising rising,
        WorkState state)
        implements InWork, OnStorey, Marked {

    public Footing {
        mark = Checks.name("A foundation's mark", mark);
        widthMm = Checks.between("The width of a foundation", widthMm, 50, 10_000);
        depthMm = Checks.between("The thickness of a foundation", depthMm, 50, 5000);
        undersideMm = Checks.between("The underside of a foundation", undersideMm, -20_000, 20_000);
    }

    /** What stands on it. */
    public sealed interface Under {}

    /** All walls of a shell. @param seed a point of it */
    public record UnderShell(Vec seed) implements Under {
        public UnderShell {
            seed = Checks.near(seed);
        }
    }

    public record UnderWall(ElementId wall) implements Under {}

    public record UnderPost(ElementId post) implements Under {}

    /** What stands on it up to the foot of the walls. */
    public sealed interface Rising {}

    /** The walls stand on it themselves. */
    public record Straight() implements Rising {}

    /** A wall or a pier in the ground. */
    public record Stem(ElementId material, double widthMm) implements Rising {
        public Stem {
            widthMm = Checks.between("The width of a foundation wall", widthMm, 50, 5000);
        }
    }

    /** Above its storey's level. */
    public double topMm() {
        return undersideMm + depthMm;
    }

    public Footing under(Under other) {
        return new Footing(id, storey, layer, mark, other, widthMm, depthMm, undersideMm, material, rising, state);
    }

    public Footing on(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new Footing(
                otherId,
                otherStorey,
                otherLayer,
                otherMark,
                under,
                widthMm,
                depthMm,
                undersideMm,
                material,
                rising,
                state);
    }

    public Footing of(ElementId otherMaterial, Rising other) {
        return new Footing(id, storey, layer, mark, under, widthMm, depthMm, undersideMm, otherMaterial, other, state);
    }

    @Override
    public Footing in(WorkState other) {
        return new Footing(id, storey, layer, mark, under, widthMm, depthMm, undersideMm, material, rising, other);
    }

    @Override
    public Footing onLayer(ElementId other) {
        return on(id, storey, other, mark);
    }
}
