package org.leanlintel.core.picture;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;

/** One thing drawn. Points are in the picture's own millimetres; pens and letter heights are on paper. */
public sealed interface Item {

    /** What is drawn over what: first all that come first here, of a whole picture, then the next; lines in the order they come. */
    enum Rank {
        TRACED,
        FILL,
        HATCH,
        LINE,
        /** What covers lines, under words. */
        GROUND,
        TEXT
    }

    default Rank rank() {
        return switch (this) {
            case Traced t -> Rank.TRACED;
            case Fill f -> f.over ? Rank.GROUND : Rank.FILL;
            case Image i -> Rank.FILL;
            case Hatch h -> Rank.HATCH;
            case Wave w -> Rank.HATCH;
            case Strokes s -> s.role() == PenRole.HATCH ? Rank.HATCH : Rank.LINE;
            case Arc a -> Rank.LINE;
            case Text t -> Rank.TEXT;
        };
    }

    /** Whether it shows on paper, and not on the board alone. */
    default boolean prints() {
        return !(this instanceof Traced) && !(this instanceof Strokes s && s.role == PenRole.CONSTRUCTION);
    }

    /** The same in another ink; tints stay. @param ink as {@code #rrggbb} */
    default Item inked(String ink) {
        return switch (this) {
            case Traced t -> t;
            case Fill f -> f;
            case Image i -> i;
            case Hatch h -> new Hatch(h.pen.inked(ink), h.rings, h.degrees, h.origin, h.pitch);
            case Wave w -> new Wave(w.pen.inked(ink), w.from, w.to, w.across, w.halves, w.steps);
            case Strokes s -> new Strokes(s.role, s.pen.inked(ink), s.lines);
            case Arc a -> new Arc(a.role, a.pen.inked(ink), a.centre, a.radius, a.from, a.sweep);
            case Text t -> new Text(t.text, t.at, t.angle, t.strong, t.runs, ink);
        };
    }

    /** The same, what of it is drawn in one ink in another; tints stay. */
    default Item inked(String ink, String other) {
        String own =
                switch (this) {
                    case Traced t -> "";
                    case Fill f -> "";
                    case Image i -> "";
                    case Hatch h -> h.pen.ink();
                    case Wave w -> w.pen.ink();
                    case Strokes s -> s.pen.ink();
                    case Arc a -> a.pen.ink();
                    case Text t -> t.ink;
                };
        return own.equals(ink) ? inked(other) : this;
    }

    /** Lines with another pen; hatches, tints and words stay. */
    default Item penned(Pen pen) {
        return switch (this) {
            case Strokes s -> s.role == PenRole.HATCH ? s : new Strokes(s.role, pen, s.lines);
            case Arc a -> new Arc(a.role, pen, a.centre, a.radius, a.from, a.sweep);
            case Traced t -> t;
            case Fill f -> f;
            case Image i -> i;
            case Hatch h -> h;
            case Wave w -> w;
            case Text t -> t;
        };
    }

    /** As what matters less in a drawing: its lines and words pale grey, its tints nearly gone. */
    default Item pale() {
        return this instanceof Fill f ? new Fill(Inks.paled(f.tint), f.ring, f.over) : inked(Inks.PALE);
    }

    /** As what stands already: tints one grey, lines and words grey, hatches left out ({@code null}). */
    default @Nullable Item standing() {
        return switch (this) {
            case Fill f -> f.over ? f : new Fill(Inks.STANDING_TINT, f.ring);
            case Image i -> i;
            case Hatch h -> null;
            case Wave w -> null;
            case Strokes s -> s.role == PenRole.HATCH ? null : inked(Inks.STANDING);
            case Arc a -> inked(Inks.STANDING);
            case Text t -> inked(Inks.STANDING);
            case Traced t -> t;
        };
    }

    /** As what goes: its lines in another pen, without tints and hatches ({@code null}). */
    default @Nullable Item going(Pen pen) {
        return switch (this) {
            case Fill f -> f.over ? f : null;
            case Image i -> i;
            case Hatch h -> null;
            case Wave w -> null;
            case Strokes s -> s.role == PenRole.HATCH ? null : penned(pen);
            case Arc a -> penned(pen);
            case Text t -> t;
            case Traced t -> t;
        };
    }

    /** The same at {@code factor} times the size, then shifted by {@code by}. Paper sizes stay. */
    Item placed(double factor, Vec by);

