package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * What goes through a roof, square to the slope it lies in.
 *
 * @param mark what people call it: RL1, CH1
 * @param at its middle, in plan
 * @param widthMm along the eaves
 * @param lengthMm of a light along the slope, of a stack in plan
 */
public record RoofPart(
        ElementId id,
        ElementId roof,
        ElementId layer,
        String mark,
        Vec at,
        double widthMm,
        double lengthMm,
        Make make,
        WorkState state)
        implements InWork, Marked {

    public RoofPart {
        mark = Checks.name("The mark of what goes through a roof", mark);
        at = Checks.near(at);
        widthMm = Checks.between("The width of what goes through a roof", widthMm, 100, 10_000);
        lengthMm = Checks.between("The length of what goes through a roof", lengthMm, 100, 10_000);
    }

    /** What it is. */
    public sealed interface Make {}

    /** A window in the slope. @param frameMm the face of its frame; @param standsMm over the roof's covering, up to the frame's top */
    public record RoofLight(double frameMm, double standsMm) implements Make {
        public RoofLight {
            frameMm = Checks.between("The face of a roof light's frame", frameMm, 10, 300);
            standsMm = Checks.between("How far a roof light stands over the rafters", standsMm, 0, 1000);
        }
    }

    /** A chimney or a flue. @param aboveMm over the highest place of the roof at it */
    public record Stack(double aboveMm, ElementId material) implements Make {
        public Stack {
            aboveMm = Checks.between("How far a stack rises over the roof", aboveMm, 50, 10_000);
        }
    }

    /** What its mark begins with. */
    public String letters() {
        return make instanceof RoofLight ? "RL" : "CH";
    }

    public String noun() {
        return make instanceof RoofLight ? "roof light" : "chimney";
    }

    public RoofPart on(ElementId otherId, ElementId otherRoof, ElementId otherLayer, String otherMark, Make otherMake) {
        return new RoofPart(otherId, otherRoof, otherLayer, otherMark, at, widthMm, lengthMm, otherMake, state);
    }

    public RoofPart moved(Vec to) {
        return new RoofPart(id, roof, layer, mark, to, widthMm, lengthMm, make, state);
    }

    @Override
    public RoofPart in(WorkState other) {
        return new RoofPart(id, roof, layer, mark, at, widthMm, lengthMm, make, other);
    }

    @Override
    public RoofPart onLayer(ElementId other) {
        return new RoofPart(id, roof, other, mark, at, widthMm, lengthMm, make, state);
    }
}
