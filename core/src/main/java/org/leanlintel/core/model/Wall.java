package org.leanlintel.core.model;

/**
 * A wall along a set-out line from its start to its end.
 *
 * @param mark what people call it: W12
 * @param bulge of its set-out line: 0 straight, else the tangent of a quarter of the angle its arc turns through, positive
 *     counter-clockwise from start to end
 * @param outside the side of the run on which the build-up's first ply lies
 * @param rise from where to where it rises
 * @param state whether it stands already and is to stay
 */
public record Wall(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        ElementId buildUp,
        SetOut setOut,
        Side outside,
        WallEnd start,
        WallEnd end,
        double bulge,
        Rise rise,
        WorkState state)
        implements InWork, OnStorey, Marked {

    /** More than three quarters of a circle is a slip. */
    private static final double MOST_BULGE = 2.4;

    public Wall {
        bulge = Checks.number("A wall's bulge", bulge, -MOST_BULGE, MOST_BULGE, "");
        mark = Checks.name("A wall's mark", mark);
    }

    public WallEnd at(End which) {
        return which == End.START ? start : end;
    }

    public Wall withEnd(End which, WallEnd there) {
        WallEnd first = which == End.START ? there : start, last = which == End.START ? end : there;
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, first, last, bulge, rise, state);
    }

    public Wall bent(double otherBulge) {
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, end, otherBulge, rise, state);
    }

    /** Whether it parts the same storey between the same corners and walls as {@code other}, wherever those are. */
    public boolean joinsAs(Wall other) {
        return storey.equals(other.storey)
                && state == other.state
                && rise.equals(other.rise)
                && joins(start, other.start)
                && joins(end, other.end);
    }

    private static boolean joins(WallEnd one, WallEnd other) {
        return switch (one) {
            case WallEnd.AtCorner c -> c.equals(other);
            case WallEnd.OnSide s ->
                other instanceof WallEnd.OnSide o && o.wall().equals(s.wall());
        };
    }

    public boolean isStraight() {
        return bulge == 0;
    }

    public Wall madeOf(ElementId otherBuildUp, SetOut otherSetOut, Side otherOutside) {
        return new Wall(
                id, storey, layer, mark, otherBuildUp, otherSetOut, otherOutside, start, end, bulge, rise, state);
    }

    public Wall named(ElementId otherId, String otherMark) {
        return new Wall(otherId, storey, layer, otherMark, buildUp, setOut, outside, start, end, bulge, rise, state);
    }

    public Wall on(ElementId otherStorey, ElementId otherLayer) {
        return new Wall(id, otherStorey, otherLayer, mark, buildUp, setOut, outside, start, end, bulge, rise, state);
    }

    public Wall rising(Rise otherRise) {
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, end, bulge, otherRise, state);
    }

    @Override
    public Wall in(WorkState otherState) {
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, end, bulge, rise, otherState);
    }

    @Override
    public Wall onLayer(ElementId other) {
        return new Wall(id, storey, other, mark, buildUp, setOut, outside, start, end, bulge, rise, state);
    }
}
