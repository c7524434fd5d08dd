package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Rules;

/** Whether a foundation lies under something, deep enough in the ground, and is as thick as it has to be. */
final class FootingCheck {

    private final Footing footing;
    private final Building building;
    private final List<Finding> found = new ArrayList<>();

    private FootingCheck(Footing footing, Building building) {
        this.footing = footing;
        this.building = building;
    }

    static List<Finding> findings(Footing footing, Building building) {
        FootingCheck check = new FootingCheck(footing, building);
        if (building.get(new BuiltFooting.Of(footing.id())) instanceof BuiltFooting built) check.look(built);
        else
            check.find(
                    "%s lies under nothing: the walls over it do not close round any more.".formatted(footing.mark()),
                    "Close the walls, or delete it.",
                    check.seed(),
                    "");
        return check.found;
    }

    /** Of one under a shell that is no more. */
    private Vec seed() {
        return footing.under() instanceof Footing.UnderShell s ? s.seed() : Vec.ORIGIN;
    }

    private void look(BuiltFooting built) {
        if (!(building.model().find(Rules.ID, Rules.class) instanceof Rules rules)) return;
        Rules.Foundations rule = rules.foundations();
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        String from = rule.source() + (rule.sure() ? "" : " (check)");
        Ground ground = Ground.finished(building);
        Vec at = built.area().rings().getFirst().getFirst();
        double deep = Double.POSITIVE_INFINITY;
        for (List<Vec> ring : built.area().rings())
            for (Vec p : ring)
                if (ground.at(p) - built.lowMm() < deep) {
                    deep = ground.at(p) - built.lowMm();
                    at = p;
                }
        if (rule.belowGroundMm() - deep >= 1)
            find(
                    deep < 0
                            ? "%s lies over the ground: %s below it are asked for. %s."
                                    .formatted(footing.mark(), lengths.print(rule.belowGroundMm()), from)
                            : "The underside of %s lies %s below the ground, %s are asked for. %s."
                                    .formatted(
                                            footing.mark(),
                                            lengths.print(deep),
                                            lengths.print(rule.belowGroundMm()),
                                            from),
                    "Lay it deeper.",
                    at,
                    rule.source());
        if (rule.leastThickMm() - footing.depthMm() >= 1)
            find(
                    "%s is %s thick, %s are asked for. %s."
                            .formatted(
                                    footing.mark(),
                                    lengths.print(footing.depthMm()),
                                    lengths.print(rule.leastThickMm()),
                                    from),
                    "Make it thicker.",
                    at,
                    rule.source());
        double out = (footing.widthMm() - carried(built)) / 2;
        if (out - rule.projectsAtMost() * footing.depthMm() >= 1)
            find(
                    "%s reaches %s beyond what stands on it and is %s thick: so far out it has to be reinforced. %s."
                            .formatted(footing.mark(), lengths.print(out), lengths.print(footing.depthMm()), from),
                    "Make it thicker or narrower, or say its reinforcement in a note.",
                    at,
                    rule.source());
    }

    /** How wide what stands on it is. */
    private double carried(BuiltFooting built) {
        return footing.rising() instanceof Footing.Stem s ? s.widthMm() : built.narrowestMm();
    }

    private void find(String sentence, String remedy, Vec at, String source) {
        found.add(new Finding(
                Finding.Kind.SUPPORT,
                sentence,
                remedy,
                List.<ElementId>of(footing.id()),
                footing.storey(),
                at,
                source));
    }
}
