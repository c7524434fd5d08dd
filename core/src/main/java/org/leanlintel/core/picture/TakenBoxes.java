package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.BoxGrid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;

/**
 * The boxes that drawn things take on a plan, for a label to keep clear of; those that are barred are for leaders, too, and so are
 * the lines of strings.
 */
public final class TakenBoxes {

    /** A letter's width as a part of the height of capitals, about; how far the outline of a wall's mark stands off it. */
    private static final double LETTER = 0.72, MARK_MM = 2;

    /** How wide a box of a slanting line may be beside it, and how many there are at most. */
    private static final double SLANT_MM = 150;

    private static final int MOST_PIECES = 32, CHORDS = 12;

    /** The squares that boxes are looked up by. */
    private static final double SQUARE_MM = 250;

    private final Set<Bounds> things, barred, strings;
    private @Nullable BoxGrid firm, lines;

    public TakenBoxes(Set<Bounds> things, Set<Bounds> barred, Set<Bounds> strings) {
        this.things = things;
        this.barred = barred;
        this.strings = strings;
    }

    /** What a leader may cross, and a label may not stand on. */
    public Set<Bounds> things() {
        return things;
    }

    /** What a leader may not cross either; without strings. */
    public Set<Bounds> barred() {
        return barred;
    }

    public Set<Bounds> strings() {
        return strings;
    }

    /** Boxes of the words among groups. */
    public static List<Bounds> texts(List<Group> groups, double scale) {
        List<Bounds> texts = new ArrayList<>();
        for (Group g : groups) for (Item item : g.items()) if (item instanceof Item.Text t) texts.add(text(t, scale));
        return texts;
    }

    /** Boxes of the stretches of lines among groups. */
    public static List<Bounds> lines(List<Group> groups) {
        List<Bounds> boxes = new ArrayList<>();
        for (Group g : groups)
            for (Item item : g.items())
                if (item instanceof Item.Strokes s) s.lines().forEach(line -> segments(line, boxes));
        return boxes;
    }

    /** Boxes of the stretches of lines of one pen. */
    public static void lines(Item.Strokes strokes, List<Bounds> boxes) {
        if (strokes.role() != PenRole.HATCH) strokes.lines().forEach(line -> segments(line, boxes));
    }

    /** Boxes of an arc, by chords. */
    public static void lines(Item.Arc arc, List<Bounds> boxes) {
        List<Vec> chords = new ArrayList<>();
        for (int i = 0; i <= CHORDS; i++) {
            Vec out = Vec.ofAngle(arc.from() + arc.sweep() * i / CHORDS);
            chords.add(arc.centre().along(out, arc.radius()));
        }
        segments(chords, boxes);
    }

    /** Boxes of the marks among groups. */
    public static List<Bounds> marks(List<Group> groups, double scale) {
        return texts(groups, scale).stream().map(b -> b.grown(MARK_MM * scale)).toList();
    }

    /** A slanting line by several boxes, that take little more than it does. */
    public static void segments(List<Vec> line, List<Bounds> boxes) {
        for (int i = 1; i < line.size(); i++) {
            Vec from = line.get(i - 1), by = line.get(i).minus(from);
            double slant = Math.min(Math.abs(by.x()), Math.abs(by.y()));
            int pieces = (int) Math.clamp(Math.ceil(slant / SLANT_MM), 1, MOST_PIECES);
            for (int k = 0; k < pieces; k++)
                boxes.add(Bounds.of(
                        List.of(from.plus(by.times((double) k / pieces)), from.plus(by.times((k + 1.0) / pieces)))));
        }
    }

    /** About the letters of a text. */
    public static Bounds text(Item.Text t, double scale) {
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

    public boolean isFree(Bounds box) {
        if (lines == null) lines = new BoxGrid(strings, SQUARE_MM);
        return isFreeButForStrings(box) && !lines.isMetBy(box);
    }

    public boolean isFreeButForStrings(Bounds box) {
        if (firm == null) {
            Set<Bounds> all = new HashSet<>(things);
            all.addAll(barred);
            firm = new BoxGrid(all, SQUARE_MM);
        }
        return !firm.isMetBy(box);
    }

    /** How many lines of strings run through a box. */
    public int stringsIn(Bounds box) {
        int count = 0;
        for (Bounds b : strings) if (b.meets(box)) count++;
        return count;
    }
}
