/** What notes point at, and what they can say of it. Takes a building; how a note is drawn is decided elsewhere. */
@NullMarked
package org.leanlintel.core.note;

import org.jspecify.annotations.NullMarked;
