package org.leanlintel.core.model;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;

/**
 * What a drafter says of a closed area of a storey. The area itself is found from walls and room limits.
 *
 * @param seed a point of the area it is
 * @param number as on its label; may be empty
 * @param ceiling where its ceiling is, above the storey's level
 * @param above what closes it above of its own
 * @param words where the middle of its label stands, in the plan
 */
public record Room(
        ElementId id,
        ElementId storey,
        ElementId layer,
        Vec seed,
        String number,
        String name,
        Use use,
        Finishes finishes,
        Rise.Ceiling ceiling,
        Above above,
        WordsAt words)
        implements OnLayer, OnStorey, Worded {

    /** Closed above by what stands there. */
    public Room(
            ElementId id,
            ElementId storey,
            ElementId layer,
            Vec seed,
            String number,
            String name,
            Use use,
            Finishes finishes,
            Rise.Ceiling ceiling,
            WordsAt words) {
        this(id, storey, layer, seed, number, name, use, finishes, ceiling, new WhatStands(), words);
    }

    public Room {
        seed = Checks.near(seed);
        number = Checks.text("A room's number", number.strip(), 12);
        name = Checks.name("A room's name", name);
    }

    public Room seeded(Vec other) {
        return new Room(id, storey, layer, other, number, name, use, finishes, ceiling, above, words);
    }

    public Room numbered(String other) {
        return new Room(id, storey, layer, seed, other, name, use, finishes, ceiling, above, words);
    }

    @Override
    public Room worded(WordsAt other) {
        return new Room(id, storey, layer, seed, number, name, use, finishes, ceiling, above, other);
    }

    public Room on(ElementId otherId, ElementId otherStorey, ElementId otherLayer) {
        return new Room(otherId, otherStorey, otherLayer, seed, number, name, use, finishes, ceiling, above, words);
    }

    /** The same under a ceiling of its own at some height. */
    public Room under(Rise.Ceiling height, Above other) {
        return new Room(id, storey, layer, seed, number, name, use, finishes, height, other, words);
    }

    public Room under(Above other) {
        return new Room(id, storey, layer, seed, number, name, use, finishes, ceiling, other, words);
    }

    /** The build-up of its own ceiling; null where it has none. */
    public @Nullable ElementId ceilingBuildUp() {
        return switch (above) {
            case WhatStands w -> null;
            case LevelCeiling l -> l.buildUp();
            case VaultedCeiling v -> v.buildUp();
            case SlopedCeiling s -> s.buildUp();
        };
    }

    /** What closes a room above. */
    public sealed interface Above {}

    /** The floor over it, a roof, or the ceiling of one. */
    public record WhatStands() implements Above {}

    /** Level, its underside where the room's ceiling is. */
    public record LevelCeiling(ElementId buildUp) implements Above {}

    /**
     * Rising from two sides to a ridge over the middle. It springs where the room's ceiling is said to be.
     *
     * @param ridge the way its ridge runs, radians counter-clockwise from the x axis
     */
    public record VaultedCeiling(ElementId buildUp, Pitch pitch, double ridge) implements Above {
        public VaultedCeiling {
            ridge = Checks.number("The way a ridge runs", ridge, -100, 100, "");
            if (!(pitch.tan() > 0)) throw new Unusable("A vaulted ceiling rises: its pitch is more than 0.");
        }
    }

    /**
     * Rising from one side to the other. It springs where the room's ceiling is said to be.
     *
     * @param up the way it rises, radians counter-clockwise from the x axis
     */
    public record SlopedCeiling(ElementId buildUp, Pitch pitch, double up) implements Above {
        public SlopedCeiling {
            up = Checks.number("The way a ceiling rises", up, -100, 100, "");
            if (!(pitch.tan() > 0)) throw new Unusable("A sloped ceiling rises: its pitch is more than 0.");
        }
    }

    /** Whether it has a ceiling of its own that is not level. */
    public boolean isUnderSlopesOfItsOwn() {
        return above instanceof VaultedCeiling || above instanceof SlopedCeiling;
    }

    /** Above the storey's level, millimetres; of a ceiling that rises where it springs. */
    public double ceilingMm(StoreySpace on) {
        return ceiling instanceof Rise.Fixed f ? f.mm() : on.ceilingMm();
    }

    /** What happens in it; rules ask by this. */
    public enum Use {
        LIVING,
        KITCHEN,
        DINING,
        BEDROOM,
        STUDY,
        BATHROOM,
        WC,
        UTILITY,
        HALL,
        STORE,
        GARAGE,
        /** Within the house and open to the sky: floors, ceilings and roofs leave it out. */
        COURT,
        OTHER
    }

    /** As codes or in words, each may be empty. */
    public record Finishes(String floor, String walls, String ceiling) {

        public static final Finishes NONE = new Finishes("", "", "");

        public Finishes {
            floor = Checks.text("A floor finish", floor.strip(), 60);
            walls = Checks.text("A wall finish", walls.strip(), 60);
            ceiling = Checks.text("A ceiling finish", ceiling.strip(), 60);
        }
    }

    /** Whether nothing closes it above: no floor, ceiling or roof lies over it. */
    public boolean isOpenToSky() {
        return use == Use.COURT;
    }

    @Override
    public Room onLayer(ElementId other) {
        return new Room(id, storey, other, seed, number, name, use, finishes, ceiling, above, words);
    }
}
