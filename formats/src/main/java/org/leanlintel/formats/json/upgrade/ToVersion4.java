package org.leanlintel.formats.json.upgrade;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A place along a wall is a rule of several; openings have a make and a type, schedules an order, and lenses pens and
 * parts for rooms and fittings.
 */
final class ToVersion4 extends Step {

    private final JsonNode makes = frozen("to-4.json");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "opening" -> opening(element);
            case "wallPiece" -> {
                if (element.path("stretch") instanceof ObjectNode stretch && stretch.has("placing")) placing(stretch);
            }
            case "drawing" -> element.put("sortBy", "");
            case "lens" -> {
                if (element.path("pens") instanceof ObjectNode pens)
                    for (String role : List.of("FITTING", "ROOM"))
                        pens.putObject(role).put("widthMm", 0.18).put("dash", "CONTINUOUS");
                element.putArray("roomLabels").add("NUMBER").add("AREA");
                element.put("openings", "STRUCTURAL");
            }
            default -> {}
        }
    }

    private void opening(ObjectNode element) {
        placing(element);
        boolean window = type(element.path("kind")).equals("window");
        if (window && element.path("kind") instanceof ObjectNode kind) kind.set("form", thing("flat"));
        element.set("make", makes.path(window ? "window" : "other").deepCopy());
        element.put("typeMark", "");
    }

    private static void placing(ObjectNode of) {
        JsonNode was = of.path("placing");
        ObjectNode stop = thing("wallsEnd");
        stop.set("end", was.path("from"));
        stop.put("line", "SET_OUT");
        ObjectNode off = thing("off");
        off.set("stop", stop);
        off.put("to", "NEAR");
        off.set("distanceMm", was.path("distanceMm"));
        of.set("placing", off);
    }
}
