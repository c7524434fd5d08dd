package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Materials say how heat passes, build-ups have a mark, a use and ratings, plies a framing, and lenses say how much they draw; walls
 * may be curved, and corners are decided. What came from the office standard has it from there.
 */
final class ToVersion2 extends Step {

    private final JsonNode standard = frozen("to-2.json");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "material" -> element.set("heat", stock(element, "heat", thing("unstated")));
            case "buildUp" -> buildUp(element);
            case "lens" -> {
                element.set(
                        "detail",
                        stock(
                                element,
                                "detail",
                                object().put("everythingTo", 10_000.0).put("outlineFrom", 20_000.0)));
                element.put("wallMarks", false);
            }
            case "wall" -> element.put("bulge", 0.0);
            case "corner" -> element.set("meeting", thing("byRule"));
            default -> {}
        }
    }

    private void buildUp(ObjectNode element) {
        String id = element.path("id").asString();
        JsonNode mark = standard.path("mark").path(id);
        element.put("mark", mark.isMissingNode() ? id.substring(Math.max(0, id.length() - 6)) : mark.asString());
        element.put("use", "WALL");
        element.put("fire", "");
        element.put("sound", "");
        if (element.path("plies") instanceof ArrayNode plies)
            for (JsonNode ply : plies) if (ply instanceof ObjectNode p) p.set("framing", thing("solid"));
    }

    private JsonNode stock(ObjectNode element, String field, JsonNode otherwise) {
        JsonNode known = standard.path(field).path(element.path("id").asString());
        return known.isMissingNode() ? otherwise : known.deepCopy();
    }
}
