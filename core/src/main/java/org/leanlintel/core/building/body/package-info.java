/**
 * What stands, as bodies in space: of openings, fittings, stairs, steps and foundations, and all of a building
 * together.
 */
@NullMarked
package org.leanlintel.core.building.body;

import org.jspecify.annotations.NullMarked;
