/** The named features of elements that strings and pointers hold to, in plan and in height; and the gaps between walls. */
@NullMarked
package org.leanlintel.core.building.feature;

import org.jspecify.annotations.NullMarked;
