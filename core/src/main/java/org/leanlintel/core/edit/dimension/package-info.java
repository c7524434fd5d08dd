/** Dimension strings and single dimensions: drawn, refined, and laid by one command. */
@NullMarked
package org.leanlintel.core.edit.dimension;

import org.jspecify.annotations.NullMarked;
