/**
 * Lengths as people type and read them. Takes text and a {@link org.leanlintel.core.measure.UnitSystem}, gives
 * millimetres; takes millimetres, gives text. Knows nothing of walls or drawings.
 */
@NullMarked
package org.leanlintel.core.measure;

import org.jspecify.annotations.NullMarked;
