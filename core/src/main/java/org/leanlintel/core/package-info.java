/** The heart of the job, in plain Java: no interface, no files, no framework. Arrows point from picture down to measure. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.core;
