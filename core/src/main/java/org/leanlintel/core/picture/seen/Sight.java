package org.leanlintel.core.picture.seen;

import java.util.List;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.geometry.Area;

/** A view, and what stands before all that it shows. @param first shapes in the picture's own plane, which hide everything */
public record Sight(Key<View> view, Key<List<Area>> first) {}
