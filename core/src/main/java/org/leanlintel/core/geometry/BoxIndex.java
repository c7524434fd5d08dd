package org.leanlintel.core.geometry;

import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/** Boxes, to be asked for by place. */
public final class BoxIndex {

    private final STRtree tree = new STRtree();

    public BoxIndex(Collection<Bounds> boxes) {
        for (Bounds b : boxes) tree.insert(envelope(b), b);
        tree.build();
    }

    /** Those that meet some bounds, in no order that could be told beforehand but the same every time. */
    public List<Bounds> meeting(Bounds bounds) {
        @SuppressWarnings("unchecked")
        List<Bounds> found = tree.query(envelope(bounds));
        return found;
    }

    private static Envelope envelope(Bounds b) {
        return new Envelope(b.minX(), b.maxX(), b.minY(), b.maxY());
    }
}
