/** Drawings that show heights: sections, elevations, walls from inside, stairs and trusses. */
@NullMarked
package org.leanlintel.core.picture.height;

import org.jspecify.annotations.NullMarked;
