/** What is written over a drawing of any kind: strings, notes, marks, levels, grid lines and signs. */
@NullMarked
package org.leanlintel.core.picture.annotate;

import org.jspecify.annotations.NullMarked;
