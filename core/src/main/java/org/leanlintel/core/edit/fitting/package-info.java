/** Fittings: placed against walls and between them. */
@NullMarked
package org.leanlintel.core.edit.fitting;

import org.jspecify.annotations.NullMarked;
