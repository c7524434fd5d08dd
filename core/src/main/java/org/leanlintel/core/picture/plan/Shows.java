package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.picture.Group;

/**
 * What is drawn at one stage of a plan.
 *
 * @param things boxes that labels keep clear of; a leader may cross them
 * @param barred boxes that leaders keep clear of, too: of words, fittings, figures and ends of strings
 * @param strings boxes of the lines of strings: barred likewise, but a label may stand over them rather than outside its room
 */
public record Shows(List<Group> groups, List<Bounds> things, List<Bounds> barred, List<Bounds> strings) {

    static final Shows NOTHING = new Shows(List.of(), List.of(), List.of());

    /** Without strings. */
    Shows(List<Group> groups, List<Bounds> things, List<Bounds> barred) {
        this(groups, things, barred, List.of());
    }

    public Shows {
        groups = List.copyOf(groups);
        things = List.copyOf(things);
        barred = List.copyOf(barred);
        strings = List.copyOf(strings);
    }
}
