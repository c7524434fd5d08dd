/** Rows of the database and how they are read and written. Knows nothing of HTTP. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.store;
