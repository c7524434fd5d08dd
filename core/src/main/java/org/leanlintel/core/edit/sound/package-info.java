/** What a model must be to be kept, and the sentences that say what is wrong with one. */
@NullMarked
package org.leanlintel.core.edit.sound;

import org.jspecify.annotations.NullMarked;
