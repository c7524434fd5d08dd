package org.leanlintel.core.building.room;

import org.leanlintel.core.geometry.Vec;

/** Where set-out lines meet: points that only differ by what is lost in reckoning are the same. */
record Vertex(long x, long y) {

    /** Parts of a millimetre; and how far the grid lies off round figures, so that these do not lie between two of its points. */
    private static final double PARTS = 128, OFF = 0.3137;

    static Vertex of(Vec point) {
        return new Vertex(Math.round(point.x() * PARTS + OFF), Math.round(point.y() * PARTS + OFF));
    }
}
