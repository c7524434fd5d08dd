package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Storey;

/** Everything that is found in a building, storey by storey and check by check; each element is looked at by itself. */
public final class Findings {

    private Findings() {}

    public static List<Finding> of(Building building) {
        List<Key<List<Finding>>> all = new ArrayList<>();
        for (Storey storey : building.model().all(Storey.class))
            for (Check check : Check.values())
                for (Element e : building.model().all(check.kind)) all.add(new Check.Of(check, storey.id(), e.id()));
        List<Finding> findings = new ArrayList<>();
        for (List<Finding> found : SideBySide.map(all, building::get)) findings.addAll(found);
        return List.copyOf(findings);
    }
}
