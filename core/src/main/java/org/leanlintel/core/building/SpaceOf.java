package org.leanlintel.core.building;

import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.StoreySpace;

/** A storey between the floors below and above it. */
record SpaceOf(ElementId storey) implements Key<StoreySpace> {

    @Override
    public StoreySpace from(Reads reads) {
        return StoreySpace.of(reads.model(), storey);
    }
}
