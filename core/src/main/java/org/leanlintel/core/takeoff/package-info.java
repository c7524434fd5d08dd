/** How much of what there is. Takes a building, gives quantities; schedules are drawn from them elsewhere. */
@NullMarked
package org.leanlintel.core.takeoff;

import org.jspecify.annotations.NullMarked;
