package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A straight line through all storeys that strings hold to. */
public sealed interface Ruled extends OnLayer permits GridLine, BoundaryLine {

    Vec from();

    Vec to();
}
