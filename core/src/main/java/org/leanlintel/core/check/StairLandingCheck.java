package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.check.Obstacles.Obstacle;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.stair.StairPlan;
import org.leanlintel.core.stair.StairPlan.Riser;

/** Whether the floor before the first riser of a stair and after its last is clear as far as the rules ask of a landing. */
final class StairLandingCheck {

    /** So far in from the sides of a stair things may stand. */
    private static final double BESIDE_MM = 25;
    /** Square millimetres that do not count. */
    private static final double BRUSH_MM2 = 3000;
    /** No further from a stair is looked at, whatever length an office asks of a landing. */
    private static final double FURTHEST_MM = 20_000;

    private final Building building;
    private final ElementId storey;
    private final LengthPrinter lengths;

    StairLandingCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    /** A side of a stair where one steps on or off it. @param out away from the stair */
    private record Way(Riser riser, Vec out, String words) {

        /** Counter-clockwise or clockwise, as the stair is walked. */
        Area floor(double deepMm) {
            Vec across = riser.right().minus(riser.left()).unit();
            Vec left = riser.left().along(across, BESIDE_MM),
                    right = riser.right().along(across, -BESIDE_MM);
            return Area.of(List.of(left, right, right.along(out, deepMm), left.along(out, deepMm)));
        }
    }

    private record Met(Obstacle what, double clearMm, Vec at) {}

    List<Finding> findings(BuiltStair built) {
        List<Finding> findings = new ArrayList<>();
        StairPlan plan = built.plan();
        List<Vec> walk = plan.walk();
        if (built.stair().storey().equals(storey)) {
            Vec out = walk.get(0).minus(walk.get(1)).unit();
            add(built, new Way(plan.risers().getFirst(), out, "before its first riser"), findings);
        }
        if (built.storeyAbove().id().equals(storey)) {
            Vec out = walk.getLast().minus(walk.get(walk.size() - 2)).unit();
            add(built, new Way(plan.risers().getLast(), out, "after its last riser"), findings);
        }
        return findings;
    }

    private void add(BuiltStair built, Way way, List<Finding> findings) {
        Limit limit = landing(built.rules(), built.stair().widthMm());
        if (limit == null) return;
        double needed = mm(limit, built.stair().widthMm());
        Met met = nearest(way, Math.min(needed, FURTHEST_MM));
        if (met == null) return;
        String sentence = "%s: %s is clear %s, to %s; at least %s, %s."
                .formatted(
                        built.stair().mark(),
                        lengths.print(met.clearMm()),
                        way.words(),
                        met.what().words(),
                        lengths.print(needed),
                        limit.source());
        List<ElementId> concerns = List.of(built.stair().id(), met.what().element());
        findings.add(new Finding(
                Finding.Kind.STAIR,
                sentence,
                "Move one of them, or turn the stair.",
                concerns,
                storey,
                met.at(),
                limit.cited()));
    }

    /** Which limit says how long a landing has to be; null where none does. */
    private static @Nullable Limit landing(StairRules rules, double widthMm) {
        Limit least = rules.limit(What.LANDING_LEAST), ofWidth = rules.limit(What.LANDING_OF_WIDTH_LEAST);
        return ofWidth == null || least != null && least.value() >= mm(ofWidth, widthMm) ? least : ofWidth;
    }

    private static double mm(Limit landing, double widthMm) {
        return landing.what() == What.LANDING_OF_WIDTH_LEAST ? landing.value() * widthMm : landing.value();
    }

    private @Nullable Met nearest(Way way, double deepMm) {
        Area floor = way.floor(deepMm);
        Met nearest = null;
        for (Obstacle o : obstacles(floor.bounds())) {
            Area shared = o.area().and(floor);
            if (shared.mm2() <= BRUSH_MM2) continue;
            double clear = shared.rings().stream()
                    .flatMap(List::stream)
                    .mapToDouble(p -> p.minus(way.riser().left()).dot(way.out()))
                    .min()
                    .orElseThrow();
            if (nearest == null || clear < nearest.clearMm())
                nearest = new Met(o, Math.max(0, clear), shared.bounds().centre());
        }
        return nearest;
    }

    /** What stands on the floor within some bounds. */
    private List<Obstacle> obstacles(Bounds bounds) {
        List<Obstacle> all = new ArrayList<>(new Obstacles(building, storey).walls(bounds));
        for (PlacedFitting p : PlacedFitting.near(building, storey, bounds))
            if (p.symbol().lowMm() == 0)
                all.add(new Obstacle(Obstacles.name(p), p.fitting().id(), Area.of(p.outline())));
        for (Post p : building.model().relations().postsOf(storey))
            if (p.stays() && Bounds.of(p.corners()).meets(bounds))
                all.add(new Obstacle("post " + p.mark(), p.id(), Area.of(p.corners())));
        return all;
    }
}
