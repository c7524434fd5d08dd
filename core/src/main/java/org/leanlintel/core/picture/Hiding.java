package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/** What a view shows so far, from the front: it hides what lies behind it. What is wholly hidden hides nothing more and is not kept. */
final class Hiding {

    private final List<Area> front = new ArrayList<>();

    void add(Area shape) {
        if (!shape.isEmpty()) front.add(shape);
    }

    /** The lines of what lies behind all that was added, as far as they are seen; from then on it hides too. */
    List<List<Vec>> seen(Area shape) {
        Bounds bounds = shape.bounds();
        List<Area> over = front.stream().filter(a -> a.bounds().meets(bounds)).toList();
        if (over.stream().anyMatch(a -> a.covers(shape))) return List.of();
        Area hidden = over.size() == 1 ? over.getFirst() : Area.union(over);
        List<List<Vec>> lines = hidden.outside(shape.rings());
        if (!lines.isEmpty() || !hidden.covers(shape)) front.add(shape);
        return lines;
    }
}
