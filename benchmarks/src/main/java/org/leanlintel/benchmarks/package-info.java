/** Benchmarks of what a drafter waits for. */
@org.jspecify.annotations.NullMarked
package org.leanlintel.benchmarks;
