package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** From where to where a wall rises. */
public record Rise(Foot foot, Head head) {

    /** From the floor's structure to the structure above. */
    public static final Rise FULL = new Rise(new OnFloor(), new UnderStoreyAbove());

    /** Less is a kerb drawn as a wall by mistake. */
    private static final double LEAST_MM = 20;

    /** Where a wall stands. */
    public sealed interface Foot {}

    /** Where a wall ends above. */
    public sealed interface Head {}

    /** Where a ceiling lies. */
    public sealed interface Ceiling {}

    /** On the structure of its storey's floor. */
    public record OnFloor() implements Foot {}

    /** Under the structure above, wherever that comes to be. */
    public record UnderStoreyAbove() implements Head, Ceiling {}

    /** At a height of its own. @param mm above the storey's level */
    public record Fixed(double mm) implements Foot, Head, Ceiling {
        public Fixed {
            mm = height(mm);
        }
    }

    /**
     * Raked or stepped: straight from each height to the next along the wall.
     *
     * @param heights from the wall's start to its end; two at one place are a step
     */
    public record Along(List<Height> heights) implements Foot, Head {
        public Along {
            heights = List.copyOf(heights);
            if (heights.size() < 2 || heights.size() > 40)
                throw new Unusable("A raked or stepped wall has from 2 to 40 heights.");
            if (heights.getFirst().part() != 0 || heights.getLast().part() != 1)
                throw new Unusable("Heights run from the wall's start to its end.");
            for (int i = 1; i < heights.size(); i++)
                if (heights.get(i).part() < heights.get(i - 1).part())
                    throw new Unusable("Heights follow each other along the wall.");
        }

        /** From one height at the start to another at the end. */
        public static Along raked(double startMm, double endMm) {
            return new Along(List.of(new Height(0, startMm), new Height(1, endMm)));
        }

        /** A gable, highest in the middle. */
        public static Along gable(double eavesMm, double apexMm) {
            return new Along(List.of(new Height(0, eavesMm), new Height(0.5, apexMm), new Height(1, eavesMm)));
        }

        /** At a part of the wall's length; just past a step, what follows it. */
        public double at(double part) {
            Height last = heights.getFirst();
            for (Height next : heights) {
                if (next.part() > part)
                    return last.mm()
                            + (next.mm() - last.mm()) * (Math.max(part, 0) - last.part()) / (next.part() - last.part());
                last = next;
            }
            return last.mm();
        }

        Along between(double from, double to) {
            List<Height> within = new ArrayList<>(List.of(new Height(0, at(from))));
            for (Height h : heights)
                if (h.part() > from && h.part() < to) within.add(new Height((h.part() - from) / (to - from), h.mm()));
            within.add(new Height(1, before(to)));
            return new Along(within);
        }

        /** At a part of the wall's length; at a step, what leads up to it. */
        public double before(double part) {
            return turned().at(1 - part);
        }

        /** The same from the wall's end to its start. */
        public Along turned() {
            return new Along(heights.reversed().stream()
                    .map(h -> new Height(1 - h.part(), h.mm()))
                    .toList());
        }

        public double least() {
            return heights.stream().mapToDouble(Height::mm).min().orElseThrow();
        }

        public double most() {
            return heights.stream().mapToDouble(Height::mm).max().orElseThrow();
        }
    }

    /**
     * Under the stairs over it: along their undersides, and under the structure above where none lies over it. Follows them.
     *
     * @param heights what that comes to now, as in {@link Along}
     */
    public record UnderStairs(List<Height> heights) implements Head {
        public UnderStairs {
            heights = new Along(heights).heights();
        }

        public Along along() {
            return new Along(heights);
        }
    }

    /** A height at a place along a wall. @param part of its length from the start; @param mm above the storey's level */
    public record Height(double part, double mm) {
        public Height {
            part = Checks.between("A place along a wall, as a part of it,", part, 0, 1);
            mm = height(mm);
        }
    }

    private static double height(double mm) {
        return Checks.between("The height of a wall's foot or head", mm, -5000, 20_000);
    }

    public Rise {
        if (foot instanceof Fixed low && head instanceof Fixed high && !(high.mm() >= low.mm() + LEAST_MM))
            throw new Unusable("A wall's head must stand at least %d mm above its foot, not at %s mm."
                    .formatted((int) LEAST_MM, Checks.plain(high.mm())));
    }

    /** Whether it is level above and below. */
    public boolean isLevel() {
        return !(foot instanceof Along) && headAlong() == null;
    }

    /** Its head where that is raked or stepped, of itself or by stairs; else null. */
    public @Nullable Along headAlong() {
        return switch (head) {
            case Along a -> a;
            case UnderStairs u -> u.along();
            case Fixed f -> null;
            case UnderStoreyAbove u -> null;
        };
    }

    /** Of a stretch of a wall, given as parts of its length. */
    public Rise between(double from, double to) {
        return along(a -> a.between(from, to));
    }

    /** The same seen from the wall's other end. */
    public Rise turned() {
        return along(Along::turned);
    }

    private Rise along(UnaryOperator<Along> change) {
        Foot low = foot instanceof Along a ? change.apply(a) : foot;
        return new Rise(
                low,
                switch (head) {
                    case Along a -> change.apply(a);
                    case UnderStairs u ->
                        new UnderStairs(change.apply(u.along()).heights());
                    case Fixed f -> f;
                    case UnderStoreyAbove u -> u;
                });
    }
}
