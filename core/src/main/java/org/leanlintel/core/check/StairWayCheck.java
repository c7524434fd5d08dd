package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.body.StairPart;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.WallPiece;

/**
 * Whether walls, posts, beams or other stairs stand in the way of a stair, or hang too low above it. Floors are seen to by
 * the void above it.
 */
final class StairWayCheck {

    /** So far in from the edges of a flight things may stand, and so far up into its underside. */
    private static final double BESIDE_MM = 25, INTO_MM = 5;

    private final Building building;
    private final Storey storey;
    private final LengthPrinter lengths;

    StairWayCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    /** Where an element comes nearest above a way. @param mm below 0 where it stands in it */
    private record Least(double mm, Vec at) {}

    List<Finding> findings(BuiltStair built) {
        List<Finding> findings = new ArrayList<>();
        least(built).forEach((element, least) -> {
            if (finding(built, element, least) instanceof Finding finding) findings.add(finding);
        });
        return findings;
    }

    private Map<ElementId, Least> least(BuiltStair stair) {
        Bounds bounds = stair.plan().outline().bounds();
        List<Body> bodies = bodies(stair, bounds).stream()
                .filter(b -> !b.element().equals(stair.stair().id()) && mayStandInTheWay(b.element()))
                .filter(b -> Bounds.of(b.outline()).meets(bounds))
                .toList();
        Map<ElementId, Least> least = new LinkedHashMap<>();
        for (StairPart part : StairPart.of(stair)) {
            Area inside = part.area().grown(-BESIDE_MM);
            if (inside.isEmpty()) continue;
            for (Body b : bodies)
                if (over(part, inside, b) instanceof Least found)
                    least.merge(b.element(), found, (one, two) -> two.mm < one.mm ? two : one);
        }
        return least;
    }

    /** Of the storeys it passes, and of the next: what stands there may start lower. */
    private Collection<Body> bodies(BuiltStair stair, Bounds bounds) {
        List<Body> bodies = new ArrayList<>(new Bodies(building).near(storey.id(), bounds));
        bodies.addAll(new Bodies(building).near(stair.storeyAbove().id(), bounds));
        if (StoreySpace.above(building.model(), stair.storeyAbove()) instanceof Storey next)
            bodies.addAll(new Bodies(building).near(next.id(), bounds));
        return bodies;
    }

    private boolean mayStandInTheWay(ElementId element) {
        return switch (building.model().get(element, Element.class)) {
            case Floor f -> false;
            case InWork w -> w.stays();
            default -> true;
        };
    }

    private static @Nullable Least over(StairPart part, Area inside, Body b) {
        Area shared = inside.and(Area.of(b.outline()));
        Least least = null;
        for (List<Vec> ring : shared.rings())
            for (Vec p : ring) {
                if (b.high().at(p) < part.under().at(p) + INTO_MM) continue;
                double free = b.low().at(p) - part.way().at(p);
                if (least == null || free < least.mm) least = new Least(free, p);
            }
        return least;
    }

    private @Nullable Finding finding(BuiltStair built, ElementId element, Least least) {
        String mark = built.stair().mark(), other = words(element);
        if (least.mm < 0)
            return finding(
                    built,
                    element,
                    least,
                    "%s: %s stands in its way.".formatted(mark, other),
                    "Move one of them; a wall under a stair can be raked.",
                    "");
        Limit limit = built.rules().headroom(built.stair().shape() instanceof Stair.Spiral);
        if (limit == null || least.mm >= limit.value() - 1e-6) return null;
        return finding(
                built,
                element,
                least,
                "%s: headroom under %s is %s, at least %s, %s."
                        .formatted(mark, other, lengths.print(least.mm), lengths.print(limit.value()), limit.source()),
                "Move one of them, or raise what hangs over it.",
                limit.cited());
    }

    private Finding finding(
            BuiltStair built, ElementId other, Least least, String sentence, String remedy, String source) {
        return new Finding(
                Finding.Kind.STAIR,
                sentence,
                remedy,
                List.of(built.stair().id(), other),
                storey.id(),
                least.at,
                source);
    }

    private String words(ElementId element) {
        return switch (building.model().get(element, Element.class)) {
            case Post p -> "post " + p.mark();
            case WallPiece p -> p.noun() + " " + p.mark();
            case Marked m -> m.mark();
            case Room r -> "the ceiling of " + r.name();
            default -> "what stands there";
        };
    }
}
