package org.leanlintel.core.building;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Side;

/**
 * How the plies of a strip end at one of its ends.
 *
 * @param plies for each ply of the strip, in the strip's order
 * @param beyond what lies beyond the plies' ends along a line at offset t: the plies of the walls met there
 * @param sides the sides of the strip on which those walls lie
 */
public record EndJoint(List<PlyEnd> plies, DoubleFunction<List<Span>> beyond, Set<Side> sides) {

    /** Where a ply ends, and what touches its end over the whole of it; null where nothing does. */
    public record PlyEnd(Edge edge, @Nullable Content against) {}

    static EndJoint free(Strip strip, double s) {
        PlyEnd square = new PlyEnd(Edge.square(s), null);
        return new EndJoint(strip.plies().stream().map(p -> square).toList(), t -> List.of(), Set.of());
    }

    /** Plies of a strip in its own order, from a map by index. */
    static List<PlyEnd> inOrder(Map<Integer, PlyEnd> byIndex) {
        return byIndex.keySet().stream().sorted().map(byIndex::get).toList();
    }
}
