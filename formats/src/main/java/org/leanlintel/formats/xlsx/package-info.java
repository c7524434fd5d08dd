/** Tables as spreadsheets (Office Open XML, ISO/IEC 29500). */
@NullMarked
package org.leanlintel.formats.xlsx;

import org.jspecify.annotations.NullMarked;
