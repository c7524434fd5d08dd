package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Angles and arcs are dimensioned; sheets lie across or stand upright. */
final class ToVersion11 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "layer" -> taking(element);
            case "sheet" -> sheet(element);
            default -> {}
        }
    }

    /** Angles and arcs lie with dimension strings. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean strings = false;
        for (JsonNode kind : takes) strings |= kind.asString("").equals("dimensionString");
        if (strings) takes.add("dimension");
    }

    private static void sheet(ObjectNode sheet) {
        String size = sheet.path("size").asString("");
        sheet.remove("size");
        sheet.putObject("paper").put("size", size).put("upright", false);
    }
}
