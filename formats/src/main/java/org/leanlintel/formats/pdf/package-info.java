/** Pictures as PDF pages: one strict writer that owns points, number format, state and closing. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.formats.pdf;
