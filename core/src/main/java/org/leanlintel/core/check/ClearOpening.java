package org.leanlintel.core.check;

import org.leanlintel.core.model.Opening;

/**
 * How far the widest light of a window opens, in millimetres: within its frame, less the sash's own edge. An estimate; the
 * maker's figure decides.
 *
 * @param sillMm its lower edge above the floor
 */
record ClearOpening(double widthMm, double heightMm, double sillMm) {

    /** What a hinged sash and its stays take off the light in each direction. */
    private static final double SASH_MM = 30;

    static ClearOpening of(Opening o, Opening.Window window) {
        double frame = o.make().frameMm();
        double light = (o.unitWidthMm() - frame) / window.lights() - frame;
        double height = o.unitHeightMm() - 2 * frame;
        double low = o.sillMm() + o.make().fixHeightMm() / 2 + frame;
        return switch (window.opens()) {
            case FIXED -> new ClearOpening(0, 0, low);
            case SIDE_HUNG, TOP_HUNG -> new ClearOpening(light - SASH_MM, height - SASH_MM, low);
            case VERTICAL_SLIDING -> new ClearOpening(light - SASH_MM, height / 2 - SASH_MM, low);
            case HORIZONTAL_SLIDING -> new ClearOpening(light - SASH_MM, height - SASH_MM, low);
        };
    }
}
