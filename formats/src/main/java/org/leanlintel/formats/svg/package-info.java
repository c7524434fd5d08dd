/** Drawings and sheets as SVG 1.1, in millimetres. */
@NullMarked
package org.leanlintel.formats.svg;

import org.jspecify.annotations.NullMarked;
