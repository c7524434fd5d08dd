/** Tells other windows and other instances what changed. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.events;
