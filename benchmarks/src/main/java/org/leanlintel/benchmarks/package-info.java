/** Benchmarks of what a drafter waits for. What a benchmark stands on is set before it runs, not by a constructor. */
@org.jspecify.annotations.NullUnmarked
package org.leanlintel.benchmarks;
