package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Rules say how far parapets stand up. */
final class ToVersion17 extends Step {

    private static final JsonNode UPSTANDS = frozen("to-17.json");

    /** Of all that know no set by its name. */
    private static final String USUAL = "United Kingdom: Approved Documents, BS 6465";

    @Override
    void element(ObjectNode element) {
        if (!type(element).equals("rules")) return;
        JsonNode of = UPSTANDS.path(element.path("name").asString(""));
        element.set("upstand", (of.isMissingNode() ? UPSTANDS.path(USUAL) : of).deepCopy());
    }
}
