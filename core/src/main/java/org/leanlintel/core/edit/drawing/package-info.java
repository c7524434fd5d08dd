/** Drawings and sheets: added, ordered, numbered and laid out. */
@NullMarked
package org.leanlintel.core.edit.drawing;

import org.jspecify.annotations.NullMarked;
