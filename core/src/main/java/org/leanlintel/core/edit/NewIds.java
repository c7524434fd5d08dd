package org.leanlintel.core.edit;

import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;

/** Ids for what an edit makes: the revision it makes and a count, so a preview names things as the edit will. */
final class NewIds {

    private final long revision;
    private int made;

    NewIds(Model model) {
        revision = model.revision() + 1;
    }

    ElementId next() {
        return new ElementId("r" + revision + "-" + ++made);
    }
}
