/** All that stands on a storey as its plan shows it, and the marks and labels that find their places there. */
@NullMarked
package org.leanlintel.core.picture.plan;

import org.jspecify.annotations.NullMarked;
