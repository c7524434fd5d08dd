package org.leanlintel.core.derive;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A value that is known, and what it was worked out from.
 *
 * @param spreads that it was worked out from, directly or through others: it stands only as they lie
 * @param isInDoubt something it was worked out from may have changed since
 */
record Entry(@Nullable Object value, List<Seen> seen, Set<Spread<?>> spreads, boolean isInDoubt) {

    /** What was read ({@code ModelPart}, {@code Key}, {@code Spot} or {@code Spread}), and what it was. */
    record Seen(Object what, @Nullable Object was) {}

    Entry doubted() {
        return isInDoubt ? this : new Entry(value, seen, spreads, true);
    }

    Entry trusted() {
        return isInDoubt ? new Entry(value, seen, spreads, false) : this;
    }
}
