/** Storeys and what lies across them: floors, stairs, roofs, trusses, foundations and the ground. */
@NullMarked
package org.leanlintel.core.edit.storey;

import org.jspecify.annotations.NullMarked;
