package org.leanlintel.core.model;

/**
 * Steps or a ramp from the ground up to a landing before an outside door. How many steps follows from the door's sill and
 * the ground.
 *
 * @param mark what people call it: OS1
 * @param opening the door it leads to, in whose middle it lies
 * @param landingMm how deep the landing is, from the wall's outer face
 */
public record OutsideSteps(
        ElementId id,
        ElementId layer,
        String mark,
        ElementId opening,
        double widthMm,
        double landingMm,
        Way way,
        ElementId material,
        WorkState state)
        implements InWork, Marked {

    public OutsideSteps {
        mark = Checks.name("The mark of steps", mark);
        widthMm = Checks.between("The width of steps", widthMm, 300, 20_000);
        landingMm = Checks.between("The depth of a landing", landingMm, 100, 10_000);
    }

    /** The same before another door. */
    public OutsideSteps on(
            ElementId otherId, ElementId door, ElementId otherLayer, String otherMark, ElementId otherMaterial) {
        return new OutsideSteps(otherId, otherLayer, otherMark, door, widthMm, landingMm, way, otherMaterial, state);
    }

    /** How the ground is left. */
    public sealed interface Way {}

    /** Equal risers. @param goingMm from nosing to nosing */
    public record Steps(double goingMm) implements Way {
        public Steps {
            goingMm = Checks.between("The going of steps", goingMm, 150, 2000);
        }
    }

    /** A ramp. @param slope rise per length, 0.0833 for 1:12 */
    public record Ramp(double slope) implements Way {
        public Ramp {
            if (!(slope >= 0.005 && slope <= 0.25)) throw new Unusable("A ramp rises between 1:200 and 1:4.");
        }
    }

    @Override
    public OutsideSteps in(WorkState other) {
        return new OutsideSteps(id, layer, mark, opening, widthMm, landingMm, way, material, other);
    }

    @Override
    public OutsideSteps onLayer(ElementId other) {
        return new OutsideSteps(id, other, mark, opening, widthMm, landingMm, way, material, state);
    }
}
