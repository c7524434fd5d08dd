/** What else becomes different when an edit is made, said in sentences before it happens. */
@NullMarked
package org.leanlintel.core.effect;

import org.jspecify.annotations.NullMarked;
