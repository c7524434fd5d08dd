/** Elements taken elsewhere with all that belongs to them: copied, pasted, turned, mirrored, handed to another. */
@NullMarked
package org.leanlintel.core.edit.carry;

import org.jspecify.annotations.NullMarked;
