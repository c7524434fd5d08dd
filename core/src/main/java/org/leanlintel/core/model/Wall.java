package org.leanlintel.core.model;

/**
 * A straight wall along a set-out line from its start to its end.
 *
 * @param mark what people call it: W12
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
        WallEnd end)
        implements Element {

    public Wall {
        mark = Checks.name("A wall's mark", mark);
    }

    public WallEnd at(End which) {
        return which == End.START ? start : end;
    }

    public Wall withEnd(End which, WallEnd there) {
        return which == End.START
                ? new Wall(id, storey, layer, mark, buildUp, setOut, outside, there, end)
                : new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, there);
    }

    public Wall madeOf(ElementId otherBuildUp, SetOut otherSetOut, Side otherOutside) {
        return new Wall(id, storey, layer, mark, otherBuildUp, otherSetOut, otherOutside, start, end);
    }
}
