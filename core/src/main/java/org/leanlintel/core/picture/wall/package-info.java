/** A wall in plan with its plies, pieces and openings. */
@NullMarked
package org.leanlintel.core.picture.wall;

import org.jspecify.annotations.NullMarked;
