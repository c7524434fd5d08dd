/** Bodies cut by a plane, the ground with them, and how both are drawn. */
@NullMarked
package org.leanlintel.core.picture.cut;

import org.jspecify.annotations.NullMarked;
