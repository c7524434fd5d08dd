/**
 * Findings: what in a building breaks a rule of the project's rule set, or cannot be as drawn. Takes a building, gives
 * findings, all at once. Knows nothing of pictures, and repairs nothing.
 */
@NullMarked
package org.leanlintel.core.check;

import org.jspecify.annotations.NullMarked;
