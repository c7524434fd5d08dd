package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.BoxIndex;
import org.leanlintel.core.geometry.Vec;

/**
 * The boxes that drawn things take on a plan, for a label to keep clear of.
 *
 * @param texts which no leader may cross either
 */
record TakenBoxes(Set<Bounds> things, Set<Bounds> texts) {

    /** What else takes boxes, and can be asked for them by place. */
    interface Source {
        List<Bounds> within(Bounds reach);
    }

    /** All that is taken, to be asked for by place, with what was added since. */
    static final class Index {

        /** So many questions are answered faster by looking through all boxes than by putting them in order first. */
        private static final int FEW = 12;

        private final List<Bounds> things;
        private final List<Bounds> texts;
        private final List<Bounds> labels = new ArrayList<>();
        private final List<Source> sources = new ArrayList<>();
        private @Nullable BoxIndex orderedThings;
        private @Nullable BoxIndex orderedTexts;
        private int asked;

        Index(List<Bounds> things, List<Bounds> texts) {
            this.things = things;
            this.texts = texts;
        }

        void add(Bounds label) {
            labels.add(label);
        }

        /** The labels so far. */
        List<Bounds> added() {
            return List.copyOf(labels);
        }

        void add(Source source) {
            sources.add(source);
        }

        TakenBoxes within(Bounds reach) {
            if (++asked == FEW) {
                orderedThings = new BoxIndex(things);
                orderedTexts = new BoxIndex(texts);
            }
            Set<Bounds> there = meeting(texts, orderedTexts, reach);
            there.addAll(meeting(labels, null, reach));
            for (Source s : sources) there.addAll(s.within(reach));
            return new TakenBoxes(meeting(things, orderedThings, reach), there);
        }

        private static Set<Bounds> meeting(List<Bounds> boxes, @Nullable BoxIndex ordered, Bounds reach) {
            if (ordered != null) return new HashSet<>(ordered.meeting(reach));
            Set<Bounds> found = new HashSet<>();
            for (Bounds b : boxes) if (b.meets(reach)) found.add(b);
            return found;
        }
    }

    static final TakenBoxes NONE = new TakenBoxes(Set.of(), Set.of());

    /** A letter's width as a part of the height of capitals, about; how far the outline of a wall's mark stands off it. */
    private static final double LETTER = 0.72, MARK_MM = 2;

    static Index of(Things things, Annotations notes, Iterable<DrawnWall> walls) {
        List<Bounds> boxes = new ArrayList<>(things.boxes()), texts = new ArrayList<>(notes.texts());
        boxes.addAll(notes.lines());
        for (DrawnWall wall : walls) {
            texts.addAll(wall.texts());
            boxes.addAll(wall.leaves());
        }
        return new Index(boxes, texts);
    }

    /** Boxes that are in one of two lists and not in the other. */
    static Set<Bounds> between(List<Bounds> one, List<Bounds> other) {
        Set<Bounds> only = new HashSet<>(one), rest = new HashSet<>(other);
        only.removeAll(rest);
        one.forEach(rest::remove);
        only.addAll(rest);
        return only;
    }

    /** Boxes of the words among groups. */
    static List<Bounds> texts(List<Group> groups, double scale) {
        List<Bounds> texts = new ArrayList<>();
        for (Group g : groups) for (Item item : g.items()) if (item instanceof Item.Text t) texts.add(text(t, scale));
        return texts;
    }

    /** Boxes of the stretches of lines among groups. */
    static List<Bounds> lines(List<Group> groups) {
        List<Bounds> boxes = new ArrayList<>();
        for (Group g : groups)
            for (Item item : g.items())
                if (item instanceof Item.Strokes s) s.lines().forEach(line -> segments(line, boxes));
        return boxes;
    }

    /** Boxes of the marks among groups. */
    static List<Bounds> marks(List<Group> groups, double scale) {
        return texts(groups, scale).stream().map(b -> b.grown(MARK_MM * scale)).toList();
    }

    private static void segments(List<Vec> line, List<Bounds> boxes) {
        for (int i = 1; i < line.size(); i++) boxes.add(Bounds.of(List.of(line.get(i - 1), line.get(i))));
    }

    private static Bounds text(Item.Text t, double scale) {
        Vec along = Vec.ofAngle(t.angle());
        List<Vec> corners = new ArrayList<>(List.of(t.at()));
        for (Item.Run run : t.runs()) {
            double right = run.right() + run.letters().length() * run.height() * LETTER;
            for (double x : new double[] {run.right(), right})
                for (double y : new double[] {run.up(), run.up() + run.height()})
                    corners.add(t.at().along(along, x * scale).along(along.left(), y * scale));
        }
        return Bounds.of(corners);
    }

    boolean isFree(Bounds box) {
        return none(things, box) && none(texts, box);
    }

    private static boolean none(Set<Bounds> boxes, Bounds box) {
        for (Bounds b : boxes) if (b.meets(box)) return false;
        return true;
    }

    boolean crossesText(Vec from, Vec to) {
        for (Bounds b : texts) if (b.isCrossedBy(from, to)) return true;
        return false;
    }
}
