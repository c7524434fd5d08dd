/**
 * The shape of a roof over an outline: planes, ridges, hips and valleys follow from how each edge rises. Takes outlines in plan,
 * millimetres, and gives faces and lines with their heights, or a sentence why there are none. Must not know the model or walls.
 *
 * <p>Method: edges move inwards as the height grows, a weighted straight skeleton taken event by event (Aichholzer and Aurenhammer
 * 1996); at every event the rings are made anew from their segments, so that events at one time are one case. Every result is
 * checked by itself before it is given.
 */
@NullMarked
package org.leanlintel.core.roof;

import org.jspecify.annotations.NullMarked;
