package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** A project is of a trade region, which its unit told before; its rooms are numbered on as they were. */
final class ToVersion6 extends Step {

    @Override
    void element(ObjectNode element) {
        if (!type(element).equals("settings")) return;
        element.put("region", element.path("units").asString("").equals("FEET_INCHES") ? "US" : "UK");
        element.put("numbering", "FROM_ZERO");
    }
}
