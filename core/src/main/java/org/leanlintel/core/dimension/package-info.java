/**
 * What a plan has to tell a builder, and the dimension strings that tell it: which lines are found from its numbers, and
 * the strings that make it complete. Knows nothing of pictures.
 */
@NullMarked
package org.leanlintel.core.dimension;

import org.jspecify.annotations.NullMarked;
