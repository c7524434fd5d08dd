/** What can be done to elements of any kind: moved, revised, deleted, put on another layer. */
@NullMarked
package org.leanlintel.core.edit.change;

import org.jspecify.annotations.NullMarked;
