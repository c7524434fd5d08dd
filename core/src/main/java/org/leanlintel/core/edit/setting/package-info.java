/** Where openings and fittings go by what they are set out from. */
@NullMarked
package org.leanlintel.core.edit.setting;

import org.jspecify.annotations.NullMarked;
