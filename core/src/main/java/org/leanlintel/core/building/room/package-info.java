/** The closed areas of storeys, how they are parted, what they measure, and where floors lie. */
@NullMarked
package org.leanlintel.core.building.room;

import org.jspecify.annotations.NullMarked;
