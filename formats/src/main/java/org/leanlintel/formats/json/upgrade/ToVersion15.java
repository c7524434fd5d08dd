package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** There are foundations, and levels of the ground at points; rules say how deep foundations lie. */
final class ToVersion15 extends Step {

    private static final JsonNode FOUNDATIONS = frozen("to-15.json");

    /** Of all that know no set by its name. */
    private static final String USUAL = "United Kingdom: Approved Documents, BS 6465";

    @Override
    void element(ObjectNode element) {
        if (!type(element).equals("rules")) return;
        JsonNode of = FOUNDATIONS.path(element.path("name").asString(""));
        element.set("foundations", (of.isMissingNode() ? FOUNDATIONS.path(USUAL) : of).deepCopy());
    }
}
