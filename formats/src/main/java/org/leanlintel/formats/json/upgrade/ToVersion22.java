package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Trusses of gables may be lowered for a ladder that runs over them. */
final class ToVersion22 extends Step {

    @Override
    void element(ObjectNode element) {
        if (type(element).equals("truss")
                && element.path("form") instanceof ObjectNode form
                && type(form).equals("gable")) form.put("lowerMm", 0);
    }
}
