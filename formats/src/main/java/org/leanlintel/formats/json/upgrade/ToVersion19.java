package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Bays say what stands under them and what closes them above. */
final class ToVersion19 extends Step {

    @Override
    void element(ObjectNode element) {
        if (type(element).equals("opening")
                && element.path("kind").path("form") instanceof ObjectNode form
                && type(form).equals("bay")) form.put("foot", "HUNG").set("lid", thing("flatLid"));
    }
}
