package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * A foundation where it lies: as far beyond the sides of what stands on it as its width leaves, and as far beyond free ends.
 *
 * @param area in plan
 * @param stems what rises from it
 * @param lengthMm of what stands on it, along its middle; of a pad, its width
 * @param narrowestMm the thinnest of what stands on it: how far it projects follows from that
 * @param lowMm above the project's zero
 * @param topMm likewise
 */
public record BuiltFooting(
        Footing footing, Area area, List<Stem> stems, double lengthMm, double narrowestMm, double lowMm, double topMm) {

    /** One of them up to the foot of what stands on it. @param topMm above the project's zero */
    public record Stem(Area area, double topMm) {}

    /** One of the model; null where nothing stands on it. */
    public record Of(ElementId footing) implements Key<@Nullable BuiltFooting> {
        @Override
        public @Nullable BuiltFooting from(Reads reads) {
            return reads.model().find(footing) instanceof Footing f ? of(f, Building.in(reads)) : null;
        }
    }

    /**
     * What of a thing stands on a foundation.
     *
     * @param plan as it is joined to others
     * @param square the same with ends cut square, as far as it reaches
     * @param footMm above the project's zero
     */
    private record Stands(Area plan, Area square, double thickMm, double lengthMm, double footMm) {}

    public BuiltFooting {
        stems = List.copyOf(stems);
    }

    /** One that may not be in the model yet; null where nothing stands on it. */
    public static @Nullable BuiltFooting of(Footing footing, Building building) {
        List<Stands> all = standing(footing, building);
        if (all.isEmpty()) return null;
        double low = building.space(footing.storey()).levelMm() + footing.undersideMm();
        double top = low + footing.depthMm();
        List<Stem> stems = new ArrayList<>();
        if (footing.rising() instanceof Footing.Stem stem) {
            Map<Double, List<Stands>> byFoot = new TreeMap<>();
            for (Stands s : all)
                if (s.footMm() > top)
                    byFoot.computeIfAbsent(s.footMm(), f -> new ArrayList<>()).add(s);
            byFoot.forEach((foot, those) -> stems.add(new Stem(asWideAs(stem.widthMm(), those), foot)));
        }
        return new BuiltFooting(
                footing,
                asWideAs(footing.widthMm(), all),
                stems,
                all.stream().mapToDouble(Stands::lengthMm).sum(),
                all.stream().mapToDouble(Stands::thickMm).min().orElse(0),
                low,
                top);
    }

    /** All of one thickness are widened as one, so that their corners are mitred at whatever angle; others each by itself. */
    private static Area asWideAs(double widthMm, List<Stands> all) {
        Map<Double, List<Area>> byThickness = new TreeMap<>();
        double first = all.getFirst().thickMm();
        boolean alike = all.stream().allMatch(s -> Tolerance.same(s.thickMm(), first));
        for (Stands s : all)
            byThickness
                    .computeIfAbsent(alike ? first : s.thickMm(), t -> new ArrayList<>())
                    .add(alike ? s.plan() : s.square());
        List<Area> areas = new ArrayList<>();
        byThickness.forEach((thick, plans) -> areas.add(Area.union(plans).grown((widthMm - thick) / 2)));
        return Area.union(areas);
    }

    private static List<Stands> standing(Footing footing, Building building) {
        List<Stands> all = new ArrayList<>();
        switch (footing.under()) {
            case Footing.UnderShell s -> {
                FloorAreas.Shell shell = FloorAreas.shellRound(building, footing.storey(), s.seed());
                if (shell != null) for (ElementId w : shell.walls()) add(w, building, all);
            }
            case Footing.UnderWall w -> add(w.wall(), building, all);
            case Footing.UnderPost p -> {
                if (!(building.model().find(p.post()) instanceof Post post)) break;
                StoreySpace on = building.space(post.storey());
                double thick = Math.min(post.widthMm(), post.depthMm());
                Area square = Area.of(post.square(thick));
                all.add(new Stands(square, square, thick, thick, on.levelMm() + on.footMm()));
            }
        }
        return all;
    }

    private static void add(ElementId wall, Building building, List<Stands> all) {
        WallSolid solid = building.solid(wall);
        if (solid == null) return;
        Strip strip = solid.strip();
        int from = strip.buildUp().standsFrom(), to = strip.buildUp().structureTo();
        List<Integer> plies = new ArrayList<>();
        for (int i = 0; i < strip.plies().size(); i++) {
            StripPly p = strip.plies().get(i);
            if (p.index() >= from && p.index() < to) plies.add(i);
        }
        int first = plies.getFirst(), last = plies.getLast();
        double lo = strip.plies().get(first).lo(), hi = strip.plies().get(last).hi();
        double start = past(strip.wall(), End.START, building), end = past(strip.wall(), End.END, building);
        double fromLo = solid.startOf(first).edge().atLo() - start,
                fromHi = solid.startOf(last).edge().atHi() - start;
        double toLo = solid.endOf(first).edge().atLo() + end,
                toHi = solid.endOf(last).edge().atHi() + end;
        List<Vec> ring = new ArrayList<>(strip.along(fromLo, toLo, lo));
        ring.addAll(strip.along(fromHi, toHi, hi).reversed());
        all.add(new Stands(
                Area.of(ring),
                Area.of(strip.ring(Math.min(fromLo, fromHi), Math.max(toLo, toHi), lo, hi)),
                hi - lo,
                solid.visible(End.END) - solid.visible(End.START),
                solid.levelMm() + solid.footMm()));
    }

    /** A wall that ends on another's side reaches its middle, where what lies under both is one. */
    private static double past(Wall wall, End end, Building building) {
        return wall.at(end) instanceof WallEnd.OnSide on && building.strip(on.wall()) instanceof Strip host
                ? host.thickness() / 2
                : 0;
    }

    List<Body> bodies(Building building) {
        List<Body> bodies = new ArrayList<>();
        add(area, footing.material(), lowMm, Plane.level(topMm), building, bodies);
        if (footing.rising() instanceof Footing.Stem made)
            for (Stem s : stems)
                for (OnStems.Rising r : OnStems.stem(s, topMm, footing, building))
                    add(r.area(), made.material(), topMm, r.top(), building, bodies);
        return bodies;
    }

    private void add(Area of, ElementId material, double from, Plane to, Building building, List<Body> bodies) {
        Material made = building.model().get(material, Material.class);
        for (List<Vec> ring : of.ringsWithoutHoles())
            bodies.add(new Body(footing.id(), Content.NO_PLY, made, Does.CARRIES, ring, Plane.level(from), to));
    }

    /** Its plan without what lies in foundations before it in the model at the same height: so all of them are counted once. */
    public Area counted(Building building) {
        Area own = area;
        for (Footing other : building.model().all(Footing.class)) {
            if (other.id().equals(footing.id())) break;
            if (other.stays()
                    && building.get(new Of(other.id())) instanceof BuiltFooting b
                    && b.lowMm < topMm
                    && lowMm < b.topMm) own = own.minus(b.area);
        }
        return own;
    }

    /** Of what it is made of itself, counted once, without what rises from it. */
    public double volumeMm3(Building building) {
        return counted(building).mm2() * footing.depthMm();
    }
}
