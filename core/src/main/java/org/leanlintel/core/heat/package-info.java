/**
 * What a build-up lets through of heat. Takes build-ups and materials, gives U-values with the sum that led to them.
 * Knows nothing of drawings or of where walls stand.
 */
@NullMarked
package org.leanlintel.core.heat;

import org.jspecify.annotations.NullMarked;
