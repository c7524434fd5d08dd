package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** There are roofs and elevations: lenses say how they show them, materials what they look like from the front. */
final class ToVersion12 extends Step {

    private static final JsonNode SURFACES = frozen("to-12.json");

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "layer" -> taking(element);
            case "lens" -> lens(element);
            case "material" -> material(element);
            default -> {}
        }
    }

    /** Roofs lie with floors. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean floors = false;
        for (JsonNode kind : takes) floors |= kind.asString("").equals("floor");
        if (floors) takes.add("roof").add("roofPart");
    }

    private static void lens(ObjectNode lens) {
        lens.put("roofs", "OVERHEAD").put("openingLines", "MEET_AT_HINGE");
        if (!(lens.path("pens") instanceof ObjectNode pens)) return;
        pen(pens, "OUTLINE", 0.5);
        pen(pens, "SURFACE", 0.13);
        pen(pens, "ROOF", 0.35);
        pen(pens, "GROUND", 0.7);
    }

    private static void pen(ObjectNode pens, String role, double widthMm) {
        if (!pens.has(role))
            pens.putObject(role)
                    .put("widthMm", widthMm)
                    .put("dash", "CONTINUOUS")
                    .put("ink", "");
    }

    /** Those of the stock that are seen from the front; all others are plain. */
    private static void material(ObjectNode material) {
        JsonNode known = SURFACES.path(material.path("id").asString(""));
        JsonNode surface = known.path("surface");
        material.set("surface", surface.isMissingNode() ? thing("plain") : surface.deepCopy());
        material.put("leastPitch", known.path("leastPitch").asDouble(0));
    }
}
