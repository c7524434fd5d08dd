/**
 * Points, lines and areas in millimetres, y up, angles in radians counter-clockwise. JTS lives behind
 * {@link org.leanlintel.core.geometry.Area} alone. Knows nothing of walls.
 */
@NullMarked
package org.leanlintel.core.geometry;

import org.jspecify.annotations.NullMarked;
