package org.leanlintel.core.derive;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A value that is known, and what it was worked out from.
 *
 * @param isInDoubt something it was worked out from may have changed since
 */
record Entry(@Nullable Object value, List<Seen> seen, Grounds grounds, boolean isInDoubt) {

    /** What was read ({@code ModelPart}, {@code Key}, {@code Spot} or {@code Spread}), and what it was. */
    record Seen(Object what, @Nullable Object was) {}

    Entry doubted() {
        return isInDoubt ? this : new Entry(value, seen, grounds, true);
    }

    Entry trusted() {
        return isInDoubt ? new Entry(value, seen, grounds, false) : this;
    }
}
