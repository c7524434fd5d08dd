/**
 * Pictures and PDF pages to trace from: their sizes, their pages as pixels, and the lines drawn on a page of a PDF. Takes
 * bytes of any kind and refuses in words what is none of these.
 */
@NullMarked
package org.leanlintel.formats.traced;

import org.jspecify.annotations.NullMarked;
