package org.leanlintel.core.picture;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;

/** A place the pointer holds to: a point where {@code from} equals {@code to}, else a line. @param words as said beside the pointer */
public record Catch(String words, Hold hold, Vec from, Vec to) {}
