package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Each light of a window says how it opens, from left to right as seen from outside: all opened alike, those of the first half from the start of
 * the wall on hung at their end nearer to it. That is told as it looks in a wall whose outside lies left of its run.
 */
final class ToVersion25 extends Step {

    @Override
    void element(ObjectNode element) {
        if (type(element).equals("opening")
                && element.path("kind") instanceof ObjectNode kind
                && type(kind).equals("window")) window(kind);
    }

    private static void window(ObjectNode window) {
        int count = window.remove("lights").asInt(1);
        JsonNode opens = window.remove("opens");
        boolean slides = opens.asString("").equals("HORIZONTAL_SLIDING");
        ObjectNode lights = window.putObject("lights");
        ArrayNode row = lights.putArray("row");
        for (int i = count - 1; i >= 0; i--) {
            boolean atStart = 2 * i < count;
            row.addObject()
                    .set("opens", opens)
                    .put("side", atStart == slides ? "LEFT" : "RIGHT")
                    .put("part", 1.0);
        }
        lights.set("over", thing("nothingOver"));
        lights.put("inwards", false);
    }
}
