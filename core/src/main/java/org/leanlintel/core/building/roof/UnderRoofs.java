package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.roof.RoofShape;

/**
 * Walls as the roofs over their storey leave them: those under eaves end at the plate, gables rise to the rafters, parapets past them, all others
 * are cut by what lies over them, and rise to it where the roof itself closes the rooms.
 */
public final class UnderRoofs {

    /** How far beside a side of a roof a wall may lie that carries it. */
    private static final double BESIDE_MM = 30;

    /** What stands at least over an opening that reaches past its wall's head, for the roof to raise. */
    private static final double LINTEL_MM = 1;

    private final Wall wall;
    private final Strip strip;
    private final double headMm;
    private final BuiltRoof built;
    private final List<RoofShape.Face> faces;

    private UnderRoofs(Strip strip, double headMm, BuiltRoof built, List<RoofShape.Face> faces) {
        this.strip = strip;
        wall = strip.wall();
        this.headMm = headMm;
        this.built = built;
        this.faces = faces;
    }

    /** All of a wall. Where a roof lets an opening reach past its head, it stands up to there and further. */
    public static List<Body> of(WallSolid solid, Building building) {
        List<JoinedRoof> over = over(solid.strip().wall().storey(), building);
        if (over.isEmpty()) return solid.bodies();
        double head = solid.levelMm() + solid.space().headMm(), top = goesUp(solid) ? top(solid) : head;
        if (top > head) return past(head, top, solid, over);
        List<Body> left = solid.bodies();
        for (JoinedRoof joined : over)
            left = beneath(joined, solid.strip(), head).of(left);
        return left;
    }

    private static UnderRoofs beneath(JoinedRoof joined, Strip strip, double headMm) {
        return new UnderRoofs(strip, headMm, joined.built(), joined.faces());
    }

    /** What stands past a wall's head: up to the roofs that raise it; where none of those lies over it, as far as the others leave the rest. */
    private static List<Body> past(double headMm, double topMm, WallSolid solid, List<JoinedRoof> over) {
        List<Body> left = solid.bodies(topMm - solid.levelMm());
        List<Area> plans = new ArrayList<>();
        List<UnderRoofs> others = new ArrayList<>();
        for (JoinedRoof joined : over) {
            UnderRoofs raised = beneath(joined, solid.strip(), topMm);
            if (raised.raises(raised.carried())) {
                left = raised.of(left);
                joined.faces().forEach(f -> plans.add(f.plan()));
            } else others.add(beneath(joined, solid.strip(), headMm));
        }
        Area raised = Area.union(plans);
        List<Body> all = new ArrayList<>(), rest = new ArrayList<>();
        for (Body b : left) {
            Area whole = Area.of(b.outline());
            for (List<Vec> ring : open(whole.and(raised).ringsWithoutHoles())) add(b, ring, b.high(), all);
            for (List<Vec> ring : open(whole.minus(raised).ringsWithoutHoles()))
                cut(b, ring, Plane.level(headMm), rest);
        }
        for (UnderRoofs u : others) rest = u.of(rest);
        all.addAll(rest);
        return all;
    }

    /** The roofs over a storey. */
    private static List<JoinedRoof> over(ElementId storey, Building building) {
        List<JoinedRoof> over = new ArrayList<>();
        for (Roof roof : building.model().all(Roof.class))
            if (roof.storey().equals(storey)
                    && roof.stays()
                    && building.get(new JoinedRoof.Of(roof.id())) instanceof JoinedRoof joined) over.add(joined);
        return over;
    }

    /** Whether roofs may raise all of it. */
    private static boolean goesUp(WallSolid solid) {
        return solid.rise().isLevel() && solid.strip().wall().rise().head() instanceof Rise.UnderStoreyAbove;
    }

    /** Its head, or just over the highest opening that reaches past that, above the project's zero. */
    private static double top(WallSolid solid) {
        double head = solid.space().headMm(), top = head;
        for (PlacedOpening o : solid.openings())
            if (o.opening().headMm() > head + Tolerance.SAME_MM)
                top = Math.max(top, o.opening().headMm() + LINTEL_MM);
        return solid.levelMm() + top;
    }

