package org.leanlintel.core.model;

import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Vec;

/**
 * One measure that no string can tell: an angle, a radius or how long an arc is (ISO 129-1).
 *
 * @param at of an angle and of an arc, a point that its line runs through; of a radius, where its figure stands
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

    @Override
    public List<Hold> holds() {
        return switch (of) {
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
                    case Angle a -> new Angle(there.apply(a.one()), there.apply(a.other()));
                    case Radius r -> there.apply(r.face()) instanceof Hold.OnFace f ? new Radius(f) : r;
                    case ArcLength l -> there.apply(l.face()) instanceof Hold.OnFace f ? new ArcLength(f) : l;
                });
    }

    private Dimension measuring(Of other) {
        return new Dimension(id, layer, drawing, other, at, throughLens);
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
