package org.leanlintel.formats.json.upgrade;

import java.util.Locale;
import tools.jackson.databind.node.ObjectNode;

/** How the words of notes are set is a stock item of the project. */
final class ToVersion18 extends Step {

    @Override
    void element(ObjectNode element) {
        if (type(element).equals("note"))
            element.put(
                    "style", "letters-" + element.path("style").asString("NOTE").toLowerCase(Locale.ROOT));
    }
}
