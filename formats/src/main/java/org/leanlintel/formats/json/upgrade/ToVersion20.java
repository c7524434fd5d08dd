package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Drawings may be turned on sheets; gutters are of a material of their own, and roofs may have flashings up walls. */
final class ToVersion20 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "sheet" -> {
                for (JsonNode placed : element.path("drawings"))
                    if (placed instanceof ObjectNode p) p.put("quarters", 0);
            }
            case "roof" -> {
                if (!(element.path("trim") instanceof ObjectNode trim)) return;
                String material = trim.path("material").asString("");
                trim.put("gutterOf", material).put("flashingMm", 0).put("flashingOf", material);
            }
            default -> {}
        }
    }
}
