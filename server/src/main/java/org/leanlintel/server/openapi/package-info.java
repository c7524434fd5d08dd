/** The API's own description, from the code that serves it. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.openapi;
