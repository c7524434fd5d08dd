package org.leanlintel.core.derive;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/** A square of the plane. Things are found by the squares they lie in. */
public record Cell(int column, int row) {

    /** Millimetres. About the size of a room: few walls share a cell, few cells are passed by a wall. */
    public static final double SIZE_MM = 4000;

    private static final double OUTERMOST_MM = 2 * Tolerance.FURTHEST_MM;

    /** How many meet some bounds. */
    static long count(Bounds bounds) {
        return (at(bounds.maxX()) - at(bounds.minX()) + 1L) * (at(bounds.maxY()) - at(bounds.minY()) + 1L);
    }

    boolean isIn(Bounds bounds) {
        return column >= at(bounds.minX())
                && column <= at(bounds.maxX())
                && row >= at(bounds.minY())
                && row <= at(bounds.maxY());
    }

    /** All that some bounds meet, column by column. */
    public static List<Cell> of(Bounds bounds) {
        List<Cell> cells = new ArrayList<>();
        for (int column = at(bounds.minX()); column <= at(bounds.maxX()); column++)
            for (int row = at(bounds.minY()); row <= at(bounds.maxY()); row++) cells.add(new Cell(column, row));
        return cells;
    }

    public Bounds bounds() {
        return new Bounds(column * SIZE_MM, row * SIZE_MM, (column + 1) * SIZE_MM, (row + 1) * SIZE_MM);
    }

    public Vec centre() {
        return new Vec((column + 0.5) * SIZE_MM, (row + 0.5) * SIZE_MM);
    }

    /** The column or row of a coordinate; all that lies further out than anything may is in the outermost. */
    public static int at(double mm) {
        return (int) Math.floor(Math.clamp(mm, -OUTERMOST_MM, OUTERMOST_MM) / SIZE_MM);
    }
}
