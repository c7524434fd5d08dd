package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.BoxIndex;
import org.leanlintel.core.geometry.Vec;

/**
 * The boxes that drawn things take on a plan, for a label to keep clear of.
 *
 * @param texts which no leader may cross either
 */
record TakenBoxes(List<Bounds> things, List<Bounds> texts) {

    /** The same, to be asked for by place, with what was added since. */
    static final class Index {

        private final BoxIndex things;
        private final BoxIndex texts;
        private final List<Bounds> labels = new ArrayList<>();

        Index(TakenBoxes boxes) {
            things = new BoxIndex(boxes.things);
            texts = new BoxIndex(boxes.texts);
        }

        void add(Bounds label) {
            labels.add(label);
        }

        TakenBoxes within(Bounds reach) {
            List<Bounds> there = new ArrayList<>(texts.meeting(reach));
            for (Bounds b : labels) if (b.meets(reach)) there.add(b);
            return new TakenBoxes(things.meeting(reach), there);
        }
    }

    static final TakenBoxes NONE = new TakenBoxes(List.of(), List.of());

    /** A letter's width as a part of the height of capitals, about; how far the outline of a wall's mark stands off it. */
    private static final double LETTER = 0.72, MARK_MM = 2;

    static TakenBoxes of(double scale, Things things, Annotations notes, Iterable<DrawnWall> walls) {
        List<Bounds> boxes = new ArrayList<>(things.boxes()), texts = new ArrayList<>();
        for (Group g : notes.groups()) {
            for (Item item : g.items()) {
                if (item instanceof Item.Text t) texts.add(text(t, scale));
                if (item instanceof Item.Strokes s) s.lines().forEach(line -> segments(line, boxes));
            }
        }
        for (DrawnWall wall : walls) {
            texts.addAll(wall.texts());
            boxes.addAll(wall.leaves());
        }
        return new TakenBoxes(List.copyOf(boxes), List.copyOf(texts));
    }

    /** Boxes of the marks among groups. */
    static List<Bounds> marks(List<Group> groups, double scale) {
        List<Bounds> marks = new ArrayList<>();
        for (Group g : groups)
            for (Item item : g.items())
                if (item instanceof Item.Text t) marks.add(text(t, scale).grown(MARK_MM * scale));
        return marks;
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

    private static boolean none(List<Bounds> boxes, Bounds box) {
        for (Bounds b : boxes) if (b.meets(box)) return false;
        return true;
    }

    boolean crossesText(Vec from, Vec to) {
        for (Bounds b : texts) if (b.isCrossedBy(from, to)) return true;
        return false;
    }
}
