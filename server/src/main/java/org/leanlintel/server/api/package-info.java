/** The HTTP API under /api/v1. Every answer is JSON or PDF; every fault is a problem document (RFC 9457). */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.api;
