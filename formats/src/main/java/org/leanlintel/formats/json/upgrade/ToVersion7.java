package org.leanlintel.formats.json.upgrade;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A layer says which kinds of elements are drawn on it, which the tools knew before by its id. */
final class ToVersion7 extends Step {

    private static final Map<String, List<String>> TOOK = Map.of(
            "layer-walls", List.of("wall", "wallPiece", "post"),
            "layer-openings", List.of("opening"),
            "layer-rooms", List.of("room", "roomLimit"),
            "layer-fittings", List.of("fitting"),
            "layer-floors", List.of("floor", "floorVoid", "stair", "outsideSteps"),
            "layer-sections", List.of("sectionLine"),
            "layer-dimensions", List.of("dimensionString"),
            "layer-notes", List.of("note"));

    @Override
    void element(ObjectNode element) {
        if (!type(element).equals("layer")) return;
        ArrayNode takes = element.putArray("takes");
        TOOK.getOrDefault(element.path("id").asString(""), List.of()).forEach(takes::add);
    }
}
