/** The office standard in a project: layers, lenses, materials, build-ups and symbols. */
@NullMarked
package org.leanlintel.core.edit.office;

import org.jspecify.annotations.NullMarked;
