/** The bundled office standard: layers, lenses, materials and build-ups a project starts from, kept as data files. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.formats.standard;
