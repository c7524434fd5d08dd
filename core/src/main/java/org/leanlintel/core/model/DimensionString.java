package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/**
 * A chain of dimensions in one line.
 *
 * @param direction the measured direction, one long
 * @param at a point the line runs through
 * @param holds what each point holds to; at least two
 * @param kind what its figures say
 * @param styled how it is drawn
 * @param own what was decided of single points and parts
 * @param throughLens whether it shows in all plans of the storey that are seen through the lens of its drawing
 */
public record DimensionString(
        ElementId id,
        ElementId layer,
        ElementId drawing,
        Vec direction,
        Vec at,
        List<Hold> holds,
        Kind kind,
        Styled styled,
        List<OwnPart> own,
        boolean throughLens)
        implements Measuring {

    /** A string whose direction is this near to upright is read from the right, whichever way it runs. */
    private static final double READS_UPRIGHT = 1e-9;

    public DimensionString {
        if (Tolerance.same(direction, Vec.ORIGIN)) throw new Unusable("A dimension string measures in a direction.");
        direction = direction.unit();
        at = Checks.near(at);
        holds = List.copyOf(holds);
        own = List.copyOf(own);
        if (holds.size() < 2) throw new Unusable("A dimension string needs two points.");
        if (holds.size() > 200) throw new Unusable("A dimension string may have 200 points at most.");
        for (OwnPart o : own)
            if (!holds.containsAll(holdsOf(o)))
                throw new Unusable("A string's own figures and lines are those of its points.");
        if (own.size() > 400) throw new Unusable("A dimension string has 400 figures and lines of its own at most.");
    }

    /** Chained, drawn as its lens asks. */
    public DimensionString(
            ElementId id,
            ElementId layer,
            ElementId drawing,
            Vec direction,
            Vec at,
            List<Hold> holds,
            boolean throughLens) {
        this(id, layer, drawing, direction, at, holds, Kind.CHAINED, new AsLens(), List.of(), throughLens);
    }

    /** The same elsewhere with other points; what was decided of those it keeps stays. */
    public DimensionString through(Vec point, List<Hold> newHolds) {
        return joined(newHolds, own).laid(direction, point);
    }

    /** The same with the points of others and what was decided of them, as far as they are among its own. */
    public DimensionString joined(List<Hold> newHolds, List<OwnPart> others) {
        List<OwnPart> kept =
                others.stream().filter(o -> newHolds.containsAll(holdsOf(o))).toList();
        return with(direction, at, newHolds, kept);
    }

    private static List<Hold> holdsOf(OwnPart own) {
        return switch (own) {
            case OwnPart.Reach r -> List.of(r.point());
            case OwnPart.Figure f -> List.of(f.from(), f.to());
        };
    }

    @Override
    public DimensionString holding(UnaryOperator<Hold> there) {
        List<OwnPart> moved = new ArrayList<>();
        for (OwnPart o : own)
            moved.add(
                    switch (o) {
                        case OwnPart.Reach r -> new OwnPart.Reach(there.apply(r.point()), r.lengthMm());
                        case OwnPart.Figure f ->
                            new OwnPart.Figure(there.apply(f.from()), there.apply(f.to()), f.says(), f.place());
                    });
        return with(direction, at, holds.stream().map(there).toList(), moved);
    }

    public DimensionString deciding(List<OwnPart> others) {
        return with(direction, at, holds, others);
    }

    /** The same lying another way. */
    public DimensionString laid(Vec otherDirection, Vec point) {
        return with(otherDirection, point, holds, own);
    }

    private DimensionString with(Vec otherDirection, Vec point, List<Hold> newHolds, List<OwnPart> others) {
        return new DimensionString(
                id, layer, drawing, otherDirection, point, newHolds, kind, styled, others, throughLens);
    }

    public DimensionString styled(Styled other) {
        return new DimensionString(id, layer, drawing, direction, at, holds, kind, other, own, throughLens);
    }

    public DimensionString named(ElementId other) {
        return in(other, layer, drawing);
    }

    @Override
    public DimensionString onLayer(ElementId other) {
        return in(id, other, drawing);
    }

    public DimensionString in(ElementId otherId, ElementId otherLayer, ElementId otherDrawing) {
        return new DimensionString(
                otherId, otherLayer, otherDrawing, direction, at, holds, kind, styled, own, throughLens);
    }

    /** The side its figures stand on: they are read from the bottom of the drawing, or from the right. */
    public Vec up() {
        boolean level = Math.abs(direction.x()) > READS_UPRIGHT;
        boolean turned = level ? direction.x() < 0 : direction.y() < 0;
        return turned ? direction.left().times(-1) : direction.left();
    }

    /** The style it is drawn in. */
    public StringStyle style(Model model) {
        ElementId style =
                switch (styled) {
                    case AsLens asLens ->
                        model.get(model.get(drawing, Drawing.class).lens(), Lens.class)
                                .strings();
                    case InStyle in -> in.style();
                };
        return model.get(style, StringStyle.class);
    }

    /** What the figures of a string say. */
    public enum Kind {
        /** Of each part how long it is. */
        CHAINED,
        /** Of each point how far it is from the first that was picked. */
        RUNNING
    }

    /** Which style a string is drawn in. */
    public sealed interface Styled {}

    /** That of the lens it is seen through. */
    public record AsLens() implements Styled {}

    public record InStyle(ElementId style) implements Styled {}
}
