package org.leanlintel.core.derive;

import org.jspecify.annotations.Nullable;

/**
 * A value that follows from a model. Equal keys stand for the same value, so a key is a record of what tells it from others.
 *
 * @param <T> immutable; where an equal one was known before, that one is kept
 */
public interface Key<T extends @Nullable Object> {

    /** The value, from nothing but what {@code reads} gives; it must not be read from later. */
    T from(Reads reads);
}
