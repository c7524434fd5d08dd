package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.picture.cut.Hiding.Seen;

/** All that faces cover together, whichever of them is seen where. */
final class Silhouette {

    private Silhouette() {}

    /** Most faces lie within a larger one, and are left out: joining is slow. */
    static Area of(List<Seen> seen) {
        List<Area> shapes =
                new ArrayList<>(seen.stream().map(s -> s.face().shape()).toList());
        shapes.sort(Comparator.comparingDouble(Area::mm2).reversed());
        List<Area> outer = new ArrayList<>();
        for (Area shape : shapes)
            if (outer.stream().noneMatch(o -> o.bounds().covers(shape.bounds()) && o.covers(shape))) outer.add(shape);
        return Area.union(outer);
    }
}
