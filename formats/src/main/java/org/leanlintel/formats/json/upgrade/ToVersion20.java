package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Drawings may be turned on sheets; gutters are of a material of their own, and roofs may have flashings up walls; plots have boundaries. */
final class ToVersion20 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "sheet" -> each(element.path("drawings"), placed -> placed.put("quarters", 0));
            case "roof" -> {
                if (element.path("trim") instanceof ObjectNode trim) trimmed(trim);
            }
            case "layer" -> beside(element.path("takes"), "spotLevel", "boundaryLine");
            case "lens" -> {
                if (element.path("roofs").asString("").equals("FROM_ABOVE")
                        && element.path("marks") instanceof ArrayNode all) all.add("BOUNDARIES");
                else beside(element.path("marks"), "SPOT_LEVELS", "BOUNDARIES");
                if (element.path("pens") instanceof ObjectNode pens)
                    pens.putObject("BOUNDARY")
                            .put("widthMm", 0.35)
                            .put("dash", "LONG_DASHED_DOUBLE_DOTTED")
                            .put("ink", "");
            }
            default -> {}
        }
    }

    private static void trimmed(ObjectNode trim) {
        String material = trim.path("material").asString("");
        trim.put("gutterOf", material).put("flashingMm", 0).put("flashingOf", material);
    }

    /** Adds a word to a list that has another. */
    private static void beside(JsonNode words, String known, String added) {
        if (words instanceof ArrayNode list
                && list.valueStream().anyMatch(w -> w.asString("").equals(known))) list.add(added);
    }
}
