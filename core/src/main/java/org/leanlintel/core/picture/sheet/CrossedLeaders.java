package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Room;
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
    private final List<Thing> things = new ArrayList<>();

    /** A leader, line after line. @param said what its note says first; @param ofRoom of a label, which may have to stand beyond the strings round a house */
    private record Leader(Group group, String said, boolean ofRoom, List<Vec> line, Bounds bounds) {}

    /** What leaders keep off. @param line of a string; of a fitting round it, closed */
    private record Thing(String said, List<Vec> line, boolean closed) {

        /** A leader that ends in a fitting points at it. */
        boolean isCrossedBy(List<Vec> leader) {
            if (line.size() < 2 || crossing(leader, line) == null) return false;
            Bounds b = Bounds.of(line);
            return !closed || !b.covers(leader.getFirst()) && !b.covers(leader.getLast());
        }

        Vec middle(List<Vec> leader) {
            return Objects.requireNonNull(crossing(leader, line));
        }
    }

    private record Words(Group group, TextBox box, Bounds bounds) {}

    /** How what a leader meets is met. */
    enum Way {
        LEADER("crosses that of \"%s\""),
        WORDS("runs through \"%s\""),
        ACROSS("runs across %s");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        String words(String said) {
            return words.formatted(said);
        }
    }

    /** @param group whose leader it is; @param said what is crossed */
    record Crossing(Group group, String leader, String said, Way way, Vec at) {}

    void add(Group group, Model model, Lettering lettering) {
        List<TextBox> boxes = new ArrayList<>();
        for (Item item : group.items())
            if (item instanceof Item.Text t && !t.text().isBlank()) boxes.add(TextBox.of(t, 1, lettering));
        boxes.forEach(b -> words.add(new Words(group, b, b.bounds())));
        Element of = model.find(group.element());
        if (of instanceof DimensionString || of instanceof Fitting) things.add(thing(group, of));
        PenRole role = of instanceof Room ? PenRole.ROOM : PenRole.DIMENSION;
        if (!(of instanceof Note || of instanceof KeyMark || of instanceof Room) || boxes.isEmpty()) return;
        for (Item item : group.items())
            if (item instanceof Item.Strokes s && s.role() == role)
                for (List<Vec> line : s.lines()) {
                    Bounds bounds = Bounds.of(line);
                    if (Math.hypot(bounds.width(), bounds.height()) >= LEAST_MM)
                        leaders.add(new Leader(group, boxes.getFirst().said(), of instanceof Room, line, bounds));
                }
    }

    /** A string by its own line, a fitting by a box round it; extension lines do not count. */
    private static Thing thing(Group group, Element of) {
        List<List<Vec>> lines = new ArrayList<>();
        for (Item item : group.items()) if (item instanceof Item.Strokes s) lines.addAll(s.lines());
        if (!(of instanceof Fitting f))
            return new Thing("a dimension string", lines.isEmpty() ? List.of() : lines.getFirst(), false);
        Bounds b = lines.isEmpty()
                ? new Bounds(0, 0, 0, 0)
                : Bounds.of(lines.stream().flatMap(List::stream).toList());
        return new Thing(f.mark(), closed(b.corners()), true);
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
                    found.add(new Crossing(one.group(), one.said(), other.said(), Way.LEADER, at));
            }
            for (Thing t : things)
                if ((t.closed() || !one.ofRoom()) && t.isCrossedBy(one.line()))
                    found.add(new Crossing(one.group(), one.said(), t.said(), Way.ACROSS, t.middle(one.line())));
            for (Words w : words) {
                if (one.group() == w.group() || !one.bounds().meets(w.bounds())) continue;
                Vec at = crossing(one.line(), closed(w.box().corners()));
                if (at != null)
                    found.add(new Crossing(one.group(), one.said(), w.box().said(), Way.WORDS, at));
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
