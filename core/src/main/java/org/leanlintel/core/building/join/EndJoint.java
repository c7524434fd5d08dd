package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;

/**
 * How the plies of a strip end at one of its ends.
 *
 * @param plies for each ply of the strip, in the strip's order
 * @param beyond what lies beyond the plies' ends along a line at offset t: the plies of the walls met there
 * @param sides the sides of the strip on which those walls lie
 * @param cap what closes a free end round which a lining returns; null where nothing does
 */
public record EndJoint(List<PlyEnd> plies, DoubleFunction<List<Span>> beyond, Set<Side> sides, @Nullable Cap cap) {

    /**
     * Where a ply ends.
     *
     * @param against what touches its end over the whole of it, or from its right face to its bend; null where nothing does
     * @param butted whether the drafter decided that it stops against that, so that the line is drawn even between like materials
     * @param bend where the end is not one straight cut but two; null where it is one
     */
    public record PlyEnd(Edge edge, @Nullable Content against, boolean butted, @Nullable Bend bend) {

        PlyEnd(Edge edge, @Nullable Content against) {
            this(edge, against, false, null);
        }
    }

    /** The point between two cuts, as (s, t). @param against what touches the end from there to its left face */
    public record Bend(Vec at, @Nullable Content against) {}

    /** A piece of the strip's ply {@code ply} across the wall's end {@code at}: s from {@code from} to {@code to}, t from lo to hi. */
    public record Cap(End at, int ply, double from, double to, double lo, double hi) {}

    /** What there is to an end for the strip that has it: {@code beyond} along each face of its plies. */
    private record Seen(List<PlyEnd> plies, List<List<Span>> beyond, Set<Side> sides, @Nullable Cap cap) {}

    private Seen seenFrom(Strip strip) {
        List<List<Span>> spans = new ArrayList<>();
        for (StripPly ply : strip.plies()) {
            spans.add(beyond.apply(ply.lo()));
            spans.add(beyond.apply(ply.hi()));
        }
        return new Seen(plies, spans, sides, cap);
    }

    /** Whether an end of a strip is the same with either. */
    public boolean isSameFor(Strip strip, EndJoint other) {
        return this == other || seenFrom(strip).equals(other.seenFrom(strip));
    }

    public static EndJoint of(Map<Integer, PlyEnd> plies, DoubleFunction<List<Span>> beyond, Set<Side> sides) {
        return new EndJoint(plies.keySet().stream().sorted().map(plies::get).toList(), beyond, sides, null);
    }

    /** Cut square. */
    public static EndJoint free(Strip strip, double s) {
        PlyEnd square = new PlyEnd(Edge.square(s), null);
        return new EndJoint(strip.plies().stream().map(p -> square).toList(), t -> List.of(), Set.of(), null);
    }

    /**
     * Closed by its inner lining, or its outer one, which returns across the end between the wall's facings; cut square
     * where the wall has no lining.
     */
    public static EndJoint returned(Strip strip, End end, double s) {
        int last = strip.plies().size() - 1;
        int inner = strip.wall().outside() == Side.LEFT ? 0 : last;
        int lining = isLining(strip, inner) ? inner : isLining(strip, last - inner) ? last - inner : -1;
        if (lining < 0) return free(strip, s);
        double thickness = strip.plies().get(lining).thickness();
        double back = end == End.START ? s + thickness : s - thickness;
        Cap cap = new Cap(
                end,
                lining,
                Math.min(s, back),
                Math.max(s, back),
                isFace(strip, 0) ? strip.plies().getFirst().hi() : strip.lo(),
                isFace(strip, last) ? strip.plies().getLast().lo() : strip.hi());
        Content content = strip.content(lining);
        List<PlyEnd> plies = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            boolean face = (i == 0 || i == last) && isFace(strip, i);
            plies.add(face ? new PlyEnd(Edge.square(s), null) : new PlyEnd(Edge.square(back), content));
        }
        List<Span> across = List.of(new Span(cap.from, cap.to, content));
        return new EndJoint(plies, t -> across, Set.of(), cap);
    }

    private static boolean isLining(Strip strip, int ply) {
        return strip.plies().get(ply).does() == Does.LINING;
    }

    private static boolean isFace(Strip strip, int ply) {
        return isLining(strip, ply) || strip.plies().get(ply).does() == Does.FACING;
    }
}
