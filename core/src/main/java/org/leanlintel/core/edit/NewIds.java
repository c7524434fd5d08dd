package org.leanlintel.core.edit;

import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;

/**
 * Ids for what an edit makes: the revision it makes and a count, so a preview names things as the edit will. Ids that
 * earlier steps of the same edit gave away are passed over.
 */
public final class NewIds {

    private final Model model;
    private int made;

    public NewIds(Model model) {
        this.model = model;
    }

    public ElementId next() {
        ElementId id;
        do id = new ElementId("r" + (model.revision() + 1) + "-" + ++made);
        while (model.find(id) != null);
        return id;
    }
}
