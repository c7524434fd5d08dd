package org.leanlintel.core.model;

/**
 * From where to where a wall rises.
 *
 * @param footMm above its storey's level; 0 stands on the floor
 */
public record Rise(double footMm, Head head) {

    /** From the floor to the storey above. */
    public static final Rise FULL = new Rise(0, new UnderStoreyAbove());

    /** Less is a kerb drawn as a wall by mistake. */
    private static final double LEAST_MM = 20;

    /** Where a wall's head stands. */
    public sealed interface Head {}

    /** Under the storey above, wherever that comes to be. */
    public record UnderStoreyAbove() implements Head {}

    /** At a height of its own. @param mm above the storey's level */
    public record Fixed(double mm) implements Head {
        public Fixed {
            mm = Checks.between("The height of a wall's head", mm, -5000, 20_000);
        }
    }

    public Rise {
        footMm = Checks.between("The height of a wall's foot", footMm, -5000, 20_000);
        if (head instanceof Fixed fixed && !(fixed.mm() >= footMm + LEAST_MM))
            throw new IllegalArgumentException("A wall's head must stand at least %d mm above its foot, not at %s mm."
                    .formatted((int) LEAST_MM, Checks.plain(fixed.mm())));
    }

    /** Above the storey's level, millimetres. */
    public double headMm(Storey storey) {
        return switch (head) {
            case UnderStoreyAbove u -> storey.heightMm();
            case Fixed f -> f.mm();
        };
    }

    /** Whether a level plane this high above the storey's level meets it. */
    public boolean isCutAt(double aboveLevelMm, Storey storey) {
        return aboveLevelMm >= footMm && aboveLevelMm < headMm(storey);
    }
}