    /** The lowest that the roofs leave of a wall's head between two places along it, above its storey's level. */
    public static double headMm(WallSolid solid, double from, double to, Building building) {
        Strip strip = solid.strip();
        double level = solid.levelMm(), head = level + solid.rise().headWithin(from, to);
        Area bare = Area.of(strip.ring(from, to, strip.lo(), strip.hi()));
        double lowest = Double.POSITIVE_INFINITY, rest = head;
        for (JoinedRoof joined : over(strip.wall().storey(), building)) {
            UnderRoofs under = beneath(joined, strip, head);
            PlateEdge on = under.carried();
            if (on != null && on.parapet() != null) continue;
            if (on != null && on.isEaves()) {
                double plate = joined.built().plateMm() + on.edge().raisedMm();
                rest = goesUp(solid) ? plate : Math.min(plate, head);
                continue;
            }
            boolean up = goesUp(solid) && under.raises(on);
            for (RoofShape.Face f : joined.faces()) {
                Area part = bare.and(f.plan());
                if (part.mm2() < Tolerance.SLIVER_MM2) continue;
                Plane over = on == null
                        ? joined.built().underside(f)
                        : joined.built().underRafters(f);
                for (List<Vec> ring : part.rings())
                    for (Vec p : ring) lowest = Math.min(lowest, up ? over.at(p) : Math.min(over.at(p), head));
                bare = bare.minus(f.plan());
            }
        }
        return (bare.mm2() < Tolerance.SLIVER_MM2 ? lowest : Math.min(lowest, rest)) - level;
    }

    /** What stands or hangs under the roofs of its storey, as a post or a ceiling, ends under their rafters. */
    public static List<Body> underRafters(ElementId storey, List<Body> bodies, Building building) {
        List<Body> left = bodies;
        for (Roof roof : building.model().all(Roof.class)) {
            if (!roof.storey().equals(storey) || !roof.stays()) continue;
            JoinedRoof joined = building.get(new JoinedRoof.Of(roof.id()));
            if (joined == null) continue;
            List<Body> cut = new ArrayList<>();
            for (Body b : left) underRafters(b, joined, cut);
            left = cut;
        }
        return left;
    }

    private static void underRafters(Body b, JoinedRoof joined, List<Body> left) {
        Area bare = Area.of(b.outline());
        for (RoofShape.Face f : joined.faces()) {
            Area under = bare.and(f.plan());
            if (under.isEmpty()) continue;
            for (List<Vec> ring : open(under.ringsWithoutHoles()))
                cut(b, ring, joined.built().underRafters(f), left);
            bare = bare.minus(f.plan());
        }
        for (List<Vec> ring : open(bare.ringsWithoutHoles())) add(b, ring, b.high(), left);
    }

    private List<Body> of(List<Body> bodies) {
        PlateEdge on = carried();
        List<Body> left = new ArrayList<>();
        for (Body b : bodies) {
            if (on != null && on.isEaves())
                underEaves(b, built.plateMm() + on.edge().raisedMm(), left);
            else if (on != null && on.parapet() instanceof Roof.Parapet p)
                under(b, null, rises(b) ? Plane.level(built.parapetMm(on, p)) : b.high(), left);
            else under(b, on, b.high(), left);
        }
        return left;
    }

    /** The side of the roof that the wall carries; null where it carries none. */
    private @Nullable PlateEdge carried() {
        if (!strip.axis().isStraight()) return null;
        Vec way = strip.axis().chord().direction(), middle = strip.at(strip.length() / 2, 0);
        for (PlateEdge e : built.plate()) {
            if (Math.abs(way.cross(e.direction())) > Tolerance.PARALLEL_SINE) continue;
            double along = middle.minus(e.from()).dot(e.direction());
            if (along < 0 || along > e.from().distanceTo(e.to())) continue;
            for (int face : new int[] {0, strip.plies().size()}) {
                Vec onFace = strip.at(0, strip.offsetOfFace(face));
                if (Math.abs(e.direction().cross(onFace.minus(e.from()))) < BESIDE_MM) return e;
            }
        }
        return null;
    }

