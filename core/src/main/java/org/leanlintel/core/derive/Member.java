package org.leanlintel.core.derive;

import java.util.Collection;
import org.jspecify.annotations.Nullable;

/**
 * A value that lies somewhere, and can be found by where it lies. Where it comes out as it was, nothing that follows from
 * it is looked at again.
 */
public interface Member<T extends @Nullable Object> extends Key<T> {

    Spread<?> spread();

    /** Where a value of this key lies. */
    Collection<Cell> cells(T value);
}
