/** Notes, marks, clauses, signs and clouds: what is written on drawings. */
@NullMarked
package org.leanlintel.core.edit.note;

import org.jspecify.annotations.NullMarked;
