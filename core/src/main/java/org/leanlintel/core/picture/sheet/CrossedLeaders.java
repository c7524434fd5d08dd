package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;

/** Leaders of notes and keyed notes in one drawing on a sheet that cross each other, or run through words. */
final class CrossedLeaders {

    /** On paper: dots and arrowheads are smaller, leaders longer. */
    private static final double LEAST_MM = 3.2;
    /** Leaders that begin or end as near to each other point at one thing, or come from one. */
    private static final double TOUCHES_MM = 0.8;

    private final List<Leader> leaders = new ArrayList<>();
    private final List<Words> words = new ArrayList<>();

    /** A leader, line after line. @param said what its note says first */
    private record Leader(Group group, String said, List<Vec> line, Bounds bounds) {}

    private record Words(Group group, TextBox box, Bounds bounds) {}

    /** @param group whose leader it is; @param said what is crossed; @param through whether words are */
    record Crossing(Group group, String leader, String said, boolean through, Vec at) {}

    void add(Group group, Model model, Lettering lettering) {
        List<TextBox> boxes = new ArrayList<>();
        for (Item item : group.items())
            if (item instanceof Item.Text t && !t.text().isBlank()) boxes.add(TextBox.of(t, 1, lettering));
        boxes.forEach(b -> words.add(new Words(group, b, b.bounds())));
        boolean leads = model.find(group.element()) instanceof Note || model.find(group.element()) instanceof KeyMark;
        if (!leads || boxes.isEmpty()) return;
        for (Item item : group.items())
            if (item instanceof Item.Strokes s && s.role() == PenRole.DIMENSION)
                for (List<Vec> line : s.lines()) {
                    Bounds bounds = Bounds.of(line);
                    if (Math.hypot(bounds.width(), bounds.height()) >= LEAST_MM)
                        leaders.add(new Leader(group, boxes.getFirst().said(), line, bounds));
                }
    }

    /** Each pair once. */
    List<Crossing> found() {
        List<Crossing> found = new ArrayList<>();
        for (int i = 0; i < leaders.size(); i++) {
            Leader one = leaders.get(i);
            for (Leader other : leaders.subList(i + 1, leaders.size())) {
                if (one.group() == other.group() || !one.bounds().meets(other.bounds())) continue;
                Vec at = crossing(one.line(), other.line());
                if (at != null && !touches(one, at) && !touches(other, at))
                    found.add(new Crossing(one.group(), one.said(), other.said(), false, at));
            }
            for (Words w : words) {
                if (one.group() == w.group() || !one.bounds().meets(w.bounds())) continue;
                Vec at = crossing(one.line(), closed(w.box().corners()));
                if (at != null)
                    found.add(new Crossing(one.group(), one.said(), w.box().said(), true, at));
            }
        }
        return found;
    }

    private static boolean touches(Leader leader, Vec at) {
        return at.distanceTo(leader.line().getFirst()) < TOUCHES_MM
                || at.distanceTo(leader.line().getLast()) < TOUCHES_MM;
    }

    private static List<Vec> closed(List<Vec> corners) {
        List<Vec> ring = new ArrayList<>(corners);
        ring.add(corners.getFirst());
        return ring;
    }

    private static @Nullable Vec crossing(List<Vec> one, List<Vec> other) {
        for (int i = 1; i < one.size(); i++)
            for (int k = 1; k < other.size(); k++) {
                Vec at = Vec.crossing(one.get(i - 1), one.get(i), other.get(k - 1), other.get(k));
                if (at != null) return at;
            }
        return null;
    }
}
