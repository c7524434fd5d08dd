package org.leanlintel.core.building.join;

import org.jspecify.annotations.Nullable;

/** What lies along a line of a wall from s = {@code from} to {@code to}, millimetres; null content is open air. */
public record Span(double from, double to, @Nullable Content content) {}
