package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Wall;

/** The walls of all storeys by where they lie: each in the cells that it passes through or by. */
enum Walls implements Spread<StripOf> {
    ALL;

    /** So near a cell a wall lies in it too: what is reckoned on its line may lie as far beside it, beyond a side of cells. */
    private static final double TOUCHED_MM = 1;

    @Override
    public Collection<StripOf> members(Element element) {
        return element instanceof Wall w ? List.of(new StripOf(w.id())) : List.of();
    }

    /** The cell of {@code point} and the eight about it. */
    static List<Cell> about(Vec point) {
        return Cell.of(new Bounds(point.x(), point.y(), point.x(), point.y()).grown(Cell.SIZE_MM));
    }

    /** The cells that a line between two points passes through or by. */
    static List<Cell> along(Vec from, Vec to) {
        if (from.equals(to)) return about(from);
        return cells(
                Bounds.of(List.of(from, to)).grown(Cell.SIZE_MM), Line.between(from, to), Cell.SIZE_MM * Math.sqrt(2));
    }

    /** The cells of a strip's bounds that it passes through, and some it passes by. */
    static List<Cell> cells(Strip strip) {
        Bounds bounds = Bounds.of(strip.outline()).grown(TOUCHED_MM);
        double reach = Math.max(-strip.lo(), strip.hi()) + Cell.SIZE_MM * Math.sqrt(0.5);
        return cells(bounds, strip.axis().isStraight() ? strip.axis().chord() : null, reach);
    }

    /** @param line the cells lie within {@code reach} of; null for all cells of the bounds */
    private static List<Cell> cells(Bounds bounds, @Nullable Line line, double reach) {
        List<Cell> cells = new ArrayList<>();
        int low = Cell.at(bounds.minY()), high = Cell.at(bounds.maxY());
        for (int column = Cell.at(bounds.minX()); column <= Cell.at(bounds.maxX()); column++) {
            Bounds by = line == null ? bounds : passed(line, column, reach, bounds);
            for (int row = Math.max(low, Cell.at(by.minY())); row <= Math.min(high, Cell.at(by.maxY())); row++) {
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
        double x = (column + 0.5) * Cell.SIZE_MM, y = through.y() + along.y() * (x - through.x()) / along.x();
        double half = reach / Math.abs(along.x()) + Cell.SIZE_MM;
        return new Bounds(x, y - half, x, y + half);
    }
}
