/** Schedules, build-ups and the legend, drawn as tables. */
@NullMarked
package org.leanlintel.core.picture.table;

import org.jspecify.annotations.NullMarked;
