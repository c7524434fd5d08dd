package org.leanlintel.core.dimension;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;

/**
 * A string that would tell what is not told yet. Parameters as in {@link DimensionString}.
 *
 * @param of the string that gains points; null for one that is new
 */
public record ProposedString(@Nullable DimensionString of, Vec direction, Vec at, List<Hold> holds) {
    public ProposedString {
        holds = List.copyOf(holds);
    }
}
