/**
 * What a model amounts to in space: where walls' set-out lines run, how their plies join, and the bodies they make.
 * Pure functions of elements, memoised by their inputs. Knows nothing of pens, paper or screens.
 *
 * <p>Coordinates of a wall: {@code s} along its set-out line from its start, {@code t} to the left of it. A ply is a
 * strip between two values of t; every end of a ply, every cut by another wall and every opening is an
 * {@link org.leanlintel.core.building.join.Edge}: an s on each of the ply's two faces. So all pieces are four-sided and no
 * overlay of polygons is needed.
 */
@NullMarked
package org.leanlintel.core.building;

import org.jspecify.annotations.NullMarked;
