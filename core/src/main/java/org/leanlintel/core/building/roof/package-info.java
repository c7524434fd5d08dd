/** Roofs over what stands: their planes, plates and eaves, dormers, trusses, and what is cut to lie under them. */
@NullMarked
package org.leanlintel.core.building.roof;

import org.jspecify.annotations.NullMarked;
