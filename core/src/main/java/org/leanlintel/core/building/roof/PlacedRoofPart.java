package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.RoofShape;

/**
 * What goes through a roof, in the slope it lies in.
 *
 * @param part a downpipe as it stands before its wall; anything else as it was put
 * @param plan its outline in plan, counter-clockwise; of a dormer what lies within its walls
 * @param dormer its shape where it is one
 * @param saddle what lies behind it where it is a stack with one
 */
public record PlacedRoofPart(
        RoofPart part,
        BuiltRoof roof,
        RoofShape.Face face,
        List<Vec> plan,
        @Nullable DormerShape dormer,
        @Nullable SaddleShape saddle) {

    /** By its name; null where it or its roof is not there, or no slope lies under its middle. */
    public record Of(ElementId part) implements Key<@Nullable PlacedRoofPart> {
        @Override
        public @Nullable PlacedRoofPart from(Reads reads) {
            return reads.model().find(part) instanceof RoofPart p ? of(p, Building.in(reads)) : null;
        }
    }

    /** How far from the wall's face the middle of a downpipe stands at most. */
    public static final double FROM_WALL_MM = 1000;

    public PlacedRoofPart {
        plan = List.copyOf(plan);
    }

    /** One that may not be in the model yet. */
    public static @Nullable PlacedRoofPart of(RoofPart part, Building building) {
        BuiltRoof roof = building.get(new BuiltRoof.Of(part.roof()));
        if (roof == null || !(roof.solution() instanceof RoofShape shape)) return null;
        if (part.make() instanceof RoofPart.Downpipe) return downpipe(part, roof);
        for (RoofShape.Face f : shape.faces())
            if (f.plan().covers(part.at()))
                return part.make() instanceof RoofPart.Dormer d
                        ? dormer(part, d, roof, f)
                        : new PlacedRoofPart(part, roof, f, plan(part, f, 0), null, SaddleShape.of(part, roof, f));
        return null;
    }

    /** Before the wall under the gutter nearest to where it was put, wherever that wall comes to be. */
    private static @Nullable PlacedRoofPart downpipe(RoofPart part, BuiltRoof roof) {
        Gutter.Spot spot = Gutter.nearest(roof, part.at(), FROM_WALL_MM);
        RoofShape.Face face = spot == null ? null : spot.face();
        if (spot == null || face == null) return null;
        RoofPart stands = part.moved(spot.at(part.lengthMm()));
        return new PlacedRoofPart(stands, roof, face, plan(stands, face, 0), null, null);
    }

    private static @Nullable PlacedRoofPart dormer(
            RoofPart part, RoofPart.Dormer dormer, BuiltRoof roof, RoofShape.Face face) {
        DormerShape shape = DormerShape.of(part, dormer, face);
        if (shape == null || shape.hole().isEmpty()) return null;
        List<Vec> plan = UnderRoofs.open(shape.hole().ringsWithoutHoles()).getFirst();
        return new PlacedRoofPart(part, roof, face, plan, shape, null);
    }

    /** The lines round the faces of a dormer's roof; none of others. */
    public List<List<Vec>> roofLines() {
        List<List<Vec>> lines = new ArrayList<>();
        if (dormer != null) dormer.faces().forEach(f -> lines.addAll(f.plan().rings()));
        return lines;
    }

    /** Its outline, so far within its edges. */
    private static List<Vec> plan(RoofPart part, RoofShape.Face face, double inMm) {
        Vec up = face.plane().slope().unit(), along = up.left();
        double cos = part.make() instanceof RoofPart.RoofLight ? 1 / Math.hypot(1, face.tan()) : 1;
        double half = part.widthMm() / 2 - inMm, far = (part.lengthMm() / 2 - inMm) * cos;
        Vec at = part.at();
        return List.of(
                        at.along(along, half).along(up, -far),
                        at.along(along, half).along(up, far),
                        at.along(along, -half).along(up, far),
                        at.along(along, -half).along(up, -far))
                .reversed();
    }

    /** What it takes of its roof; nothing of what drains it. */
    public Area hole() {
        if (part.drains()) return Area.NONE;
        return dormer == null ? Area.of(plan) : dormer.hole();
    }

    /** The glass of a light; nothing of a stack. */
    public List<Vec> glass() {
        return part.make() instanceof RoofPart.RoofLight l ? plan(part, face, l.frameMm()) : List.of();
    }

    /** Where it ends above. */
    public double topMm() {
        if (dormer != null) return dormer.topMm();
        double highest = Double.NEGATIVE_INFINITY;
        for (Vec p : plan) highest = Math.max(highest, roof.top(face).at(p));
        return part.make() instanceof RoofPart.Stack s ? highest + s.aboveMm() : highest;
    }

    /** The sill of a dormer's window, above the project's zero; null where there is none. */
    public @Nullable Double sillMm() {
        return dormer == null || dormer.dormer().windowWidthMm() == 0
                ? null
                : Double.valueOf(dormer.main().at(part.at()) + dormer.dormer().sillMm());
    }

    /** @param ground how high the ground lies at a place, above the project's zero */
    public List<Body> bodies(Building building, ToDoubleFunction<Vec> ground) {
        return switch (part.make()) {
            case RoofPart.RoofLight l -> light(l);
            case RoofPart.Stack s -> stack(s, building);
            case RoofPart.Dormer d -> dormer == null ? List.of() : DormerBodies.of(dormer, roof.buildUp(), building);
            case RoofPart.Downpipe d -> DownpipeBodies.of(this, d, building, ground);
            case RoofPart.Outlet o -> List.of();
        };
    }

    private List<Body> stack(RoofPart.Stack stack, Building building) {
        List<Body> bodies = new ArrayList<>();
        bodies.add(new Body(
                part.id(),
                Content.NO_PLY,
                building.model().get(stack.material(), Material.class),
                Does.CARRIES,
                plan,
                Plane.level(roof.plateMm()),
                Plane.level(topMm())));
        if (saddle == null) return bodies;
        Ply covering = roof.buildUp().downwards().getFirst();
        Material material = building.model().get(covering.material(), Material.class);
        for (SaddleShape.Side side : List.of(saddle.left(), saddle.right()))
            for (List<Vec> ring : UnderRoofs.open(side.plan().ringsWithoutHoles()))
                bodies.add(new Body(
                        part.id(), Content.NO_PLY, material, covering.does(), ring, roof.top(face), side.top()));
        return bodies;
    }

    private List<Body> light(RoofPart.RoofLight light) {
        Plane rafters = face.plane(), low = roof.underRafters(face);
        Plane top = rafters.raised(rafters.upright(roof.buildUp().depthToStructure() + light.standsMm()));
        List<Body> bodies = new ArrayList<>();
        Area glass = Area.of(glass());
        for (List<Vec> ring : UnderRoofs.open(hole().minus(glass).ringsWithoutHoles()))
            bodies.add(new Body(part.id(), Content.NO_PLY, Panel.FRAME, Does.LINING, ring, low, top));
        bodies.add(new Body(
                part.id(),
                Content.NO_PLY,
                Panel.GLASS,
                Does.LINING,
                glass(),
                top.raised(-rafters.upright(40)),
                top.raised(-rafters.upright(16))));
        return bodies;
    }
}
