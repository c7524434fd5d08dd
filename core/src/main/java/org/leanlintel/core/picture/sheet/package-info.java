/** Sheets with their title blocks, what is found about them, and the transmittal. */
@NullMarked
package org.leanlintel.core.picture.sheet;

import org.jspecify.annotations.NullMarked;
