package org.leanlintel.core.model;

/**
 * A wall along a set-out line from its start to its end.
 *
 * @param mark what people call it: W12
 * @param bulge of its set-out line: 0 straight, else the tangent of a quarter of the angle its arc turns through, positive
 *     counter-clockwise from start to end
 * @param outside the side of the run on which the build-up's first ply lies
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
        double bulge)
        implements Element {

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
        return which == End.START
                ? new Wall(id, storey, layer, mark, buildUp, setOut, outside, there, end, bulge)
                : new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, there, bulge);
    }

    public Wall bent(double otherBulge) {
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, end, otherBulge);
    }

    public boolean isStraight() {
        return bulge == 0;
    }

    public Wall madeOf(ElementId otherBuildUp, SetOut otherSetOut, Side otherOutside) {
        return new Wall(id, storey, layer, mark, otherBuildUp, otherSetOut, otherOutside, start, end, bulge);
    }
}
