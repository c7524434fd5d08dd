package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A fitting of the stock, or an office's own symbol: what it looks like from above and how it may be sized. It lies in a box
 * with its origin at the left end of its back, seen from before it: x to the right along the back, y to the front.
 *
 * @param kind what it is to rules
 * @param group under which the stock lists it
 * @param back whether its back goes to a wall
 * @param point what it is placed by, in its box at its usual size
 * @param width and depth of the box; the drawing is of their usual values
 * @param lowMm its lower edge above the floor
 * @param stretchX lines x = constant along which it stretches: what lies right of one shifts by its share
 * @param stretchY likewise, for what lies before one
 * @param drawn what is drawn, later over earlier
 * @param parts what it is in space; its whole box where nothing is said
 * @param source of its sizes
 */
public record Symbol(
        ElementId id,
        String name,
        Kind kind,
        String group,
        boolean back,
        Vec point,
        Extent width,
        Extent depth,
        double lowMm,
        double heightMm,
        List<Double> stretchX,
        List<Double> stretchY,
        List<Mark> drawn,
        List<SymbolPart> parts,
        String source)
        implements Element.Stock {

    private static final int MOST_MARKS = 400, MOST_POINTS = 400, MOST_LINES = 40;

    /** Millimetres from the box's origin: as far as the largest fitting reaches. */
    private static final double FURTHEST_MM = 30_000;

    public Symbol {
        name = Checks.name("A symbol's name", name);
        group = Checks.name("A symbol's group", group);
        lowMm = Checks.between("A fitting's lower edge", lowMm, 0, 10_000);
        heightMm = Checks.between("A fitting's height", heightMm, 0, 10_000);
        stretchX = List.copyOf(stretchX);
        stretchY = List.copyOf(stretchY);
        drawn = List.copyOf(drawn);
        parts = List.copyOf(parts);
        Checks.of("A symbol's point", point, FURTHEST_MM);
        for (List<Double> lines : List.of(stretchX, stretchY)) {
            if (lines.size() > MOST_LINES)
                throw new Unusable("A symbol stretches along %d lines at most.".formatted(MOST_LINES));
            for (double line : lines)
                Checks.between("A line a symbol stretches along", line, -FURTHEST_MM, FURTHEST_MM);
        }
        source = Checks.text("A source", source, 400);
        if (parts.size() > MOST_MARKS) throw new Unusable("A symbol has %d parts at most.".formatted(MOST_MARKS));
        if (drawn.size() > MOST_MARKS) throw new Unusable("A symbol has %d lines at most.".formatted(MOST_MARKS));
        if (width.varies() && stretchX.isEmpty() || depth.varies() && stretchY.isEmpty())
            throw new Unusable("\"%s\" has no line along which it could stretch.".formatted(name));
    }

    /** A point of the box at its usual size, where it comes to lie in one of another size. */
    public Vec stretched(Vec p, double widthMm, double depthMm) {
        return new Vec(
                along(p.x(), stretchX, widthMm - width.usualMm()), along(p.y(), stretchY, depthMm - depth.usualMm()));
    }

    /** A coordinate after stretching by {@code more}, shared by the lines it lies past; half a share of one it lies on. */
    private static double along(double value, List<Double> lines, double more) {
        if (lines.isEmpty()) return value;
        double past = 0;
        for (double line : lines) past += value > line ? 1 : value == line ? 0.5 : 0;
        return value + more * past / lines.size();
    }

    public Symbol named(ElementId otherId, String otherName) {
        return new Symbol(
                otherId, otherName, kind, group, back, point, width, depth, lowMm, heightMm, stretchX, stretchY, drawn,
                parts, source);
    }

    /** A size along one direction, millimetres. @param usual what it has if nothing is typed */
    public record Extent(double leastMm, double usualMm, double mostMm) {
        public Extent {
            if (!(leastMm > 0 && leastMm <= usualMm && usualMm <= mostMm && mostMm <= 30_000))
                throw new Unusable("A symbol's sizes must be above 0 and in order: %s, %s, %s."
                        .formatted(Checks.plain(leastMm), Checks.plain(usualMm), Checks.plain(mostMm)));
        }

        public static Extent fixed(double mm) {
            return new Extent(mm, mm, mm);
        }

        public boolean varies() {
            return leastMm < mostMm;
        }
    }

    /** What it is to rules and findings. */
    public enum Kind {
        WC,
        BIDET,
        BASIN,
        BATH,
        SHOWER,
        BASE_UNITS,
        WALL_UNITS,
        TALL_UNIT,
        SINK,
        HOB,
        OVEN,
        DISHWASHER,
        FRIDGE,
        LAUNDRY,
        FIREPLACE,
        WARDROBE,
        BED,
        TABLE,
        SEAT,
        CAR,
        OTHER;

        /** Whether it stands about and is moved by whoever lives there. */
        public boolean isLoose() {
            return this == BED || this == TABLE || this == SEAT || this == CAR;
        }

        /** Whether it is built into a run of base units, and so may lie in one. */
        public boolean isBuiltIn() {
            return this == SINK || this == HOB || this == OVEN || this == DISHWASHER || this == LAUNDRY;
        }
    }

    /** Something drawn, in the symbol's own box. */
    public sealed interface Mark {}

    /** Straight lines. @param closed back to the first point */
    public record Path(List<Vec> points, boolean closed) implements Mark {
        public Path {
            points = line(points, 2, "A line of a symbol needs two points.");
        }
    }

    /** An area of paper, which hides what is under it, with its outline. */
    public record Patch(List<Vec> points) implements Mark {
        public Patch {
            points = line(points, 3, "An area of a symbol needs three points.");
        }
    }

    /** A rectangle with round corners. @param at its corner nearest the origin */
    public record Rounded(Vec at, double widthMm, double depthMm, double radiusMm) implements Mark {
        public Rounded {
            within(at);
            size(widthMm);
            size(depthMm);
            size(radiusMm);
        }
    }

    /** An ellipse along the box. */
    public record Oval(Vec centre, double halfWidthMm, double halfDepthMm) implements Mark {
        public Oval {
            within(centre);
            size(halfWidthMm);
            size(halfDepthMm);
        }
    }

    /** @param fromDegrees counter-clockwise from x; @param sweepDegrees likewise, negative runs clockwise */
    public record Bow(Vec centre, double radiusMm, double fromDegrees, double sweepDegrees) implements Mark {
        public Bow {
            within(centre);
            size(radiusMm);
            Checks.number("Where a bow begins", fromDegrees, -720, 720, "degrees");
            Checks.number("How far a bow goes round", sweepDegrees, -360, 360, "degrees");
        }
    }

    /** @param heightMm of capitals, in the building */
    public record Words(Vec at, String text, double heightMm) implements Mark {
        public Words {
            within(at);
            text = Checks.name("A symbol's words", text);
            heightMm = Checks.between("The height of a symbol's words", heightMm, 10, 2000);
        }
    }

    /** A line repeated across the whole width, as hangers on a rail. @param insetMm from either end */
    public record Repeated(List<Vec> points, double insetMm, double pitchMm) implements Mark {
        public Repeated {
            points = line(points, 2, "A line of a symbol needs two points.");
            pitchMm = Checks.between("The pitch of repeated lines", pitchMm, 10, 10_000);
            insetMm = Checks.between("The inset of repeated lines", insetMm, 0, 10_000);
        }
    }

    /** Divisions between units of standard widths that fill the width; what is left over is a filler at the right. */
    public record Units(List<Double> widthsMm, double fromMm, double toMm) implements Mark {
        public Units {
            widthsMm = List.copyOf(widthsMm);
            for (double w : widthsMm) Checks.between("The width of a unit", w, 50, 5000);
            Checks.between("Where a division begins", fromMm, -FURTHEST_MM, FURTHEST_MM);
            Checks.between("Where a division ends", toMm, -FURTHEST_MM, FURTHEST_MM);
            if (widthsMm.size() > MOST_LINES)
                throw new Unusable("A symbol knows %d widths of units at most.".formatted(MOST_LINES));
        }
    }

    private static List<Vec> line(List<Vec> points, int least, String tooFew) {
        if (points.size() < least) throw new Unusable(tooFew);
        if (points.size() > MOST_POINTS)
            throw new Unusable("A line of a symbol has %d points at most.".formatted(MOST_POINTS));
        points.forEach(Symbol::within);
        return List.copyOf(points);
    }

    private static void within(Vec point) {
        Checks.of("A point of a symbol", point, FURTHEST_MM);
    }

    private static void size(double mm) {
        Checks.between("A size in a symbol", mm, 0, FURTHEST_MM);
    }
}
