package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.picture.seen.Seen;
import org.leanlintel.core.picture.seen.Sight;

/** All that faces cover together, whichever of them is seen where. */
record Silhouette(Sight sight) implements Key<Area> {

    /** Most faces lie within a larger one, and are left out: joining is slow. */
    @Override
    public Area from(Reads reads) {
        List<Area> shapes = new ArrayList<>(reads.get(new Seen.All(sight)).stream()
                .map(s -> s.face().shape())
                .toList());
        shapes.sort(Comparator.comparingDouble(Area::mm2).reversed());
        List<Area> outer = new ArrayList<>();
        for (Area shape : shapes)
            if (outer.stream().noneMatch(o -> o.bounds().covers(shape.bounds()) && o.covers(shape))) outer.add(shape);
        return Area.union(outer);
    }
}
