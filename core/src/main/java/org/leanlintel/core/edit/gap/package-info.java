/** The clear distance between walls, typed and kept. */
@NullMarked
package org.leanlintel.core.edit.gap;

import org.jspecify.annotations.NullMarked;
