package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Title blocks are laid out by the project; lenses say how large words are, what stands behind plans and from which scale on layers go; plans say what is in front. */
final class ToVersion14 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "lens" -> lens(element);
            case "drawing" -> element.set("inFront", array());
            case "layer" -> taking(element);
            case "settings" -> settings(element);
            default -> {}
        }
    }

    /** Revision clouds lie with notes. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean notes = false;
        for (JsonNode kind : takes) notes |= kind.asString("").equals("note");
        if (notes) takes.add("cloud");
    }

    private static void settings(ObjectNode settings) {
        settings.set("letters", object().put("walls", "W").put("doors", "D").put("windows", "G"));
        settings.put("titleBlock", "title-block-corner");
        settings.set("ownFields", array());
    }

    private static void lens(ObjectNode lens) {
        lens.set("letters", object().put("nameMm", 3.5).put("wordsMm", 2.5).put("markMm", 2.5));
        lens.set("backdrop", object().put("what", "NOTHING").put("prints", false));
        for (JsonNode layer : lens.path("layers")) if (layer instanceof ObjectNode shown) shown.put("hiddenFrom", 0);
    }
}
