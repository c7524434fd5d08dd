package org.leanlintel.core.picture.table;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Pens;

/** A row of a legend. @param highMm on paper */
record LegendRow(String words, double highMm, Swatch swatch) {

    /** On paper: how high most rows are, and how wide what is shown in them may be. */
    static final double USUAL_MM = 9.5, WIDE_MM = 16;

    LegendRow(String words, Swatch swatch) {
        this(words, USUAL_MM, swatch);
    }

    interface Swatch {
        /** @param middle of the row's first column */
        void paint(Vec middle, Pens pens);
    }
}
