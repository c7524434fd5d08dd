/** Runs an edit: what follows it, what is held, and whether the model is sound afterwards. */
@NullMarked
package org.leanlintel.core.edit.run;

import org.jspecify.annotations.NullMarked;
