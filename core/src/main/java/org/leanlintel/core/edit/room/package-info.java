/** Rooms: named, numbered and parted. */
@NullMarked
package org.leanlintel.core.edit.room;

import org.jspecify.annotations.NullMarked;
