package org.leanlintel.formats.json.upgrade;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A lens says of each layer how it is shown, which things show their marks, how walls are filled and what becomes of those that go and come; a
 * layer has a group, an ink and a lock; an opening says where its mark stands and what becomes of it; a drawing has a
 * place in the register and a frame.
 */
final class ToVersion8 extends Step {

    private static final Map<String, String> GROUPS = Map.of(
            "layer-dimensions", "Written",
            "layer-notes", "Written",
            "layer-rooms", "Written",
            "layer-sections", "Written");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "lens" -> lens(element);
            case "layer" -> layer(element);
            case "drawing" -> {
                element.put("order", 0).set("frame", thing("all"));
                element.putArray("also");
            }
            case "opening" -> {
                element.set("markAt", thing("whereClear"));
                element.put("work", "AS_WALL");
            }
            default -> {}
        }
    }

    private static void lens(ObjectNode lens) {
        ArrayNode layers = lens.putArray("layers");
        for (JsonNode hidden : lens.path("hiddenLayers"))
            layers.addObject().put("layer", hidden.asString("")).put("shown", "HIDDEN");
        lens.remove("hiddenLayers");
        if (lens.path("pens") instanceof ObjectNode pens)
            pens.putObject("CONSTRUCTION").put("widthMm", 0.13).put("dash", "LONG_DASHED_DOTTED");
        for (JsonNode pen : lens.path("pens")) if (pen instanceof ObjectNode of) of.put("ink", "");
        ArrayNode marks = lens.putArray("marks");
        if (lens.path("wallMarks").asBoolean(false))
            marks.add("BUILD_UPS").add("DOORS").add("WINDOWS").add("PART_PLANS");
        lens.remove("wallMarks");
        lens.put("fill", "MATERIALS").put("symbol", "LEAF").put("coloured", false);
        lens.putObject("states")
                .put("EXISTING", "GREY")
                .put("REMOVED", "DASHED")
                .put("NEW", "FULL");
    }

    private static void layer(ObjectNode of) {
        String group = GROUPS.getOrDefault(of.path("id").asString(""), "");
        of.put("group", group.isEmpty() ? "Built" : group);
        of.put("standsFor", group.isEmpty() ? "BUILT" : "ANNOTATION");
        of.set("drawn", thing("byKind"));
        of.put("ink", "").put("locked", false);
    }
}
