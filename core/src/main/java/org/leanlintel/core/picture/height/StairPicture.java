package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.PlainString;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Tread;
import org.leanlintel.core.stair.StairVoid;

/**
 * A stair by itself: a section up its flights, unrolled along the line it is walked on, with the equal divisions
 * dimensioned, and the plan under it.
 */
public final class StairPicture extends Painting {

    /** On paper. */
    private static final double LETTERS = 2.5, SMALL = 1.8, TICK = 1.5, OFF = 10, BETWEEN = 25;
    /** On paper: a number from its riser, and from the line walked on, clear of the dot and the arrow at its ends. */
    private static final double BESIDE = 0.8, OVER = 1.4;

    public StairPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        Stair stair = building.model().get(drawing.one(), Stair.class);
        BuiltStair built = BuiltStair.find(stair, building.model());
        Pens pens = new Pens(lens());
        if (built == null)
            pens.add(lettering.set(stair.mark() + " leads nowhere.", Vec.ORIGIN, 0, LETTERS, Align.LEFT, false));
        else {
            new Sections(built, pens).draw();
            plan(built, pens);
        }
        return new Picture(drawing.scale(), List.of(new Group(stair.id(), stair.layer(), pens.items(), List.of())));
    }

    /** As in the plan of its storey, turned so that it starts from the left, below the section. */
    private void plan(BuiltStair built, Pens pens) {
        double scale = drawing.scale();
        Area outline = built.plan().outline();
        Vec on = Vec.ofAngle(built.stair().angle());
        Vec origin = built.stair().at();
        List<List<Vec>> lines = new ArrayList<>();
        built.plan().risers().forEach(r -> lines.add(List.of(r.left(), r.right())));
        for (List<Vec> ring : outline.rings()) lines.add(ring);
        lines.add(built.plan().walk());
        List<Vec> all = new ArrayList<>();
        for (List<Vec> line : lines) line.forEach(p -> all.add(turned(p, origin, on)));
        Bounds box = Bounds.of(all);
        Vec shift = new Vec(0, -BETWEEN * scale - box.maxY());
        for (List<Vec> line : lines)
            pens.line(
                    PenRole.STAIR,
                    line.stream().map(p -> turned(p, origin, on).plus(shift)).toList());
        arrow(built, origin, on, shift, pens);
        built.plan().risers().forEach(r -> {
            Vec across = turned(r.right(), origin, on).minus(turned(r.left(), origin, on));
            boolean level = Math.abs(across.y()) > Math.abs(across.x());
            Vec off = level ? new Vec(BESIDE, OVER) : new Vec(OVER, BESIDE);
            Vec at = turned(r.middle(), origin, on).plus(shift).plus(off.times(scale));
            pens.add(lettering.set(Integer.toString(r.number()), at, 0, SMALL, Align.LEFT, false));
        });
        double low = box.minY() + shift.y() - OFF * scale;
        string(pens, new Vec(box.minX(), low), new Vec(box.maxX(), low), box.width());
        double x = box.minX() - OFF * scale;
        string(pens, new Vec(x, box.minY() + shift.y()), new Vec(x, box.maxY() + shift.y()), box.height());
    }

    /** A dot at the first riser, and the head of an arrow at the last. */
    private void arrow(BuiltStair built, Vec origin, Vec on, Vec shift, Pens pens) {
        List<Vec> walk = built.plan().walk().stream()
                .map(p -> turned(p, origin, on).plus(shift))
                .toList();
        double scale = drawing.scale();
        Vec last = walk.getLast(), way = last.minus(walk.get(walk.size() - 2)).unit();
        Vec back = last.along(way, -3 * scale);
        pens.add(new Item.Arc(PenRole.STAIR, pens.pen(PenRole.STAIR), walk.getFirst(), 0.8 * scale, 0, Math.TAU));
        pens.line(PenRole.STAIR, back.along(way.left(), scale), last, back.along(way.left(), -scale));
    }

    private static Vec turned(Vec p, Vec origin, Vec on) {
        Vec from = p.minus(origin);
        return new Vec(from.dot(on), from.dot(on.left()));
    }

    private void string(Pens pens, Vec from, Vec to, double mm) {
        string(pens, from, to, LengthPrinter.ofDrawings(units()).print(mm));
    }

    private void string(Pens pens, Vec from, Vec to, String words) {
        new PlainString(pens, lettering, drawing.scale()).draw(from, to, words);
    }

    private UnitSystem units() {
        return building.model().settings().units();
    }

    /** The section: every flight and turn in one line, as long as it is walked. */
    private final class Sections {

        private final BuiltStair built;
        private final Pens pens;
        private final double scale = drawing.scale();
        private final double rise;
        private final double going;
        /** Where each riser stands. */
        private final List<Double> starts = new ArrayList<>();

        Sections(BuiltStair built, Pens pens) {
            this.built = built;
            this.pens = pens;
            rise = built.plan().sum().riserMm();
            going = built.plan().sum().goingMm();
        }

        void draw() {
            List<Vec> steps = new ArrayList<>(List.of(new Vec(-OFF * scale, 0), Vec.ORIGIN));
            double x = 0;
            for (int k = 1; k <= built.plan().sum().risers(); k++) {
                starts.add(x);
                steps.add(new Vec(x, (k - 1) * rise));
                steps.add(new Vec(x, k * rise));
                pens.add(lettering.set(
                        Integer.toString(k), new Vec(x - 1.2 * scale, (k - 0.5) * rise), 0, SMALL, Align.RIGHT, false));
                x += lengthOf(k);
            }
            double top = built.heights().riseMm(), end = steps.getLast().x();
            steps.add(new Vec(end + OFF * scale, top));
            pens.line(PenRole.CUT_STRUCTURE, steps);
            divisions(top);
            goings();
            strings();
            soffit(end, top);
            words(end, top);
        }

        private double lengthOf(int number) {
            for (Tread t : built.plan().treads()) {
                if (t.number() != number) continue;
                return t.lengthMm();
            }
            return 0;
        }

        /** Every riser as a stroke on one line, with what they add up to. */
        private void divisions(double top) {
            double at = -OFF * scale - 4 * scale;
            pens.line(PenRole.DIMENSION, new Vec(at, -TICK * scale), new Vec(at, top + TICK * scale));
            int n = built.plan().sum().risers();
            for (int k = 0; k <= n; k++) {
                Vec p = new Vec(at, k * rise), slant = new Vec(TICK * 0.6, TICK * 0.6).times(scale);
                pens.line(PenRole.TICK, p.minus(slant), p.plus(slant));
            }
            LengthPrinter shown = LengthPrinter.ofDrawings(units()), whole = LengthPrinter.ofScreen(units());
            double over = shown.rounded(rise) * n - top;
            String words = "%d \u00d7 %s = %s".formatted(n, whole.print(rise), shown.print(top));
            if (Math.abs(over) > shown.stepMm() / 2)
                words += "  (%d \u00d7 %s is %s %s)"
                        .formatted(
                                n,
                                shown.print(rise),
                                shown.print(Math.abs(over)),
                                over > 0 ? "too much" : "too little");
            pens.add(lettering.set(
                    words, new Vec(at - 2.2 * scale, top / 2), Math.PI / 2, LETTERS, Align.CENTRE, false));
        }

        /** The goings of each flight, and each landing, in one string below. */
        private void goings() {
            LengthPrinter lengths = LengthPrinter.ofDrawings(units());
            double y = -OFF * scale, x = 0;
            for (Flight f : built.plan().flights()) {
                if (f.lengthMm() > 1) {
                    String words = "%d \u00d7 %s = %s"
                            .formatted(f.risers() - 1, lengths.print(going), lengths.print(f.lengthMm()));
                    string(pens, new Vec(x, y), new Vec(x + f.lengthMm(), y), words);
                    x += f.lengthMm();
                }
                int last = f.first() + f.risers() - 1;
                double turn = 0;
                for (Tread t : built.plan().treads())
                    if (t.of() != Of.FLIGHT && t.number() >= last && isBeforeNext(t, f)) turn += lengthOf(t.number());
                if (turn > 0) string(pens, new Vec(x, y), new Vec(x + turn, y), turn);
                x += turn;
            }
        }

        private boolean isBeforeNext(Tread t, Flight f) {
            int next = built.plan().flights().indexOf(f) + 1;
            return next >= built.plan().flights().size()
                    || t.number() < built.plan().flights().get(next).first();
        }

        /** The floor it leads to; of one straight flight, that floor up to the edge of the void, and the headroom there. */
        private void soffit(double end, double top) {
            double thick = built.heights().floorMm(), under = top - thick;
            if (thick == 0) return;
            slab(end, end + OFF * scale, under, top);
            double along = (under - built.headroomMm() - rise) * going / rise;
            if (built.plan().flights().size() > 1 || along < 0 || along > end) return;
            slab(-OFF * scale, along, under, top);
            double needed = StairVoid.needed(built.rules(), built.stair().shape() instanceof Stair.Spiral);
            LengthPrinter lengths = LengthPrinter.ofDrawings(units());
            string(
                    pens,
                    new Vec(along, under - built.headroomMm()),
                    new Vec(along, under),
                    "%s headroom, %s needed".formatted(lengths.print(built.headroomMm()), lengths.print(needed)));
        }

        private void slab(double from, double to, double low, double high) {
            pens.closed(
                    PenRole.CUT_STRUCTURE,
                    List.of(new Vec(from, low), new Vec(to, low), new Vec(to, high), new Vec(from, high)));
        }

        /** The lower edge of the strings of each flight. */
        private void strings() {
            double depth = built.stair().make().stringDepthMm(), x = 0;
            if (depth == 0 || built.stair().shape() instanceof Stair.Spiral) return;
            double upright = depth * Math.hypot(rise, going) / going * 0.8;
            for (Flight f : built.plan().flights()) {
                double from = starts.get(f.first() - 1), foot = f.first() * rise - upright;
                double first = Math.max(from, from + (upright - f.first() * rise) * going / rise);
                if (f.first() > 1) first = from;
                x = from + f.lengthMm();
                if (x - first > 1)
                    pens.line(
                            PenRole.EDGE,
                            new Vec(first, foot + (first - from) * rise / going),
                            new Vec(x, foot + f.lengthMm() * rise / going));
            }
        }

        private void words(double end, double top) {
            LevelPrinter levels =
                    new LevelPrinter(units(), Site.of(building.model()).zeroMm());
            double from = built.heights().levelMm();
            pens.add(lettering.set(
                    levels.print(from), new Vec(-1.5 * scale, -3.4 * scale), 0, LETTERS, Align.RIGHT, true));
            pens.add(lettering.set(
                    levels.print(from + top),
                    new Vec(end + 2 * scale, top + 0.8 * scale),
                    0,
                    LETTERS,
                    Align.LEFT,
                    true));
            String pitch = "%s: pitch %.1f\u00b0, 2R+G %s"
                    .formatted(
                            built.stair().mark(),
                            Math.toDegrees(built.plan().sum().pitch()),
                            LengthPrinter.ofDrawings(units())
                                    .print(built.plan().sum().sumMm()));
            pens.add(lettering.set(pitch, new Vec(0, top + 6 * scale), 0, LETTERS, Align.LEFT, true));
        }
    }
}
