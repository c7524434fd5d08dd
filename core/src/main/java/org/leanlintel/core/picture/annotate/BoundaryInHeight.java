package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/**
 * The boundary of the plot as sections and elevations show it where it is near the house: upright, where it crosses the cut, or
 * the plane of the nearest face.
 *
 * @param legs the stretches of the cut, from left to right: the first goes on to the left of it, the last to the right
 * @param awayMm that plane, from each of them
 */
public record BoundaryInHeight(List<SectionFrame> legs, double awayMm) {

    /** As far from the house as it counts as near. */
    private static final double NEAR_MM = 6000;

    /** On paper: how far it reaches above the house, and below the ground; its letters, and how far over it they stand. */
    private static final double ABOVE_MM = 4, BELOW_MM = 5, LETTERS_MM = 2.5, OFF_MM = 1.2;

    /** From left to right. @param left and {@code right}: the sides of the house in the picture */
    public List<Double> places(Model model, double left, double right) {
        return List.copyOf(near(model, left, right).keySet());
    }

    private TreeMap<Double, BoundaryLine> near(Model model, double left, double right) {
        TreeMap<Double, BoundaryLine> near = new TreeMap<>();
        for (BoundaryLine line : model.all(BoundaryLine.class))
            for (int i = 0; i < legs.size(); i++) {
                SectionFrame leg = legs.get(i);
                Vec from = leg.seen(line.from()), to = leg.seen(line.to());
                if (from.y() > awayMm == to.y() > awayMm) continue;
                double x = from.x() + (to.x() - from.x()) * (awayMm - from.y()) / (to.y() - from.y());
                boolean its = (i == 0 || x > leg.startMm()) && (i == legs.size() - 1 || x <= leg.endMm());
                if (its && x > left - NEAR_MM && x < right + NEAR_MM) near.put(x, line);
            }
        return near;
    }

    /** @param house all that is drawn of it; null for nothing; @param ground its line, from left to right */
    public List<Group> groups(Model model, Look look, Lettering lettering, @Nullable Bounds house, List<Vec> ground) {
        List<Group> groups = new ArrayList<>();
        if (house == null) return groups;
        double scale = look.drawing().scale();
        near(model, house.minX(), house.maxX()).forEach((x, line) -> {
            Pens pens = new Pens(look.lens());
            Vec top = new Vec(x, house.maxY() + ABOVE_MM * scale);
            pens.line(PenRole.BOUNDARY, new Vec(x, height(ground, x) - BELOW_MM * scale), top);
            pens.add(lettering.set(
                    BoundaryPainter.WORDS,
                    top.plus(new Vec(0, OFF_MM * scale)),
                    0,
                    LETTERS_MM,
                    Lettering.Align.CENTRE,
                    false));
            groups.add(new Group(line.id(), line.layer(), pens.items(), List.of()));
        });
        return groups;
    }

    private static double height(List<Vec> line, double x) {
        for (int i = 1; i < line.size(); i++) {
            Vec a = line.get(i - 1), b = line.get(i);
            if (x >= a.x() && x <= b.x() && b.x() > a.x())
                return a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x());
        }
        return line.getLast().y();
    }
}
