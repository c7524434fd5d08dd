/** The running product: an HTTP API over the core, a journal in PostgreSQL, and events to open windows. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server;
