package org.leanlintel.core.building.join;

import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/**
 * An upright slab along a wall that is not one of its plies, or what a niche leaves of one: s from {@code from} to {@code
 * to}, t from {@code lo} to {@code hi}.
 *
 * @param element what it belongs to
 * @param lowMm above the project's datum
 */
public record Slab(
        ElementId element,
        double from,
        double to,
        double lo,
        double hi,
        Material material,
        Does does,
        double lowMm,
        double highMm) {}
