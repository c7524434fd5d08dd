package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.UnderRoofs;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/** Openings whose wall does not reach up to their heads, since a roof changed or came lower. */
final class HeadCheck {

    private HeadCheck() {}

    static List<Finding> findings(ElementId wall, Building building) {
        List<Finding> findings = new ArrayList<>();
        WallSolid solid = building.solid(wall);
        if (solid == null) return findings;
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        Strip strip = solid.strip();
        Wall of = strip.wall();
        for (PlacedOpening placed : solid.openings()) {
            Opening o = placed.opening();
            double past = o.headMm() - UnderRoofs.headMm(solid, placed.from(), placed.to(), building);
            if (past <= Tolerance.SAME_MM || o.stateIn(of) == WorkState.REMOVED) continue;
            findings.add(new Finding(
                    Finding.Kind.ROOF,
                    "The head of %s stands %s above the top of %s as the roofs leave it."
                            .formatted(o.mark(), lengths.print(past), of.mark()),
                    "Lower it, or raise the roof.",
                    List.of(o.id(), of.id()),
                    of.storey(),
                    strip.at(placed.middle(), 0),
                    ""));
        }
        return findings;
    }
}
