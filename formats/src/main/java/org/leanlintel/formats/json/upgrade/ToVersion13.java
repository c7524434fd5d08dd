package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Fittings have parts in space; there are trusses, and call-outs of build-ups. */
final class ToVersion13 extends Step {

    private static final JsonNode PARTS = frozen("to-13.json");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "layer" -> taking(element);
            case "symbol" -> element.set("parts", parts(element));
            default -> {}
        }
    }

    /** Trusses lie with roofs, call-outs with notes. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean roofs = false, notes = false;
        for (JsonNode kind : takes) {
            roofs |= kind.asString("").equals("roof");
            notes |= kind.asString("").equals("note");
        }
        if (roofs) takes.add("truss");
        if (notes) takes.add("callOut");
    }

    /** Those of the stock's symbols, at the stock's sizes; none for all others. */
    private static JsonNode parts(ObjectNode symbol) {
        for (JsonNode known : PARTS)
            if (known.path("id").equals(symbol.path("id"))
                    && known.path("widthMm").asDouble(0)
                            == symbol.path("width").path("usualMm").asDouble(-1)
                    && known.path("heightMm").asDouble(0)
                            == symbol.path("heightMm").asDouble(-1))
                return known.path("parts").deepCopy();
        return array();
    }
}
