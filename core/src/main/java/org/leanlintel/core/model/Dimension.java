package org.leanlintel.core.model;

import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Vec;

/**
 * One measure that no string can tell: an angle, a radius, how long an arc is, a slope or an area (ISO 129-1).
 *
 * @param at of an angle and of an arc, a point that its line runs through; of others, where the figure stands
 */
public record Dimension(ElementId id, ElementId layer, ElementId drawing, Of of, Vec at, boolean throughLens)
        implements Measuring {

    public Dimension {
        at = Checks.near(at);
    }

    /** What is measured. */
    public sealed interface Of {}

    /** Between two straight lines, on that side of where they meet on which its line lies. */
    public record Angle(Hold one, Hold other) implements Of {}

    /** Of the face of a curved wall. */
    public record Radius(Hold.OnFace face) implements Of {}

    /** How long the face of a curved wall is. */
    public record ArcLength(Hold.OnFace face) implements Of {}

    /** A point: of what it holds to, that nearest to a place. */
    public record Place(Hold hold, Vec near) {
        public Place {
            near = Checks.near(near);
        }

        private Place holding(UnaryOperator<Hold> there) {
            return new Place(there.apply(hold), near);
        }

        private Place moved(UnaryOperator<Vec> there) {
            return new Place(hold, there.apply(near));
        }
    }

    /** How steeply it falls between two points: in plans the ground, in drawings that show heights a line from one to the other. */
    public record Slope(Place one, Place other) implements Of {}

    /** Of what lies within points, or within lines each of which meets the next, in their order round it. */
    public record Surface(List<Hold> round) implements Of {

        private static final int MOST = 200;

        public Surface {
            round = List.copyOf(round);
            if (round.size() < 3 || round.size() > MOST)
                throw new Unusable("An area has 3 to %d sides, not %d.".formatted(MOST, round.size()));
        }
    }

    @Override
    public List<Hold> holds() {
        return switch (of) {
            case Slope s -> List.of(s.one().hold(), s.other().hold());
            case Surface s -> s.round();
            case Angle a -> List.of(a.one(), a.other());
            case Radius r -> List.of(r.face());
            case ArcLength l -> List.of(l.face());
        };
    }

    /** The face of a wall is only ever followed by the face of a wall; what else it is given is not taken. */
    @Override
    public Dimension holding(UnaryOperator<Hold> there) {
        return measuring(
                switch (of) {
                    case Slope s -> new Slope(s.one().holding(there), s.other().holding(there));
                    case Surface s -> new Surface(s.round().stream().map(there).toList());
                    case Angle a -> new Angle(there.apply(a.one()), there.apply(a.other()));
                    case Radius r -> there.apply(r.face()) instanceof Hold.OnFace f ? new Radius(f) : r;
                    case ArcLength l -> there.apply(l.face()) instanceof Hold.OnFace f ? new ArcLength(f) : l;
                });
    }

    private Dimension measuring(Of other) {
        return new Dimension(id, layer, drawing, other, at, throughLens);
    }

    /** All that it says of places lying elsewhere. */
    public Dimension moved(UnaryOperator<Vec> there) {
        Of moved = of instanceof Slope s
                ? new Slope(s.one().moved(there), s.other().moved(there))
                : of;
        return measuring(moved).lying(there.apply(at));
    }

    public Dimension lying(Vec there) {
        return new Dimension(id, layer, drawing, of, there, throughLens);
    }

    public Dimension in(ElementId otherId, ElementId otherLayer, ElementId otherDrawing) {
        return new Dimension(otherId, otherLayer, otherDrawing, of, at, throughLens);
    }

    @Override
    public Dimension onLayer(ElementId other) {
        return in(id, other, drawing);
    }
}
