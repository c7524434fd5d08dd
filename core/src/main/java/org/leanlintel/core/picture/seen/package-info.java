/** What of bodies is seen beyond a plane, hidden lines removed, and how it is drawn; element by element, so that an edit draws what it touched. */
@NullMarked
package org.leanlintel.core.picture.seen;

import org.jspecify.annotations.NullMarked;
