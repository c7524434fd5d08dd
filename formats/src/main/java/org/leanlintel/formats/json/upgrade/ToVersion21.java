package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Trusses stand side by side as girders; drawings may be left out of the set on purpose, and show a part of themselves on a sheet. */
final class ToVersion21 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "truss" -> element.put("plies", 1);
            case "sheet" ->
                each(element.path("drawings"), placed -> placed.putObject("crop")
                        .put("type", "all"));
            case "drawing" -> element.put("leftOut", false);
            default -> {}
        }
    }
}
