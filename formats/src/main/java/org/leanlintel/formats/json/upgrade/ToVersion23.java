package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Points may hold to corners of fittings, and legends may be of the sheet they stand on: what was there stays as it is. */
final class ToVersion23 extends Step {

    @Override
    void element(ObjectNode element) {}
}
