/** Sheets and sets of them: what of a sheet is there to draw on, what stands where, in which order. No pictures. */
@NullMarked
package org.leanlintel.core.sheet;

import org.jspecify.annotations.NullMarked;
