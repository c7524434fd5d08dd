package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BeforeOpenings;
import org.leanlintel.core.building.roof.Dammed;
import org.leanlintel.core.building.roof.Gutter;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Rules;

/** Gutters that collect more than their downpipes take away, and slopes behind parapets that nothing drains. */
final class GutterCheck {

    private static final String SAID = "A gutter of %s collects from %s at %s; it needs %d %s and has %s.";

    /** How deep water may stand on a slope. */
    private static final double PUDDLE_MM = 10;

    private GutterCheck() {}

    static List<Finding> findings(Roof roof, Building building) {
        if (!(building.model().find(Rules.ID, Rules.class) instanceof Rules rules)
                || !(building.get(new JoinedRoof.Of(roof.id())) instanceof JoinedRoof built)) return List.of();
        Rules.Drainage rule = rules.drainage();
        List<Finding> findings = new ArrayList<>();
        for (Gutter gutter : Gutter.of(built)) {
            int needs = gutter.needs(rule),
                    has = gutter.downpipes(built, building).size();
            if (has < needs)
                findings.add(finding(
                        roof,
                        gutter,
                        rule,
                        needs,
                        has,
                        building.model().settings().units()));
        }
        for (Dammed slope : Dammed.of(built)) behindParapet(slope, building, findings);
        for (RoofPart p : building.model().all(RoofPart.class))
            if (p.make() instanceof RoofPart.Downpipe && p.stays() && p.roof().equals(roof.id()))
                before(p, roof, building, findings);
        return findings;
    }

    /** Without an outlet, or with none where the water comes to stand. */
    private static void behindParapet(Dammed slope, Building building, List<Finding> findings) {
        Roof roof = slope.roof().roof();
        List<RoofPart> outlets = slope.outlets(building);
        Vec low = slope.low(0);
        if (outlets.isEmpty())
            findings.add(new Finding(
                    Finding.Kind.ROOF,
                    "A slope of %s runs down to a parapet, and nothing takes its water away.".formatted(roof.mark()),
                    "Place a roof outlet at its low edge, from the facts of the roof or by hand.",
                    List.of(roof.id()),
                    roof.storey(),
                    low,
                    ""));
        else if (outlets.stream().allMatch(o -> slope.overLowest(o.at()) > PUDDLE_MM)) {
            RoofPart first = outlets.getFirst();
            LengthPrinter lengths =
                    LengthPrinter.ofScreen(building.model().settings().units());
            findings.add(new Finding(
                    Finding.Kind.ROOF,
                    "%s lies %s above the lowest place of its slope: water stands there."
                            .formatted(first.mark(), lengths.print(slope.overLowest(first.at()))),
                    "Move it to the low edge of its slope.",
                    List.of(first.id(), roof.id()),
                    roof.storey(),
                    first.at(),
                    ""));
        }
    }

    /** A downpipe that runs down before a window or a door. */
    private static void before(RoofPart pipe, Roof roof, Building building, List<Finding> findings) {
        if (!(building.get(new PlacedRoofPart.Of(pipe.id())) instanceof PlacedRoofPart placed)
                || !(placed.roof().plate(placed.face().edge()) instanceof PlateEdge plate)) return;
        Vec at = placed.part().at();
        Opening hidden = BeforeOpenings.first(at, plate.direction(), pipe.widthMm() / 2, building);
        if (hidden == null) return;
        findings.add(new Finding(
                Finding.Kind.ROOF,
                "%s runs down before the %s %s.".formatted(pipe.mark(), hidden.noun(), hidden.mark()),
                "Move it along the eaves.",
                List.of(pipe.id(), hidden.id()),
                roof.storey(),
                at,
                ""));
    }

    private static Finding finding(
            Roof roof, Gutter gutter, Rules.Drainage rule, int needs, int has, UnitSystem units) {
        String said = SAID.formatted(
                roof.mark(),
                AreaPrinter.print(gutter.collectsM2(rule) * 1e6, units),
                rule.rainfall(),
                needs,
                needs == 1 ? "downpipe" : "downpipes",
                has == 0 ? "none" : Integer.toString(has));
        return new Finding(
                Finding.Kind.ROOF,
                said,
                "Place downpipes, from the facts of the roof or by hand, or make its gutters wider.",
                List.of(roof.id()),
                roof.storey(),
                gutter.spot(gutter.lengthMm() / 2).at(0),
                rule.cited());
    }
}
