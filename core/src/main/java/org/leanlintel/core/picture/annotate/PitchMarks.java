package org.leanlintel.core.picture.annotate;

import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.roof.RoofShape.Face;

/**
 * How steep roofs are, in sections and elevations: a triangle over each slope that is seen edge on, with its run of 12 and its rise
 * where the pitch was said so, else the pitch in words beside the slope.
 */
public final class PitchMarks {

    /** On paper: how far off the slope marks stand, how long a triangle's run is, letters, the least slope that has one. */
    private static final double OFF_MM = 2.5, RUN_MM = 10, LETTERS_MM = 1.8, LEAST_MM = 22;

    /** How far along the slope they may stand. */
    private static final double[] PLACES = {0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8};

    /** The cosine under which a slope is seen at an angle, and not as steep as it is. */
    private static final double SQUARE = 0.9998;

    private final Building building;
    private final SectionFrame frame;
    private final Pens pens;
    private final Lettering lettering;
    private final double scale;
    private final List<Bounds> lines;

    /** @param drawn what they keep clear of, where they can */
    public PitchMarks(
            Building building, SectionFrame frame, Pens pens, Lettering lettering, double scale, List<Group> drawn) {
        lines = TakenBoxes.lines(drawn);
        this.building = building;
        this.frame = frame;
        this.pens = pens;
        this.lettering = lettering;
        this.scale = scale;
    }

    public void draw() {
        for (Roof r : building.model().all(Roof.class))
            if (r.stays() && building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof joined)
                for (Face f : joined.faces()) face(joined.built(), f);
    }

    private void face(BuiltRoof built, Face f) {
        double tan = f.tan();
        if (tan == 0 || Math.abs(f.plane().slope().dot(frame.right())) / tan < SQUARE) return;
        Pitch pitch = built.pitch(f);
        List<Vec> line = pitch == null ? List.of() : seen(f);
        if (pitch == null || line.isEmpty()) return;
        List<Vec> top = line.stream()
                .map(p -> new Vec(frame.seen(p).x(), built.top(f).at(p)))
                .toList();
        Vec a = top.getFirst().x() < top.getLast().x() ? top.getFirst() : top.getLast();
        Vec b = a == top.getFirst() ? top.getLast() : top.getFirst();
        if (a.distanceTo(b) < LEAST_MM * scale) return;
        Vec along = b.minus(a).unit(), middle = clearest(a, b, along);
        if (pitch.said() == Pitch.Said.IN_TWELVE) triangle(pitch, middle, along, scale, lettering, pens);
        else pens.add(lettering.set(pitch.words(), middle, along.angle(), LETTERS_MM, Align.CENTRE, false));
    }

    /** Over the middle of a slope, or as near to it as fewest lines run. */
    private Vec clearest(Vec from, Vec to, Vec along) {
        Vec best = from;
        long least = Long.MAX_VALUE;
        for (double part : PLACES) {
            Vec foot = from.plus(to.minus(from).times(part)), at = foot.along(along.left(), OFF_MM * scale);
            Vec over = at.along(along.left(), RUN_MM / 2 * scale);
            Bounds box = new Bounds(over.x(), over.y(), over.x(), over.y()).grown(RUN_MM * 0.6 * scale);
            long met = lines.stream().filter(box::meets).count();
            if (met < least) {
                least = met;
                best = at;
            }
        }
        return best;
    }

    /** Where the cut goes through a face; of an elevation, along the nearest place of it. */
    private List<Vec> seen(Face f) {
        double deep = frame.isOutside() ? nearest(f) + 1 : 0;
        Vec from = frame.plan(new Vec(frame.startMm(), deep)), to = frame.plan(new Vec(frame.endMm(), deep));
        return f.plan().scanned(List.of(List.of(from, to))).stream()
                .max(Comparator.comparingDouble(l -> l.getFirst().distanceTo(l.getLast())))
                .orElse(List.of());
    }

    private double nearest(Face f) {
        return f.plan().rings().stream()
                .flatMap(List::stream)
                .mapToDouble(p -> frame.seen(p).y())
                .min()
                .orElse(0);
    }

    /** A right angle over the slope, its longest side along it. */
    public static void triangle(Pitch pitch, Vec middle, Vec along, double scale, Lettering lettering, Pens pens) {
        double run = RUN_MM * scale, rise = run * pitch.tan();
        boolean up = along.y() > 0;
        Vec low = middle.plus(new Vec(up ? -run / 2 : run / 2, -rise / 2));
        Vec high = middle.plus(new Vec(up ? run / 2 : -run / 2, rise / 2)), corner = new Vec(low.x(), high.y());
        pens.line(PenRole.LEVEL, low, high, corner, low);
        double off = 0.8 * scale;
        pens.add(lettering.set("12", new Vec(middle.x(), high.y() + off), 0, LETTERS_MM, Align.CENTRE, false));
        pens.add(lettering.set(
                pitch.words().substring(0, pitch.words().indexOf(':')),
                new Vec(corner.x() + (up ? -off : off), middle.y() - LETTERS_MM / 2 * scale),
                0,
                LETTERS_MM,
                up ? Align.RIGHT : Align.LEFT,
                false));
    }
}
