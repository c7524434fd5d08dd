package org.leanlintel.formats.pdf;

import org.leanlintel.core.model.Pen;

/** Dash patterns of ISO 128-2, in multiples of the line's width, but no dash under 2 mm. */
final class Dashes {

    private static final double SHORTEST_DASH_MM = 2;

    private Dashes() {}

    static float[] pattern(Pen pen) {
        double[] multiples =
                switch (pen.dash()) {
                    case CONTINUOUS -> new double[0];
                    case DASHED -> new double[] {12, 3};
                    case LONG_DASHED_DOTTED -> new double[] {24, 3, 0.5, 3};
                };
        if (multiples.length == 0) return new float[0];
        double unit = Math.max(pen.widthMm(), SHORTEST_DASH_MM / multiples[0]);
        float[] points = new float[multiples.length];
        for (int i = 0; i < points.length; i++) points[i] = (float) (multiples[i] * unit * PdfPage.POINTS_PER_MM);
        return points;
    }
}
