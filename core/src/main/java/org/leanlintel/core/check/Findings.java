package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Storey;

/** Everything that is found in a building, storey by storey. */
public final class Findings {

    private Findings() {}

    public static List<Finding> of(Building building) {
        List<Finding> findings = new ArrayList<>();
        for (Storey storey : building.model().all(Storey.class)) {
            StoreyFittings fittings = StoreyFittings.of(building, storey.id());
            findings.addAll(new ClearanceCheck(fittings).findings());
            findings.addAll(new ClashCheck(fittings).findings());
            findings.addAll(new SwingCheck(fittings).findings());
            findings.addAll(new EscapeCheck(building, storey).findings());
            findings.addAll(new RoomCheck(building, storey).findings());
            findings.addAll(new WayInCheck(building, storey).findings());
            findings.addAll(new StairCheck(building, storey).findings());
            findings.addAll(new StairWayCheck(building, storey).findings());
            findings.addAll(new StairLandingCheck(fittings).findings());
            findings.addAll(new SupportCheck(building, storey).findings());
        }
        return List.copyOf(findings);
    }
}
