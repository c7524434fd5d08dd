package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;

/**
 * How far a light of a window opens, in millimetres: within its frame, less the sash's own edge. An estimate; the
 * maker's figure decides.
 *
 * @param sillMm its lower edge above the floor
 */
record ClearOpening(double widthMm, double heightMm, double sillMm) {

    /** What a hinged sash and its stays take off the light in each direction. */
    private static final double SASH_MM = 30;

    /** Of each light that one could climb out of, from the largest on: what hangs at its bottom only tilts. */
    static List<ClearOpening> of(Opening o, Opening.Window window, Wall in) {
        double width = window.form() instanceof Opening.Bay bay ? o.unitWidthMm() * bay.frontPart() : o.unitWidthMm();
        double foot = o.sillMm() + o.make().fixHeightMm() / 2;
        List<ClearOpening> clear = new ArrayList<>();
        PlacedLight.Frame frame = PlacedLight.Frame.in(in, width, o.unitHeightMm(), o.make());
        for (List<PlacedLight> row : PlacedLight.rows(window.lights(), frame))
            for (PlacedLight l : row) {
                double wide = l.widthMm() - SASH_MM, low = foot + l.low();
                switch (l.light().opens()) {
                    case FIXED, BOTTOM_HUNG -> {}
                    case SIDE_HUNG, TOP_HUNG, TILT_AND_TURN, HORIZONTAL_SLIDING ->
                        clear.add(new ClearOpening(wide, l.heightMm() - SASH_MM, low));
                    case VERTICAL_SLIDING -> clear.add(new ClearOpening(wide, l.heightMm() / 2 - SASH_MM, low));
                }
            }
        clear.sort((a, b) -> Double.compare(b.mm2(), a.mm2()));
        return clear;
    }

    double mm2() {
        return widthMm * heightMm;
    }
}
