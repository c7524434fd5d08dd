package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.roof.RoofShape;

/** Whether a chimney ends high enough over the roof it goes through and over roofs near it, and leads the water round it. */
final class ChimneyCheck {

    private final Building building;
    private final Rules.Chimneys rule;
    private final PlacedRoofPart placed;
    private final Area outline;
    private final double topMm;

    private ChimneyCheck(Building building, Rules.Chimneys rule, PlacedRoofPart placed, double topMm) {
        this.building = building;
        this.rule = rule;
        this.placed = placed;
        this.topMm = topMm;
        outline = Area.of(placed.plan());
    }

    static List<Finding> findings(RoofPart part, Building building) {
        if (!(part.make() instanceof RoofPart.Stack stack)
                || !(building.model().find(Rules.ID, Rules.class) instanceof Rules rules)
                || !(building.get(new PlacedRoofPart.Of(part.id())) instanceof PlacedRoofPart placed)) return List.of();
        Plane roof = placed.roof().top(placed.face());
        double at = highest(roof, placed.plan());
        ChimneyCheck check = new ChimneyCheck(building, rules.chimneys(), placed, at + stack.aboveMm());
        List<Finding> found = new ArrayList<>();
        if (check.find(stack.aboveMm()) instanceof Finding f) found.add(f);
        if (check.lacksSaddle(stack) instanceof Finding f) found.add(f);
        return found;
    }

    /** Water stands behind one that is wide, unless it comes through the ridge. */
    private @Nullable Finding lacksSaddle(RoofPart.Stack stack) {
        RoofPart part = placed.part();
        Rules.Saddles asked = rule.saddles();
        boolean lacks = asked.widerMm() > 0
                && part.widthMm() > asked.widerMm() + 1
                && stack.behind() instanceof RoofPart.Bare
                && ridges(outline).isEmpty();
        if (!lacks) return null;
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        return finding(
                "%s has no saddle behind it: it is %s wide, and over %s one is asked for. %s%s."
                        .formatted(
                                part.mark(),
                                lengths.print(part.widthMm()),
                                lengths.print(asked.widerMm()),
                                asked.source(),
                                asked.sure() ? "" : " (check)"),
                "Give it a saddle.",
                asked.source());
    }

    private Finding finding(String sentence, String mending, String source) {
        RoofPart part = placed.part();
        return new Finding(
                Finding.Kind.ROOF,
                sentence,
                mending,
                List.of(part.id()),
                building.model().get(part.roof(), Roof.class).storey(),
                part.at(),
                source);
    }

    private List<RoofShape.Line> ridges(Area near) {
        List<RoofShape.Line> ridges = new ArrayList<>();
        for (Roof r : building.model().all(Roof.class))
            if (building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof joined)
                for (RoofShape.Line l : joined.shape().lines())
                    if (l.kind() == RoofShape.Kind.RIDGE
                            && !near.inside(List.of(List.of(l.from(), l.to()))).isEmpty()) ridges.add(l);
        return ridges;
    }

    private @Nullable Finding find(double aboveMm) {
        if (isOverARidge()) return null;
        double overRoof = rule.overRoofMm() - aboveMm;
        double near = highestNear() + rule.overNearMm() - topMm;
        double lacking = Math.max(overRoof, near);
        if (lacking < 1) return null;
        RoofPart part = placed.part();
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        String why = overRoof >= near
                ? "it ends %s over the roof at its upper side, %s are asked for"
                        .formatted(lengths.print(aboveMm), lengths.print(rule.overRoofMm()))
                : "it ends too low over the roof that lies within %s of it".formatted(lengths.print(rule.withinMm()));
        return finding(
                "%s is %s too low: %s. %s%s."
                        .formatted(
                                part.mark(), lengths.print(lacking), why, rule.source(), rule.sure() ? "" : " (check)"),
                "Make it higher by so much.",
                rule.source());
    }

    /** Near to a ridge it is enough to end so far over that. */
    private boolean isOverARidge() {
        if (rule.overRidgeMm() == 0) return false;
        for (RoofShape.Line l : ridges(outline.grown(rule.nearRidgeMm())))
            if (topMm >= Math.max(l.fromMm(), l.toMm()) + rule.overRidgeMm()) return true;
        return false;
    }

    private double highestNear() {
        Area near = outline.grown(rule.withinMm());
        double highest = Double.NEGATIVE_INFINITY;
        for (Roof r : building.model().all(Roof.class)) {
            if (!r.stays() || !(building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof joined)) continue;
            for (RoofShape.Face f : joined.faces())
                for (List<Vec> ring : f.plan().and(near).rings())
                    highest = Math.max(highest, highest(joined.built().top(f), ring));
        }
        return highest;
    }

    private static double highest(Plane plane, List<Vec> over) {
        return over.stream().mapToDouble(plane::at).max().orElse(Double.NEGATIVE_INFINITY);
    }
}
