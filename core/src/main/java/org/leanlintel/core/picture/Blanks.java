package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;

/** What the blanks of a drawing leave of it. */
final class Blanks {

    private Blanks() {}

    static List<Blank> in(Model model, ElementId drawing) {
        List<Blank> blanks = new ArrayList<>();
        model.relations().annotationsOf(drawing).forEach(a -> {
            if (a instanceof Blank b) blanks.add(b);
        });
        return blanks;
    }

    /** A cut for each. */
    static List<InFrame> of(Model model, ElementId drawing) {
        return in(model, drawing).stream()
                .map(b -> new InFrame(Region.outside(b.ring())))
                .toList();
    }

    /** What cuts leave of groups. @param whole which are not cut */
    static List<Group> cut(List<Group> groups, List<InFrame> cuts, Predicate<Group> whole) {
        if (cuts.isEmpty()) return groups;
        List<Group> left = new ArrayList<>();
        for (Group g : groups) {
            Group cut = g;
            if (!whole.test(g)) for (InFrame c : cuts) cut = cut == null ? null : c.of(cut);
            if (cut != null) left.add(cut);
        }
        return left;
    }
}
