/** Drawings and sheets as DXF (form AC1027), to be read by other programs. */
@NullMarked
package org.leanlintel.formats.dxf;

import org.jspecify.annotations.NullMarked;
