/**
 * What a stair amounts to: its equal risers and goings, its treads and flights in plan, the void it needs, and how all of
 * that stands to a set of rules. Takes a stair, the heights it goes between and the rules; knows nothing of walls, floors
 * or drawings.
 */
@NullMarked
package org.leanlintel.core.stair;

import org.jspecify.annotations.NullMarked;
