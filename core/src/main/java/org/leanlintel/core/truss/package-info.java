/** Shapes of trusses, worked out from span, pitches, heel and depths; millimetres. */
@NullMarked
package org.leanlintel.core.truss;

import org.jspecify.annotations.NullMarked;