    /**
     * A tinted area inside one ring, given without repeating the first point.
     *
     * @param tint as {@code #rrggbb}
     * @param over whether it covers lines, as the ground of a figure does; else it lies under them
     */
    record Fill(String tint, List<Vec> ring, boolean over) implements Item {
        public Fill {
            ring = List.copyOf(ring);
        }

        /** Under lines. */
        public Fill(String tint, List<Vec> ring) {
            this(tint, ring, false);
        }

        @Override
        public Fill placed(double factor, Vec by) {
            return new Fill(tint, place(ring, factor, by), over);
        }
    }

    /**
     * Even lines inside an area, for writers to draw by {@link HatchLines}.
     *
     * @param rings round the area and its holes, by the even-odd rule
     * @param degrees of each family of lines, counter-clockwise from the x axis
     * @param origin a point that one line of each family passes through, so that neighbours run on
     * @param pitch between lines
     */
    record Hatch(Pen pen, List<List<Vec>> rings, List<Double> degrees, Vec origin, double pitch) implements Item {
        public Hatch {
            rings = rings.stream().map(List::copyOf).toList();
            degrees = List.copyOf(degrees);
        }

        @Override
        public Hatch placed(double factor, Vec by) {
            return new Hatch(
                    pen,
                    rings.stream().map(ring -> place(ring, factor, by)).toList(),
                    degrees,
                    place(origin, factor, by),
                    pitch * factor);
        }
    }

    /**
     * A line that goes to and fro between two faces, for writers to draw by {@link HatchLines}.
     *
     * @param from where it begins and {@code to}: where it would end, both on the first face
     * @param across from the first face to the other
     * @param halves how often it crosses
     * @param steps straight pieces of each crossing; one makes a zigzag, more a wave
     */
    record Wave(Pen pen, Vec from, Vec to, Vec across, int halves, int steps) implements Item {
        @Override
        public Wave placed(double factor, Vec by) {
            return new Wave(pen, place(from, factor, by), place(to, factor, by), across.times(factor), halves, steps);
        }
    }

    /** Lines of one pen. */
    record Strokes(PenRole role, Pen pen, List<List<Vec>> lines) implements Item {
        public Strokes {
            lines = lines.stream().map(List::copyOf).toList();
        }

        @Override
        public Strokes placed(double factor, Vec by) {
            return new Strokes(
                    role,
                    pen,
                    lines.stream().map(line -> place(line, factor, by)).toList());
        }
    }

    /** An arc from angle {@code from} through {@code sweep} radians, counter-clockwise where positive. */
    record Arc(PenRole role, Pen pen, Vec centre, double radius, double from, double sweep) implements Item {
        @Override
        public Arc placed(double factor, Vec by) {
            return new Arc(role, pen, place(centre, factor, by), radius * factor, from, sweep);
        }
    }

    /**
     * One line of text.
     *
     * @param text as it is read
     * @param at where its runs are measured from
     * @param angle of the base line
     * @param runs its pieces as set, with fractions stacked
     * @param ink {@code #rrggbb}; empty for the ink everything is drawn in
     */
    record Text(String text, Vec at, double angle, boolean strong, List<Run> runs, String ink) implements Item {
        public Text {
            runs = List.copyOf(runs);
        }

        /** In the ink everything is drawn in. */
        public Text(String text, Vec at, double angle, boolean strong, List<Run> runs) {
            this(text, at, angle, strong, runs, "");
        }

        @Override
        public Text placed(double factor, Vec by) {
            return new Text(text, place(at, factor, by), angle, strong, runs, ink);
        }
    }

    /** A picture to trace from, by its file and page: on the board only. @param at its lower left corner */
    record Traced(String file, int page, Vec at, double widthMm, double heightMm, double angle, double strength)
            implements Item {
        @Override
        public Traced placed(double factor, Vec by) {
            return new Traced(file, page, place(at, factor, by), widthMm * factor, heightMm * factor, angle, strength);
        }
    }

    /** A picture of dots. @param address it within itself: {@code data:image/png;base64,...}; @param at its lower left corner */
    record Image(String address, Vec at, double widthMm, double heightMm) implements Item {
        @Override
        public Image placed(double factor, Vec by) {
            return new Image(address, place(at, factor, by), widthMm * factor, heightMm * factor);
        }
    }

    /** Letters of one height at a place on the base line; all in paper millimetres. @param height of capitals */
    record Run(String letters, double right, double up, double height) {}

    private static Vec place(Vec point, double factor, Vec by) {
        return point.times(factor).plus(by);
    }

    private static List<Vec> place(List<Vec> points, double factor, Vec by) {
        return points.stream().map(p -> place(p, factor, by)).toList();
    }
}
