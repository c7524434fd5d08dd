package org.leanlintel.core.model;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;

/**
 * What goes through a roof, or stands out of it, square to the slope it lies in.
 *
 * @param mark what people call it: RL1, CH1, DO1, DP1, RO1
 * @param at its middle, in plan; of a dormer the middle of its front
 * @param widthMm along the eaves; of a dormer between the outer faces of its cheeks
 * @param lengthMm of a light along the slope, of a stack in plan; of a dormer its front's height, from the slope to its plates
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
        widthMm = Checks.between("The width of what goes through a roof", widthMm, 40, 10_000);
        lengthMm = Checks.between("The length of what goes through a roof", lengthMm, 40, 10_000);
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

    /**
     * A chimney or a flue.
     *
     * @param aboveMm over the highest place of the roof at it
     * @param behind what leads the water round it
     */
    public record Stack(double aboveMm, ElementId material, Behind behind) implements Make {
        public Stack {
            aboveMm = Checks.between("How far a stack rises over the roof", aboveMm, 50, 10_000);
        }
    }

    /** What lies on the slope above a stack. */
    public sealed interface Behind {}

    public record Bare() implements Behind {}

    /** Two slopes that fall to its sides, from a level ridge in its middle. */
    public record Saddle(Pitch pitch) implements Behind {}

    /**
     * A room's way out of a slope, with a front, cheeks and a roof of its own.
     *
     * @param pitch of its roof; of a shed's from the front upwards
     * @param overMm how far its roof stands out, before its front and beside its cheeks
     * @param wallMm how thick its front and its cheeks are
     * @param windowWidthMm of the window in the middle of its front; 0 for none
     * @param sillMm of that, over the slope at the front
     * @param material of front and cheeks
     */
    public record Dormer(
            Form form,
            Pitch pitch,
            double overMm,
            double wallMm,
            double windowWidthMm,
            double windowHeightMm,
            double sillMm,
            ElementId material)
            implements Make {
        public Dormer {
            overMm = Checks.between("How far a dormer's roof stands out", overMm, 0, 1000);
            wallMm = Checks.between("The thickness of a dormer's walls", wallMm, 20, 600);
            windowWidthMm = Checks.between("The width of a dormer's window", windowWidthMm, 0, 10_000);
            windowHeightMm = Checks.between("The height of a dormer's window", windowHeightMm, 0, 5000);
            sillMm = Checks.between("The sill of a dormer's window", sillMm, 0, 5000);
        }

        Dormer of(ElementId other) {
            return new Dormer(form, pitch, overMm, wallMm, windowWidthMm, windowHeightMm, sillMm, other);
        }
    }

    /**
     * What takes a gutter's water down a wall; it stands under the eaves, before the wall.
     *
     * @param material of it
     */
    public record Downpipe(ElementId material) implements Make {}

    /** What takes the water of a slope down through it that a parapet holds back; as wide as it is long. @param material of it */
    public record Outlet(ElementId material) implements Make {}

    /** Whether it takes water off its roof, rather than being a hole in it. */
    public boolean drains() {
        return make instanceof Downpipe || make instanceof Outlet;
    }

    public enum Form {
        GABLED,
        HIPPED,
        /** One slope, from the front up to the roof. */
        SHED
    }

    /** What its mark begins with. */
    public String letters() {
        return switch (make) {
            case RoofLight l -> "RL";
            case Stack s -> "CH";
            case Dormer d -> "DO";
            case Downpipe p -> "DP";
            case Outlet o -> "RO";
        };
    }

    public String noun() {
        return switch (make) {
            case RoofLight l -> "roof light";
            case Stack s -> "chimney";
            case Dormer d -> "dormer";
            case Downpipe p -> "downpipe";
            case Outlet o -> "roof outlet";
        };
    }

    /** What it is built of where that is said; null for a light. */
    public @Nullable ElementId material() {
        return switch (make) {
            case RoofLight l -> null;
            case Stack s -> s.material();
            case Dormer d -> d.material();
            case Downpipe p -> p.material();
            case Outlet o -> o.material();
        };
    }

    /** The same make of another material. */
    public Make madeOf(ElementId other) {
        return switch (make) {
            case RoofLight l -> l;
            case Stack s -> new Stack(s.aboveMm(), other, s.behind());
            case Dormer d -> d.of(other);
            case Downpipe p -> new Downpipe(other);
            case Outlet o -> new Outlet(other);
        };
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
