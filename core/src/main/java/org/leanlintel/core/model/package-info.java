/**
 * What the drafter decided: immutable elements, the model that holds them, and a change from one model to the next.
 * Positions that follow from decisions are derived in {@code building}, never stored here. Knows nothing of drawing.
 */
@NullMarked
package org.leanlintel.core.model;

import org.jspecify.annotations.NullMarked;
