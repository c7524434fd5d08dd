package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;

/**
 * What hides what lies under it in a drawing: its blanks, which hide all but what is written there, and over them what somebody
 * put in front, each hiding what stands behind it.
 *
 * @param all from the back to the front
 */
public record Covers(List<Cover> all) {

    /** @param place how far in front; -1 for a blank that nobody put there */
    record Cover(int place, List<Vec> ring) {

        /** Whether it lies over what is as far in front. @param other -1 for what nobody put there */
        boolean hides(int other) {
            return place < 0 ? other < 0 : place > other;
        }
    }

    public Covers {
        all = List.copyOf(all);
    }

    /** The blanks of a drawing. */
    public static Covers blanks(Model model, Drawing drawing) {
        List<Cover> all = new ArrayList<>();
        model.relations().annotationsOf(drawing.id()).forEach(a -> {
            if (a instanceof Blank b && !drawing.inFront().contains(b.id())) all.add(new Cover(-1, b.ring()));
        });
        return new Covers(all);
    }

    /** The same, with what is in front. @param rings where each of that lies */
    public Covers with(List<ElementId> inFront, Function<ElementId, List<List<Vec>>> rings) {
        if (inFront.isEmpty()) return this;
        List<Cover> more = new ArrayList<>(all);
        for (int i = 0; i < inFront.size(); i++)
            for (List<Vec> ring : rings.apply(inFront.get(i))) more.add(new Cover(i, ring));
        return new Covers(more);
    }

    /** What is left of groups. @param whole what nothing hides that stands behind it */
    public List<Group> cut(List<Group> groups, List<ElementId> inFront, Predicate<Group> whole) {
        if (all.isEmpty()) return groups;
        List<Group> left = new ArrayList<>();
        for (Group g : groups) {
            int place = inFront.indexOf(g.element());
            Group cut = g;
            if (place >= 0 || !whole.test(g))
                for (Cover c : all)
                    if (cut != null && c.hides(place)) cut = new InFrame(Region.outside(c.ring)).of(cut);
            if (cut != null) left.add(cut);
        }
        return left;
    }
}
