/** Bodies cut by a plane or seen beyond it, with hidden lines removed, and how both are drawn. */
@NullMarked
package org.leanlintel.core.picture.cut;

import org.jspecify.annotations.NullMarked;
