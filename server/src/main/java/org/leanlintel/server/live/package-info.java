/** Projects in work: the building and plans of a revision, kept in memory and rebuilt from the store at need. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.server.live;
