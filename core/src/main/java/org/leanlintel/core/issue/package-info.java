/** Issues of a set held against each other, or against the set of today. */
@NullMarked
package org.leanlintel.core.issue;

import org.jspecify.annotations.NullMarked;
