package org.leanlintel.core.edit.note;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Pointed;

/** What was clicked for a leader to point at. */
public sealed interface Picked {

    Vec at();

    record Place(Vec at) implements Picked {}

    record Thing(ElementId thing, Vec at) implements Picked {}

    /** What the leader holds to. @throws org.leanlintel.core.model.MissingElement where the thing has gone */
    default Target in(Pointed pointed) {
        Model model = pointed.building().model();
        @Nullable Element thing = this instanceof Thing t ? model.get(t.thing(), Element.class) : null;
        return pointed.on(thing, at());
    }
}
