/** Values that follow from a model, each worked out again only where something it was worked out from has changed. */
@NullMarked
package org.leanlintel.core.derive;

import org.jspecify.annotations.NullMarked;
