/** Elements, edits and pictures as JSON, and the project file. Knows Jackson, so that {@code core} need not. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.formats.json;