    /** Whether it goes up to what lies over it, and is the uppermost of its wall. */
    private boolean rises(Body b) {
        return wall.rise().head() instanceof Rise.UnderStoreyAbove
                && b.high().isLevel()
                && Tolerance.same(b.high().z(), headMm);
    }

    private void underEaves(Body b, double plateMm, List<Body> left) {
        Plane plate = Plane.level(plateMm);
        if (rises(b)) add(b, b.outline(), plate, left);
        else cut(b, b.outline(), plate, left);
    }

    /** @param past where it ends that no roof lies over */
    private void under(Body b, @Nullable PlateEdge on, Plane past, List<Body> left) {
        Bounds bounds = Bounds.of(b.outline());
        boolean up = rises(b) && raises(on);
        if (!up && past.equals(b.high()) && b.highMm() <= lowestOver(bounds)) {
            left.add(b);
            return;
        }
        Area whole = Area.of(b.outline()), bare = whole;
        for (RoofShape.Face f : faces) {
            if (!f.plan().bounds().meets(bounds)) continue;
            Plane over = on == null ? built.underside(f) : built.underRafters(f);
            boolean all = f.plan().covers(whole);
            for (List<Vec> ring :
                    all ? List.of(b.outline()) : open(whole.and(f.plan()).ringsWithoutHoles())) {
                if (up) add(b, ring, over, left);
                else cut(b, ring, over, left);
            }
            if (all) return;
            bare = bare.minus(f.plan());
        }
        if (bare.mm2() < Tolerance.SLIVER_MM2) return;
        for (List<Vec> ring : open(bare.ringsWithoutHoles())) add(b, ring, past, left);
    }

    /** Whether it raises what goes up to it. @param on the side of it that the wall carries; null where it carries none */
    private boolean raises(@Nullable PlateEdge on) {
        return on == null
                ? built.roof().under() instanceof Roof.ItsUnderside
                : !on.isEaves() && on.parapet() == null && !(on.edge().rises() instanceof Roof.Against);
    }

    /** The lowest place of the roof over some bounds; without end where none of it lies there. */
    private double lowestOver(Bounds bounds) {
        double lowest = Double.POSITIVE_INFINITY;
        for (RoofShape.Face f : faces) {
            if (!f.plan().bounds().meets(bounds)) continue;
            Plane under = built.underside(f);
            for (Vec p : List.of(
                    new Vec(bounds.minX(), bounds.minY()),
                    new Vec(bounds.maxX(), bounds.minY()),
                    new Vec(bounds.maxX(), bounds.maxY()),
                    new Vec(bounds.minX(), bounds.maxY()))) lowest = Math.min(lowest, under.at(p));
        }
        return lowest;
    }

    static List<List<Vec>> open(List<List<Vec>> closed) {
        return closed.stream().map(r -> r.subList(0, r.size() - 1)).toList();
    }

    /** Cut off by a plane. */
    static void cut(Body b, List<Vec> ring, Plane over, List<Body> left) {
        Plane room = over.minus(b.high());
        if (room.isLevel()) {
            add(b, ring, room.z() >= 0 ? b.high() : over, left);
            return;
        }
        Area whole = Area.of(ring);
        for (List<Vec> part : open(whole.over(room).ringsWithoutHoles())) add(b, part, b.high(), left);
        for (List<Vec> part : open(whole.over(b.high().minus(over)).ringsWithoutHoles())) add(b, part, over, left);
    }

    /** As far as it stands over its foot. */
    private static void add(Body b, List<Vec> ring, Plane high, List<Body> left) {
        Plane room = high.minus(b.low()).raised(-Tolerance.SAME_MM);
        boolean all = ring.stream().allMatch(p -> room.at(p) >= 0);
        for (List<Vec> part :
                all ? List.of(ring) : open(Area.of(ring).over(room).ringsWithoutHoles()))
            if (Area.of(part).mm2() >= Tolerance.OVERLAP_MM2)
                left.add(new Body(b.element(), b.ply(), b.material(), b.does(), part, b.low(), high));
    }
}
