package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.cut.Cut.Met;
import org.leanlintel.core.picture.seen.View;

/**
 * The lines round one piece of a cut. Pieces of one material that touch are one area: no line between them, whichever element they
 * belong to.
 *
 * @param views of the legs of the cut, side by side
 */
record CutOutline(List<Key<View>> views, Met met) implements Key<List<List<Vec>>> {

    /** Closer than that, pieces of one material touch. */
    static final double JOINS_MM = 0.2;

    @Override
    public List<List<Vec>> from(Reads reads) {
        List<Area> same = reads.get(new Touching(views, met));
        List<List<Vec>> lines = met.area().rings();
        return same.isEmpty() ? lines : Area.union(same).grown(JOINS_MM).outside(lines);
    }

    /** Those of its material that it touches. */
    private record Touching(List<Key<View>> views, Met met) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            Bounds near = met.area().bounds().grown(JOINS_MM);
            String material = met.material().joinsAs();
            List<Area> same = new ArrayList<>();
            for (Key<View> view : views)
                for (Met o : reads.get(new Cut.All(view)))
                    if (o.area().bounds().meets(near) && o.material().joinsAs().equals(material) && !o.equals(met))
                        same.add(o.area());
            return same;
        }
    }
}
