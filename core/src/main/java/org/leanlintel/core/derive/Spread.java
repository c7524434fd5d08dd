package org.leanlintel.core.derive;

import java.util.Collection;
import org.leanlintel.core.model.Element;

/**
 * A plane with things lying in it, to be found by place. Equal spreads are the same, so a spread is a record or an enum.
 * What lies in it may be worked out from what lies in other spreads.
 *
 * @param <M> what lies there; comparable, so that it has an order
 */
public interface Spread<M extends Member<?>> {

    /** What lies there because of an element. */
    Collection<M> members(Element element);

    /** Whether its members are worked out from those before them in their order. */
    default boolean isInOrder() {
        return false;
    }

    /** Whether a member takes so long to work out that even a few are shared out to all processors. */
    default boolean isLaborious() {
        return false;
    }
}
