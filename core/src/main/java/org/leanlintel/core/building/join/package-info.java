/**
 * How the plies of walls meet at ends, corners and sides, by numbers alone: strips, their edges, and what each joint
 * cuts.
 */
@NullMarked
package org.leanlintel.core.building.join;

import org.jspecify.annotations.NullMarked;
