package org.leanlintel.formats.pdf;

import org.apache.pdfbox.pdmodel.PDPage;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/**
 * What of a sheet lies on a page, and where, in millimetres of each.
 *
 * @param there what of the sheet
 * @param factor how much smaller it is; 1 at its size
 * @param by where the sheet's lower left corner would lie on the page
 */
record Laid(PDPage page, Bounds there, double factor, Vec by) {

    /** Where on the page something of the sheet lies, as far as it is on it. It meets what is. */
    Bounds at(Bounds box) {
        return new Bounds(
                by.x() + factor * Math.max(box.minX(), there.minX()),
                by.y() + factor * Math.max(box.minY(), there.minY()),
                by.x() + factor * Math.min(box.maxX(), there.maxX()),
                by.y() + factor * Math.min(box.maxY(), there.maxY()));
    }
}
