package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Fittings have parts in space, rules speak of chimneys and of rooms under slopes; there are trusses. */
final class ToVersion13 extends Step {

    private static final JsonNode KNOWN = frozen("to-13.json");

    /** Of all that know no set by its name. */
    private static final String USUAL = "United Kingdom: Approved Documents, BS 6465";

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "layer" -> taking(element);
            case "symbol" -> element.set("parts", parts(element));
            case "rules" -> rules(element);
            default -> {}
        }
    }

    /** Those of the set of the same name. */
    private static void rules(ObjectNode rules) {
        JsonNode sets = KNOWN.path("rules");
        JsonNode of = sets.path(rules.path("name").asString(""));
        if (of.isMissingNode()) of = sets.path(USUAL);
        rules.set("chimneys", of.path("chimneys").deepCopy());
        rules.set("headroom", of.path("headroom").deepCopy());
    }

    /** Trusses lie with roofs. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean roofs = false;
        for (JsonNode kind : takes) roofs |= kind.asString("").equals("roof");
        if (roofs) takes.add("truss");
    }

    /** Those of the stock's symbols, at the stock's sizes; none for all others. */
    private static JsonNode parts(ObjectNode symbol) {
        for (JsonNode known : KNOWN.path("parts"))
            if (known.path("id").equals(symbol.path("id"))
                    && known.path("widthMm").asDouble(0)
                            == symbol.path("width").path("usualMm").asDouble(-1)
                    && known.path("heightMm").asDouble(0)
                            == symbol.path("heightMm").asDouble(-1))
                return known.path("parts").deepCopy();
        return array();
    }
}
