package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
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
        Set<ElementId> found = new TreeSet<>();
        for (Cell cell : cells(strip)) found.addAll(walls.getOrDefault(cell, HashTreePSet.empty()));
        return found;
    }

    /** Every wall in the cell of {@code point} and the eight about it, in the order of ids. */
    Set<ElementId> near(Vec point) {
        Set<ElementId> found = new TreeSet<>();
        for (int column = at(point.x()) - 1; column <= at(point.x()) + 1; column++)
            for (int row = at(point.y()) - 1; row <= at(point.y()) + 1; row++)
                found.addAll(walls.getOrDefault(new Cell(column, row), HashTreePSet.empty()));
        return found;
    }

    /** The cells of a strip's bounds that it passes through, and some it passes by. */
    private static List<Cell> cells(Strip strip) {
        Bounds bounds = Bounds.of(strip.outline());
        Line line = strip.axis().chord();
        double reach = Math.max(-strip.lo(), strip.hi()) + CELL_MM * Math.sqrt(0.5);
        List<Cell> cells = new ArrayList<>();
        for (int column = at(bounds.minX()); column <= at(bounds.maxX()); column++) {
            for (int row = at(bounds.minY()); row <= at(bounds.maxY()); row++) {
                Cell cell = new Cell(column, row);
                Vec from = cell.centre().minus(line.through());
                if (!strip.axis().isStraight() || Math.abs(line.direction().cross(from)) <= reach) cells.add(cell);
            }
        }
        return cells;
    }

    private static int at(double mm) {
        return (int) Math.floor(mm / CELL_MM);
    }
}
