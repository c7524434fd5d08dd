package org.leanlintel.core.model;

/** What a material looks like from the front, true to size. */
public sealed interface Surface {

    /** No lines. */
    record Plain() implements Surface {}

    /**
     * Level rows, measured along the slope where it lies on one.
     *
     * @param gaugeMm from row to row
     * @param lengthMm of one piece of a row, each row shifted by half of it; 0 where rows run through
     */
    record Rows(double gaugeMm, double lengthMm) implements Surface {
        public Rows {
            gaugeMm = Checks.between("The gauge of rows", gaugeMm, 10, 5000);
            lengthMm = Checks.between("The length of a piece", lengthMm, 0, 5000);
        }
    }

    /** Upright boards, seams or ribs. @param widthMm from one to the next */
    record Uprights(double widthMm) implements Surface {
        public Uprights {
            widthMm = Checks.between("The width of a board", widthMm, 10, 5000);
        }
    }
}
