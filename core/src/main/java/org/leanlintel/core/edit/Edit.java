package org.leanlintel.core.edit;

import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** One thing a drafter does. It is run through {@code Editing}, and its record stands in {@code EditKinds}. */
public interface Edit {

    /** What it does to the building's model. May throw what {@code Editing} turns into a refusal. */
    Outcome on(Building building);

    /** The elements it relies on besides those it changes. */
    Set<ElementId> reads();
}
