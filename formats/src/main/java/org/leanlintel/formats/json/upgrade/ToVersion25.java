package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Each light of a window says how it opens, from left to right as seen from outside: all opened alike, those of the first half from the start of
 * the wall on hung at their end nearer to it. That is told as it looks in a wall whose outside lies left of its run. Between flights of a stair there
 * is a landing, which may be of a length of its own, or winders.
 */
final class ToVersion25 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "opening" -> {
                if (element.path("kind") instanceof ObjectNode kind
                        && type(kind).equals("window")) window(kind);
            }
            case "stair" -> each(element.path("shape").path("turns"), ToVersion25::turn);
            default -> {}
        }
    }

    private static void turn(ObjectNode turn) {
        boolean half = turn.remove("half").asBoolean(false);
        JsonNode well = turn.remove("wellMm"), pivot = turn.remove("pivotMm");
        if (turn.remove("by").asString("").equals("WINDERS")) {
            turn.put("type", "winders").set("pivotMm", pivot);
            return;
        }
        turn.put("type", "landing").put("way", half ? "HALF" : "QUARTER").put("lengthMm", 0.0);
        turn.set("wellMm", well);
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
