package org.leanlintel.core.building;

import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;

/**
 * What fills a place in plan: a ply of some wall.
 *
 * @param buildUpPly the ply's index in its build-up, from the outside
 */
public record Content(Strip strip, int buildUpPly, Material material, Does does) {}
