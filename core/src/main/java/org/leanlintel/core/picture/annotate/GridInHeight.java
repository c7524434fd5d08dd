package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.SectionCatches;

/**
 * Grid lines as sections and elevations show them: upright, from under the house to a bubble over it. A section shows those that
 * cross it nearly square, an elevation those that are seen end on.
 */
public final class GridInHeight {

    /** On paper: how far they reach beyond the house, below and above. */
    private static final double BELOW_MM = 6, ABOVE_MM = 10;

    /** The sine and the cosine of the angle between a line and the line of sight, at most. */
    private static final double END_ON = 0.02, NEARLY_SQUARE = 0.5;

    private final Building building;
    private final SectionFrame frame;
    private final SectionCatches catches;
    private final Look look;
    private final Lettering lettering;

    public GridInHeight(Building building, SectionFrame frame, SectionCatches catches, Look look, Lettering lettering) {
        this.building = building;
        this.frame = frame;
        this.catches = catches;
        this.look = look;
        this.lettering = lettering;
    }

    /** @param house all that is drawn of it; null for nothing */
    public List<Group> groups(@Nullable Bounds house) {
        List<Group> groups = new ArrayList<>();
        if (house == null) return groups;
        double scale = look.drawing().scale();
        for (GridLine line : building.model().all(GridLine.class)) {
            Double x = x(line);
            if (x == null || x < house.minX() || x > house.maxX()) continue;
            Pens pens = new Pens(look.lens());
            Vec top = new Vec(x, house.maxY() + ABOVE_MM * scale);
            pens.line(PenRole.GRID, new Vec(x, house.minY() - BELOW_MM * scale), top);
            GridPainter.bubbleOver(line.mark(), top, scale, lettering, pens);
            groups.add(new Group(line.id(), line.layer(), pens.items(), catches.of(line.id())));
        }
        return groups;
    }

    private @Nullable Double x(GridLine line) {
        Vec from = frame.seen(line.from()), to = frame.seen(line.to());
        Vec way = to.minus(from).unit();
        if (frame.isOutside()) return Math.abs(way.x()) < END_ON ? (from.x() + to.x()) / 2 : null;
        if (Math.abs(way.y()) < NEARLY_SQUARE || from.y() > 0 == to.y() > 0) return null;
        double x = from.x() + (to.x() - from.x()) * from.y() / (from.y() - to.y());
        return x < frame.startMm() || x > frame.endMm() ? null : x;
    }
}
