/** Puts the demo projects into a database that has none. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.demo;
