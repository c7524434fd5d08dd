package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Storeys say what their floors are made of, walls how they stand on them; a drawing says what it is of, rules have some
 * for stairs and for walls on walls, and lenses pens for stairs and levels and a word on floors.
 */
final class ToVersion5 extends Step {

    private final JsonNode rules = frozen("to-5.json");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "storey" -> {
                element.set("floor", thing("notSaid"));
                element.set("ceiling", thing("underStoreyAbove"));
            }
            case "wall" -> {
                if (!(element.path("rise") instanceof ObjectNode rise)) return;
                double foot = rise.path("footMm").asDouble(0);
                rise.remove("footMm");
                rise.set("foot", foot == 0 ? thing("onFloor") : thing("fixed").put("mm", foot));
            }
            case "drawing" -> element.set("subject", thing("whole"));
            case "rules" -> {
                boolean us = element.path("name").asString("").startsWith("United States");
                JsonNode added = rules.path(us ? "US" : "UK");
                element.set("support", added.path("support").deepCopy());
                element.set("stairs", added.path("stairs").deepCopy());
            }
            case "lens" -> {
                if (!(element.path("pens") instanceof ObjectNode pens)) return;
                pens.putObject("STAIR").put("widthMm", 0.18).put("dash", "CONTINUOUS");
                pens.putObject("LEVEL").put("widthMm", 0.25).put("dash", "CONTINUOUS");
                element.put("floorSpans", false);
            }
            default -> {}
        }
    }
}
