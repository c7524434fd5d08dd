package org.leanlintel.core.derive;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.MissingElement;

/**
 * A value that is known, and what it was worked out from.
 *
 * @param isInDoubt something it was worked out from may have changed since
 */
record Entry(@Nullable Object value, List<Seen> seen, Grounds grounds, boolean isInDoubt) {

    /** What was read ({@code ModelPart}, {@code Key}, {@code Spot} or {@code Spread}), and what it was. */
    record Seen(Object what, @Nullable Object was) {}

    /** Why a value could not be worked out: that too stands until something it was worked out from changes. */
    record Failed(Throwable why) {}

    /** @return the value; where it could not be worked out, what was thrown then is thrown again */
    @Nullable
    Object orThrow() {
        if (!(value instanceof Failed failed)) return value;
        if (failed.why instanceof Error error) throw error;
        throw (RuntimeException) failed.why;
    }

    /** Whether it could not be worked out because an element that it goes by is no longer there. */
    boolean isOfWhatIsGone() {
        return value instanceof Failed failed && failed.why instanceof MissingElement;
    }

    Entry doubted() {
        return isInDoubt ? this : new Entry(value, seen, grounds, true);
    }

    Entry trusted() {
        return isInDoubt ? new Entry(value, seen, grounds, false) : this;
    }
}
