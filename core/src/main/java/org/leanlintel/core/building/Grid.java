package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.HashTreePSet;
import org.pcollections.MapPSet;

/** Which walls lie near a place: a plane of square cells, each with the walls that pass through or by it. Immutable. */
final class Grid {

    /** Millimetres. About the size of a room: few walls share a cell, few cells are passed by a wall. */
    private static final double CELL_MM = 4000;

    private static final double OUTERMOST_MM = 2 * Tolerance.FURTHEST_MM;

    private record Cell(int column, int row) {

        Vec centre() {
            return new Vec((column + 0.5) * CELL_MM, (row + 0.5) * CELL_MM);
        }
    }

    static final Grid EMPTY = new Grid(HashTreePMap.empty());

    private final HashPMap<Cell, MapPSet<ElementId>> walls;

    private Grid(HashPMap<Cell, MapPSet<ElementId>> walls) {
        this.walls = walls;
    }

    Grid with(Strip strip) {
        HashPMap<Cell, MapPSet<ElementId>> next = walls;
        for (Cell cell : cells(strip)) {
            next = next.plus(
                    cell,
                    next.getOrDefault(cell, HashTreePSet.empty())
                            .plus(strip.wall().id()));
        }
        return new Grid(next);
    }

    Grid without(Strip strip) {
        HashPMap<Cell, MapPSet<ElementId>> next = walls;
        for (Cell cell : cells(strip)) {
            MapPSet<ElementId> left = next.getOrDefault(cell, HashTreePSet.empty())
                    .minus(strip.wall().id());
            next = left.isEmpty() ? next.minus(cell) : next.plus(cell, left);
        }
        return new Grid(next);
    }

    /** Every wall that shares a cell with {@code strip}, itself among them, in the order of ids. */
    Set<ElementId> near(Strip strip) {
        return in(cells(strip));
    }

    /** Every wall in the cell of {@code point} and the eight about it, in the order of ids. */
    Set<ElementId> near(Vec point) {
        return near(new Bounds(point.x(), point.y(), point.x(), point.y()).grown(CELL_MM));
    }

    /** Every wall that passes through or by a line between two points, in the order of ids. */
    Set<ElementId> along(Vec from, Vec to) {
        if (from.equals(to)) return near(from);
        return in(cells(Bounds.of(List.of(from, to)).grown(CELL_MM), Line.between(from, to), CELL_MM * Math.sqrt(2)));
    }

    /** Every wall that passes through or by some bounds, in the order of ids. */
    Set<ElementId> near(Bounds bounds) {
        int left = at(bounds.minX()), right = at(bounds.maxX()), low = at(bounds.minY()), high = at(bounds.maxY());
        Set<ElementId> found = new TreeSet<>();
        if ((right - left + 1L) * (high - low + 1L) > walls.size())
            walls.forEach((cell, there) -> {
                boolean within = cell.column >= left && cell.column <= right && cell.row >= low && cell.row <= high;
                if (within) found.addAll(there);
            });
        else
            for (int column = left; column <= right; column++)
                for (int row = low; row <= high; row++)
                    found.addAll(walls.getOrDefault(new Cell(column, row), HashTreePSet.empty()));
        return found;
    }

    private Set<ElementId> in(List<Cell> cells) {
        Set<ElementId> found = new TreeSet<>();
        for (Cell cell : cells) found.addAll(walls.getOrDefault(cell, HashTreePSet.empty()));
        return found;
    }

    /** The cells of a strip's bounds that it passes through, and some it passes by. */
    private static List<Cell> cells(Strip strip) {
        Bounds bounds = Bounds.of(strip.outline());
        double reach = Math.max(-strip.lo(), strip.hi()) + CELL_MM * Math.sqrt(0.5);
        return cells(bounds, strip.axis().isStraight() ? strip.axis().chord() : null, reach);
    }

    /** @param line the cells lie within {@code reach} of; null for all cells of the bounds */
    private static List<Cell> cells(Bounds bounds, @Nullable Line line, double reach) {
        List<Cell> cells = new ArrayList<>();
        int low = at(bounds.minY()), high = at(bounds.maxY());
        for (int column = at(bounds.minX()); column <= at(bounds.maxX()); column++) {
            Bounds by = line == null ? bounds : passed(line, column, reach, bounds);
            for (int row = Math.max(low, at(by.minY())); row <= Math.min(high, at(by.maxY())); row++) {
                Cell cell = new Cell(column, row);
                boolean isNear = line == null
                        || Math.abs(line.direction().cross(cell.centre().minus(line.through()))) <= reach;
                if (isNear) cells.add(cell);
            }
        }
        return cells;
    }

    /** What of a column of cells a line passes within reach of their middles; all of it where the line is nearly upright. */
    private static Bounds passed(Line line, int column, double reach, Bounds all) {
        Vec along = line.direction(), through = line.through();
        if (Math.abs(along.x()) < 0.01) return all;
        double x = (column + 0.5) * CELL_MM, y = through.y() + along.y() * (x - through.x()) / along.x();
        double half = reach / Math.abs(along.x()) + CELL_MM;
        return new Bounds(x, y - half, x, y + half);
    }

    /** The column or row of a coordinate; all that lies further out than anything may is in the outermost. */
    private static int at(double mm) {
        return (int) Math.floor(Math.clamp(mm, -OUTERMOST_MM, OUTERMOST_MM) / CELL_MM);
    }
}
