package org.leanlintel.core.derive;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Model;

/** What a value can be worked out from. Inside of a {@link Key} all that is read is recorded with its value. */
public interface Reads {

    Model model();

    <T extends @Nullable Object> T get(Key<T> key);

    /** The same of several, worked out side by side where they are not known. In the order they come. */
    <T extends @Nullable Object> List<T> all(Collection<? extends Key<T>> keys);

    /** What lies in cells of a spread, in its order. */
    <M extends Member<?>> Set<M> lying(Spread<M> spread, Collection<Cell> cells);

    /** What lies in the cells that some bounds meet, in its order. */
    <M extends Member<?>> Set<M> lying(Spread<M> spread, Bounds bounds);
}
