/** The demo projects, drawn by the product's own edits. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.formats.demo;
