/** The picture of any drawing of a project: a plan kept group by group, every other one whole. */
@NullMarked
package org.leanlintel.core.picture.drawing;

import org.jspecify.annotations.NullMarked;
