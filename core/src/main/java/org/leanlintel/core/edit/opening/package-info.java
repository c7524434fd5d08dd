/** Doors, windows and other openings, their types and marks. */
@NullMarked
package org.leanlintel.core.edit.opening;

import org.jspecify.annotations.NullMarked;
