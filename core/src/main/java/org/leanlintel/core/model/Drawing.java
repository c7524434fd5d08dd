package org.leanlintel.core.model;

import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/**
 * One picture of the model.
 *
 * @param sortBy the title of the column a schedule is sorted by; empty for its usual order
 * @param subject the line a section is cut along, the stair of a stair drawing, the room of an interior elevation, trusses, the state of what a schedule lists, the drawings a legend is of
 * @param order its place in the register; the first whole plan of a storey is the one that is worked in
 * @param frame how much of it is drawn
 * @param also plans of the same storey whose strings and notes show in this one too
 * @param inFront what stands in front of all else there, from the back to the front; each hides what lies under it
 * @param leftOut whether it stands on no sheet on purpose, so that nobody asks for it
 * @param scale the number under the line: 50 for 1:50, 48 for 1/4" = 1'-0"
 */
public record Drawing(
        ElementId id,
        String name,
        Kind kind,
        ElementId storey,
        ElementId lens,
        double scale,
        String sortBy,
        Subject subject,
        double order,
        Frame frame,
        List<ElementId> also,
        List<ElementId> inFront,
        boolean leftOut)
        implements Element.Apart, OnStorey {

    private static final int MOST_ALSO = 50, MOST_IN_FRONT = 500;

    public Drawing {
        name = Checks.name("A drawing's name", name);
        if (!(scale >= 1 && scale <= 10_000))
            throw new Unusable("A scale lies between 1:1 and 1:10000, not 1:" + scale + ".");
        also = also.stream().distinct().toList();
        inFront = inFront.stream().distinct().toList();
        if (inFront.size() > MOST_IN_FRONT)
            throw new Unusable("In a drawing %d things stand in front at most.".formatted(MOST_IN_FRONT));
        if (also.size() > MOST_ALSO)
            throw new Unusable("A plan shows what is written in %d others at most.".formatted(MOST_ALSO));
        if (kind != Kind.PLAN && !also.isEmpty()) throw new Unusable("Only plans show what is written in others.");
        order = Checks.number("A place in the register", order, -1e9, 1e9, "");
        if (frame instanceof Part && !kind.canShowPart())
            throw new Unusable("Only a plan, a section, an elevation and the walls of a room can show a part.");
        if (frame instanceof Rows && !kind.isTable()) throw new Unusable("Only a table can show some of its rows.");
        if (subject instanceof InState && !kind.isOfThings())
            throw new Unusable("Only schedules of doors, windows and fittings list what is in one state.");
        if (subject instanceof AsItWas && kind != Kind.ROOMS)
            throw new Unusable("Only a schedule of rooms is of the house as it was.");
        if (subject instanceof OnItsSheet && kind != Kind.LEGEND)
            throw new Unusable("Only a legend is of the sheet it stands on.");
        if (kind == Kind.ELEVATION != subject instanceof Facing)
            throw new Unusable("Elevations, and nothing else, are of a side of the house.");
        if (kind == Kind.TEXT != subject instanceof Written)
            throw new Unusable("Words on a sheet, and nothing else, say what they say.");
        if (kind == Kind.PICTURE != subject instanceof Pictured)
            throw new Unusable("Pictures on a sheet, and nothing else, are of dots.");
        boolean ofOne = kind.isOfOne();
        if (ofOne != subject instanceof One)
            throw new Unusable(
                    ofOne
                            ? "A section, a stair drawing and the walls of a room are of one thing."
                            : "Only sections, stair drawings and the walls of rooms are of one thing.");
    }

    /** With nothing in front of what else it shows. */
    public Drawing(
            ElementId id,
            String name,
            Kind kind,
            ElementId storey,
            ElementId lens,
            double scale,
            String sortBy,
            Subject subject,
            double order,
            Frame frame,
            List<ElementId> also) {
        this(id, name, kind, storey, lens, scale, sortBy, subject, order, frame, also, List.of(), false);
    }

    /** What a drawing that is of one thing is of. @throws IllegalStateException for any other kind */
    public ElementId one() {
        if (subject instanceof One one) return one.element();
        throw new IllegalStateException("Of no one thing: " + id);
    }

    /** The same as a drawing of its own. */
    public Drawing as(ElementId other, String called) {
        return new Drawing(
                other, called, kind, storey, lens, scale, sortBy, subject, order, frame, also, inFront, leftOut);
    }

    /** The same through another lens. */
    public Drawing through(ElementId other) {
        return new Drawing(id, name, kind, storey, other, scale, sortBy, subject, order, frame, also, inFront, leftOut);
    }

    public Drawing sorted(String by) {
        return new Drawing(id, name, kind, storey, lens, scale, by, subject, order, frame, also, inFront, leftOut);
    }

    public Drawing scaled(double other) {
        return new Drawing(id, name, kind, storey, lens, other, sortBy, subject, order, frame, also, inFront, leftOut);
    }

    public Drawing ordered(double other) {
        return new Drawing(id, name, kind, storey, lens, scale, sortBy, subject, other, frame, also, inFront, leftOut);
    }

    public Drawing framed(Frame other) {
        return new Drawing(id, name, kind, storey, lens, scale, sortBy, subject, order, other, also, inFront, leftOut);
    }

    /** The same, to be on a sheet or on none on purpose. */
    public Drawing leftOut(boolean other) {
        return new Drawing(id, name, kind, storey, lens, scale, sortBy, subject, order, frame, also, inFront, other);
    }

    /** The same of something else. */
    public Drawing of(Subject other) {
        return new Drawing(id, name, kind, storey, lens, scale, sortBy, other, order, frame, also, inFront, leftOut);
    }

    /** The same of another side. @param angle the way its faces look */
    public Drawing facing(double angle) {
        return new Drawing(
                id, name, kind, storey, lens, scale, sortBy, new Facing(angle), order, frame, also, inFront, leftOut);
    }

    /** The same, with things in front of others. @param things from the back to the front */
    public Drawing withInFront(List<ElementId> things) {
        return new Drawing(id, name, kind, storey, lens, scale, sortBy, subject, order, frame, also, things, leftOut);
    }

    /** The same, with what is written in other plans. */
    public Drawing with(List<ElementId> others) {
        return new Drawing(
                id, name, kind, storey, lens, scale, sortBy, subject, order, frame, others, inFront, leftOut);
    }

    /** Whether another plan shows the same storey through the same lens. */
    public boolean isAlike(Drawing other) {
        return !id.equals(other.id)
                && kind == Kind.PLAN
                && other.kind == Kind.PLAN
                && storey.equals(other.storey)
                && lens.equals(other.lens);
    }

    /** Whether this shows a part of what another shows whole. */
    public boolean isPartOf(Drawing whole) {
        return frame instanceof Part
                && whole.frame instanceof All
                && kind == whole.kind
                && (kind == Kind.PLAN ? storey.equals(whole.storey) : subject.equals(whole.subject));
    }

    /** Whether what is written in a drawing shows in this one. */
    public boolean shows(Annotation written, Model model) {
        return written.drawing().equals(id)
                || also.contains(written.drawing())
                || written.throughLens() && isAlike(model.get(written.drawing(), Drawing.class));
    }

    /** The drawings of a model in the order of its register. */
    public static List<Drawing> register(Model model) {
        return model.all(Drawing.class).stream()
                .sorted(Comparator.comparingDouble(Drawing::order).thenComparing(Drawing::id))
                .toList();
    }

    /** The plan that a storey is worked in: its first that shows all of it; null where it has none. */
    public static @Nullable Drawing workingPlan(Model model, ElementId storey) {
        return register(model).stream()
                .filter(d -> d.kind == Kind.PLAN && d.storey.equals(storey) && d.frame instanceof All)
                .findFirst()
                .orElse(null);
    }

    /** The place in the register after all there are. */
    public static double lastOrder(Model model) {
        return model.all(Drawing.class).stream()
                        .mapToDouble(Drawing::order)
                        .max()
                        .orElse(0)
                + 1;
    }

    /** How much is drawn. */
    public sealed interface Frame {}

    public record All() implements Frame {}

    /**
     * What lies in an outline.
     *
     * @param ring in the plan, or in the whole picture of what is shown in height; not repeating the first point
     * @param broken whether its edges are drawn, as break lines
     */
    public record Part(List<Vec> ring, boolean broken) implements Frame {

        public Part {
            ring = Checks.cleanRing("A part of a drawing", ring);
            Bounds bounds = Bounds.of(ring);
            if (bounds.width() < 100 || bounds.height() < 100)
                throw new Unusable("A part of a drawing is 100 mm wide and high at least.");
        }

        public Part moved(Vec by) {
            return each(p -> p.plus(by));
        }

        /** The same with each of its corners elsewhere. */
        public Part each(UnaryOperator<Vec> to) {
            return new Part(ring.stream().map(to).toList(), broken);
        }

        /** A rectangle. @param low its lower left corner; @param high its upper right */
        public static Part rectangle(Vec low, Vec high) {
            return new Part(List.of(low, new Vec(high.x(), low.y()), high, new Vec(low.x(), high.y())), false);
        }
    }

    /**
     * Some rows of a table that runs on in another drawing, counted from 1 in the order it is sorted in; sums stand under the last.
     *
     * @param to the last; 0 for all there are
     */
    public record Rows(int from, int to) implements Frame {

        private static final int MOST = 100_000;

        public Rows {
            if (from < 1 || from > MOST || to < 0 || to > MOST || to > 0 && to < from)
                throw new Unusable("Rows of a table are counted from 1, the first before the last.");
        }

        /** Whether its end is that of the table. */
        public boolean isLast() {
            return to == 0;
        }
    }

    /** What is drawn. */
    public sealed interface Subject {}

    /** All of the storey, or of the project. */
    public record Whole() implements Subject {}

    /** One thing: the line a section cuts along, a stair, a room. */
    public record One(ElementId element) implements Subject {}

    /** The faces that look one way. @param angle the way they look, radians counter-clockwise from the right of plans */
    public record Facing(double angle) implements Subject {
        public Facing {
            angle = Checks.number("The way an elevation's faces look", angle, -10, 10, "radians");
        }
    }

    /** The house before the work: without what is new, with what is removed. */
    public record AsItWas() implements Subject {}

    /** The drawings of the house on the sheet it stands on. */
    public record OnItsSheet() implements Subject {}

    /**
     * Words.
     *
     * @param style the letters they are set in
     * @param widthMm on paper, at which lines break; 0 where they run on
     * @param columns beside each other, each as wide
     */
    public record Written(String text, ElementId style, double widthMm, int columns) implements Subject {

        private static final int MOST = 20_000;
        private static final int MOST_COLUMNS = 6;
        private static final double WIDEST_MM = 800;

        public Written {
            text = Checks.text("Words on a sheet", text, MOST);
            widthMm = Checks.between("The width of words on a sheet", widthMm, 0, WIDEST_MM);
            if (columns < 1 || columns > MOST_COLUMNS)
                throw new Unusable("Words on a sheet stand in 1 to %d columns.".formatted(MOST_COLUMNS));
            if (columns > 1 && widthMm == 0)
                throw new Unusable("Words in columns have a width at which their lines break.");
        }

        /** In one column. */
        public Written(String text, ElementId style, double widthMm) {
            this(text, style, widthMm, 1);
        }

        public Written saying(String other) {
            return new Written(other, style, widthMm, columns);
        }
    }

    /** A picture of dots. @param data as of {@link Raster}; @param widthMm on paper */
    public record Pictured(String data, double widthMm) implements Subject {

        private static final double WIDEST_MM = 1200;

        public Pictured {
            Raster.of(data);
            widthMm = Checks.between("The width of a picture on a sheet", widthMm, 5, WIDEST_MM);
        }
    }

    /** What is in one state, as a schedule of what is new or of what goes. */
    public record InState(WorkState state) implements Subject {}

    /** Whether a schedule lists what is in a state; all that stands when the work is done, where it does not say. */
    public boolean lists(WorkState state) {
        return subject instanceof InState in ? in.state() == state : state != WorkState.REMOVED;
    }

    /** Kinds of drawing. */
    public enum Kind {
        PLAN,
        /** A cut through the house along a section line. */
        SECTION,
        /** The house seen square on from outside. */
        ELEVATION,
        /** The walls of a room side by side, as they are seen from inside. */
        INTERIOR,
        /** One of the trusses of a kind, as it is made. */
        TRUSS,
        /** A section up a stair's flights, and its plan. */
        STAIR,
        /** A table of the wall build-ups in use, each with a cut through it at the drawing's scale. */
        BUILD_UPS,
        /** A table of the doors and open ways. */
        DOORS,
        /** A table of the windows. */
        WINDOWS,
        /** A table of the rooms, with sums. */
        ROOMS,
        /** A table of the fittings, counted by what they are. */
        FITTINGS,
        /** A table of the slopes of roofs, with the lengths of their lines. */
        ROOFS,
        /** A table of the foundations, with how much they are of. */
        FOUNDATIONS,
        /** The words of the keyed notes that stand on drawings. */
        CLAUSES,
        /** What hatches, lines and marks stand for, of those that drawings use. */
        LEGEND,
        /** A table of the sheets that are bound with the one it stands on; of all, where it stands on none. */
        SHEETS,
        /** Words that stand on sheets by themselves, as general notes do. */
        TEXT,
        /** A picture that stands on sheets by itself, as a photograph or a rendering does. */
        PICTURE;

        /** Whether it is a table counted from the model, or something else that has neither a scale nor a title below it. */
        public boolean isSchedule() {
            return this != PLAN && !isUpright() && this != STAIR && this != TRUSS;
        }

        /** Whether it is a table of rows and nothing else. */
        public boolean isTable() {
            return switch (this) {
                case DOORS, WINDOWS, ROOMS, FITTINGS, ROOFS, FOUNDATIONS, CLAUSES, SHEETS -> true;
                case PLAN, SECTION, ELEVATION, INTERIOR, STAIR, TRUSS, BUILD_UPS, LEGEND, TEXT, PICTURE -> false;
            };
        }

        /** Whether it shows the house in height, as it stands. */
        public boolean isUpright() {
            return this == SECTION || this == ELEVATION || this == INTERIOR;
        }

        /** Whether it can show what lies in an outline alone. */
        public boolean canShowPart() {
            return this == PLAN || isUpright();
        }

        /** Whether it is of one thing, and goes with it. */
        public boolean isOfOne() {
            return this == SECTION || this == STAIR || this == INTERIOR || this == TRUSS;
        }

        /** Whether it lists things that are there already, go or come. */
        public boolean isOfThings() {
            return this == DOORS || this == WINDOWS || this == FITTINGS;
        }
    }
}
