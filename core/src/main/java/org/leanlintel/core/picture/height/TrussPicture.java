package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.LevelMarks;
import org.leanlintel.core.picture.annotate.PlainString;
import org.leanlintel.core.truss.Member;
import org.leanlintel.core.truss.TrussShape;

/** A truss as it is made: its timbers, bearings, heel, levels and lengths, and what its supplier answers for. */
public final class TrussPicture extends Painting {

    /** On paper: from the truss to its strings, from one to the next, and half a bearing mark. */
    private static final double OFF_MM = 9, NEXT_MM = 7, BEARING_MM = 2.2;

    private static final double LETTERS_MM = 2.0, SMALL_MM = 1.8, ROW_MM = 3.6, LENGTHS_MM = 62, BOARDS_MM = 82;

    /** IRC R802.10.1 and R802.10.4. */
    private static final List<String> ANSWERED = List.of(
            "Profile, bearings and spacing as drawn. Members, plates and bracing are designed by the truss supplier,",
            "whose drawings are on site before trusses are delivered. Trusses are not cut, notched or altered.");

    private final double scale;

    public TrussPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
        scale = drawing.scale();
    }

    @Override
    public Picture draw() {
        Truss truss = building.model().get(drawing.one(), Truss.class);
        Pens pens = new Pens(lens());
        if (building.get(new BuiltTruss.Of(truss.id())) instanceof BuiltTruss built) new Drawn(built, pens).draw();
        else if (BuiltTruss.of(truss, building) instanceof BuiltTruss.Cannot cannot)
            pens.add(lettering.set(truss.mark() + ": " + cannot.why(), Vec.ORIGIN, 0, LETTERS_MM, Align.LEFT, false));
        return new Picture(scale, List.of(new Group(truss.id(), truss.layer(), pens.items(), List.of())));
    }

    private final class Drawn {

        private final BuiltTruss built;
        private final TrussShape shape;
        private final Pens pens;
        private final PlainString string;
        private final LengthPrinter lengths =
                LengthPrinter.ofDrawings(building.model().settings().units());
        private final Bounds bounds;
        private final double span;

        Drawn(BuiltTruss built, Pens pens) {
            this.built = built;
            this.pens = pens;
            shape = built.shape();
            span = shape.sum().spanMm();
            string = new PlainString(pens, lettering, scale);
            List<Vec> all = new ArrayList<>();
            for (Member m : shape.members()) m.shape().rings().forEach(all::addAll);
            bounds = Bounds.of(all);
        }

        void draw() {
            shape.members().forEach(this::member);
            bearing(0, 1);
            if (shape.sum().hasOneSlope()) hung();
            else bearing(span, -1);
            across();
            heights();
            pitches();
            words();
        }

        private void member(Member m) {
            for (List<Vec> ring : m.shape().ringsWithoutHoles()) pens.fill("#f3e8cf", ring.subList(0, ring.size() - 1));
            PenRole role = m.kind() == Member.Kind.WEB ? PenRole.CUT_LINING : PenRole.CUT_FACING;
            for (List<Vec> ring : m.shape().rings()) pens.line(role, ring);
        }

        /** On the plate's structure. */
        private void bearing(double x, int inwards) {
            double at = x + inwards * BEARING_MM * scale;
            pens.closed(
                    PenRole.LEVEL,
                    List.of(
                            new Vec(at, 0),
                            new Vec(at - BEARING_MM * scale, -1.8 * BEARING_MM * scale),
                            new Vec(at + BEARING_MM * scale, -1.8 * BEARING_MM * scale)));
        }

        /** Carried by the wall behind its high end. */
        private void hung() {
            double y = shape.innerMm() + shape.sum().bottomMm() / 2;
            pens.closed(
                    PenRole.LEVEL,
                    List.of(
                            new Vec(span, y),
                            new Vec(span + 1.8 * BEARING_MM * scale, y + BEARING_MM * scale),
                            new Vec(span + 1.8 * BEARING_MM * scale, y - BEARING_MM * scale)));
        }

        /** The nodes of the bottom chord, then the overhangs and the span. */
        private void across() {
            TreeSet<Double> nodes = new TreeSet<>(List.of(0.0, span));
            for (Member m : shape.members())
                if (m.kind() == Member.Kind.WEB)
                    for (Vec end : m.centre()) if (shape.isOnBottom(end)) nodes.add(Math.rint(end.x() * 100) / 100);
            double y = Math.min(0, bounds.minY()) - OFF_MM * scale;
            if (nodes.size() > 2) {
                row(new ArrayList<>(nodes), y);
                y -= NEXT_MM * scale;
            }
            TreeSet<Double> whole = new TreeSet<>(List.of(bounds.minX(), 0.0, span, bounds.maxX()));
            row(new ArrayList<>(whole), y);
        }

        private void row(List<Double> at, double y) {
            string.chain(new Vec(0, y), new Vec(1, 0), at, lengths::print);
        }

        private void heights() {
            double left = bounds.minX() - OFF_MM * scale;
            up(left, 0, shape.sum().heelMm());
            up(left - NEXT_MM * scale, 0, shape.peakTopMm());
            if (shape.innerMm() > 0) up(shape.sum().peakMm(), 0, shape.innerMm());
            if (built.truss().form() instanceof Truss.Attic a) room(shape.room(a));
            LevelPrinter levels = new LevelPrinter(
                    building.model().settings().units(),
                    Site.of(building.model()).zeroMm());
            double right = bounds.maxX();
            LevelMarks marks = new LevelMarks(pens, lettering, levels, right, scale);
            marks.mark(0, built.plateMm(), "plate");
            marks.mark(shape.peakTopMm(), built.plateMm() + shape.peakTopMm(), "peak");
        }

        /** How wide it is and how high, within it. */
        private void room(List<Vec> corners) {
            Vec low = corners.getFirst(), high = corners.getLast();
            double y = low.y() + NEXT_MM / 2 * scale;
            string.draw(new Vec(low.x(), y), new Vec(high.x(), y), lengths.print(high.x() - low.x()));
            up(low.x() + (high.x() - low.x()) / 3, low.y(), high.y());
        }

        private void up(double x, double from, double to) {
            string.draw(new Vec(x, from), new Vec(x, to), lengths.print(to - from));
        }

        private void pitches() {
            for (Member m : shape.members()) {
                if (m.kind() == Member.Kind.WEB) continue;
                Vec middle = m.centre().getFirst().plus(m.centre().getLast()).times(0.5);
                Vec along = m.centre().getLast().minus(m.centre().getFirst()).unit();
                boolean top = m.kind() == Member.Kind.TOP_CHORD;
                double off = top ? shape.sum().topMm() + 1.2 * scale : -(1.2 + SMALL_MM) * scale;
                String said = (top ? pitch(m) : inner(m)) + lengths.print(m.lengthMm());
                pens.add(lettering.set(
                        said, middle.along(along.left(), off), along.angle(), SMALL_MM, Align.CENTRE, false));
            }
        }

        private String pitch(Member chord) {
            double tan = Math.abs(chord.slope());
            for (PlateEdge e : built.roof().plate())
                if (e.edge().rises() instanceof Roof.Eaves eaves
                        && Math.abs(eaves.pitch().tan() - tan) < 1e-9)
                    return eaves.pitch().words() + ",  ";
            return "%.1f\u00b0,  ".formatted(Math.toDegrees(Math.atan(tan)));
        }

        private String inner(Member chord) {
            return switch (built.truss().form()) {
                case Truss.Scissor s -> s.bottom().words() + ",  ";
                case Truss.Parallel p -> pitch(chord);
                case Truss.Level l -> "";
                case Truss.Attic a -> "";
                case Truss.RaisedTie r -> "";
                case Truss.Gable g -> "";
            };
        }

        /** What it is, its timbers one by one, and who answers for it. */
        private void words() {
            Truss t = built.truss();
            double y = bounds.maxY() + OFF_MM * scale;
            int many = built.at().size();
            String howMany = t.isPlaced() ? many + " of them" : many + " at " + lengths.print(t.spacingMm());
            String what =
                    "%s: %s, %s, %s thick".formatted(t.mark(), t.words(), howMany, lengths.print(t.wholeThickMm()));
            text(what, bounds.minX(), y, true);
            double low = Math.min(0, bounds.minY()) - (OFF_MM + 2 * NEXT_MM) * scale;
            text("Timber", bounds.minX(), low, true);
            text("Length", bounds.minX() + LENGTHS_MM * scale, low, true);
            text("Board", bounds.minX() + BOARDS_MM * scale, low, true);
            for (Member m : shape.members()) {
                low -= ROW_MM * scale;
                text(m.name() + ", " + lengths.print(deep(m)), bounds.minX(), low, false);
                text(lengths.print(m.lengthMm()), bounds.minX() + LENGTHS_MM * scale, low, false);
                if (m.kind() != Member.Kind.WEB)
                    text(lengths.print(m.boardMm()), bounds.minX() + BOARDS_MM * scale, low, false);
            }
            low -= ROW_MM / 2 * scale;
            for (String line : ANSWERED) {
                low -= ROW_MM * scale;
                text(line, bounds.minX(), low, false);
            }
        }

        private double deep(Member m) {
            return switch (m.kind()) {
                case TOP_CHORD -> shape.sum().topMm();
                case BOTTOM_CHORD -> shape.sum().bottomMm();
                case WEB -> shape.sum().webMm();
            };
        }

        private void text(String words, double x, double y, boolean strong) {
            pens.add(lettering.set(words, new Vec(x, y), 0, LETTERS_MM, Align.LEFT, strong));
        }
    }
}
