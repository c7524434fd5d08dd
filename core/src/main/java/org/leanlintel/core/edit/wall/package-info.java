/** Walls, pieces of walls, posts and construction lines: drawn, joined, split, lengthened and made anew. */
@NullMarked
package org.leanlintel.core.edit.wall;

import org.jspecify.annotations.NullMarked;
