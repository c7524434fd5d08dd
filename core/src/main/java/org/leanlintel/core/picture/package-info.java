/**
 * What is drawn: lines, fills, arcs and texts in model millimetres, with pens, hatch pitch and text height in paper
 * millimetres; every group names its element and its layer. The board, PDF and every later format read the same
 * picture. Knows nothing of screens or files.
 */
@NullMarked
package org.leanlintel.core.picture;

import org.jspecify.annotations.NullMarked;
