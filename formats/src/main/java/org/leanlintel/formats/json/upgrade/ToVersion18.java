package org.leanlintel.formats.json.upgrade;

import java.util.Locale;
import tools.jackson.databind.node.ObjectNode;

/** How the words of notes are set is a stock item of the project; sheets may be bound in several sets. */
final class ToVersion18 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "note" ->
                element.put(
                        "style",
                        "letters-" + element.path("style").asString("NOTE").toLowerCase(Locale.ROOT));
            case "sheet" -> element.put("set", "");
            default -> {}
        }
    }
}
