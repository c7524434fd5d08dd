package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.roof.Profile;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.RoofSolver;
import org.leanlintel.core.roof.Solution;

/**
 * A roof as it stands. The faces of its shape are those of the tops of its rafters; heights are above the project's zero.
 *
 * @param plateMm the level of its plates
 * @param plate the sides of what it covers, ring by ring
 * @param plates how many sides each ring of these has
 * @param eaves its outline with overhangs, ring by ring: the outer one counter-clockwise, those round courts clockwise; edges of the
 *     shape are counted along it
 * @param rings how many edges of it each ring has
 * @param inside what lies within the structure of the walls it stands on
 */
public record BuiltRoof(
        Roof roof,
        BuildUp buildUp,
        double plateMm,
        List<PlateEdge> plate,
        List<Integer> plates,
        List<RoofEdge> eaves,
        List<Integer> rings,
        List<Integer> plateOf,
        Area inside,
        Solution solution) {

    /** A roof by its name; null where it is not there. */
    public record Of(ElementId roof) implements Key<@Nullable BuiltRoof> {
        @Override
        public @Nullable BuiltRoof from(Reads reads) {
            return reads.model().find(roof) instanceof Roof r ? of(r, Building.in(reads)) : null;
        }
    }

    public BuiltRoof {
        plate = List.copyOf(plate);
        plates = List.copyOf(plates);
        eaves = List.copyOf(eaves);
        rings = List.copyOf(rings);
        plateOf = List.copyOf(plateOf);
    }

    /** A roof that may not be in the model yet. */
    public static BuiltRoof of(Roof roof, Building building) {
        BuildUp buildUp = building.model().get(roof.buildUp(), BuildUp.class);
        StoreySpace on = building.space(roof.storey());
        double plateMm = on.levelMm()
                + switch (roof.plate()) {
                    case Roof.AtWallHeads h -> on.headMm();
                    case Roof.AtHeight h -> h.mm();
                };
        List<List<PlateEdge>> plates = PlateEdges.of(roof, building);
        List<PlateEdge> plate = plates.stream().flatMap(List::stream).toList();
        if (plates.isEmpty() || plates.getFirst().size() < 3)
            return new BuiltRoof(
                    roof,
                    buildUp,
                    plateMm,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Area.NONE,
                    unclosed(roof.over()));
        List<EavesLine> lines = plates.stream().map(EavesLine::of).toList();
        Rafters rafters = new Rafters(roof, buildUp, plateMm, plate);
        List<List<RoofEdge>> eaves = new ArrayList<>();
        List<Integer> plateOf = new ArrayList<>();
        int first = 0;
        for (int i = 0; i < lines.size(); i++) {
            eaves.add(rafters.edges(plates.get(i), lines.get(i)));
            for (EavesLine.Side s : lines.get(i).sides())
                plateOf.add(s.plate() == EavesLine.STEP ? s.plate() : first + s.plate());
            first += plates.get(i).size();
        }
        Vec unclear = unclear(lines);
        Solution solution = unclear == null
                ? RoofSolver.solve(eaves)
                : new Solution.None("Its overhangs run into each other. Make them smaller.", unclear);
        return new BuiltRoof(
                roof,
                buildUp,
                plateMm,
                plate,
                plates.stream().map(List::size).toList(),
                eaves.stream().flatMap(List::stream).toList(),
                eaves.stream().map(List::size).toList(),
                plateOf,
                inside(roof, building),
                solution);
    }

    /** Where overhangs run into each other, or fill the court they stand over; null where none do. */
    private static @Nullable Vec unclear(List<EavesLine> lines) {
        Area left = Area.NONE;
        for (EavesLine line : lines) {
            Area ring = Area.of(line.ring());
            boolean outer = left.isEmpty();
            if (!ring.isClean() || Winding.isCounterClockwise(line.ring()) != outer || !outer && !left.covers(ring))
                return line.ring().getFirst();
            left = outer ? ring : left.minus(ring);
        }
        return null;
    }

    private static Solution unclosed(Roof.Over over) {
        return new Solution.None(
                "No walls close round it any more.", over instanceof Roof.OverShell s ? s.seed() : Vec.ORIGIN);
    }

    private static Area inside(Roof roof, Building building) {
        return switch (roof.over()) {
            case Roof.OverShell s ->
                FloorAreas.inside(building, roof.storey(), new Floor.InsideShell(s.seed(), Floor.Edge.STRUCTURE_INNER));
            case Roof.OverRing r -> Area.of(r.ring());
        };
    }

    /** Its shape; null where it has none, and {@link #solution} says why. */
    public @Nullable RoofShape shape() {
        return solution instanceof RoofShape s ? s : null;
    }

    /** The side of what it covers that an edge of its shape stands over; null for a step between overhangs. */
    public @Nullable PlateEdge plate(int edge) {
        int plateEdge = plateOf.get(edge);
        return plateEdge == EavesLine.STEP ? null : plate.get(plateEdge);
    }

    /** What it covers, overhangs included and courts left out. */
    public Area covered() {
        return inRings(eaves.stream().map(RoofEdge::from).toList(), rings);
    }

    private static Area inRings(List<Vec> corners, List<Integer> rings) {
        List<List<Vec>> all = new ArrayList<>();
        int first = 0;
        for (int ring : rings) all.add(corners.subList(first, first += ring));
        return all.isEmpty() ? Area.NONE : Area.of(all.getFirst(), all.subList(1, all.size()));
    }

    /** What lies between the outer faces of the walls it stands on, courts left out. */
    Area standing() {
        return inRings(plate.stream().map(PlateEdge::from).toList(), plates);
    }

    /** The edge that follows another in its ring. */
    int next(int edge) {
        int first = 0;
        for (int ring : rings) {
            if (edge < first + ring) return first + (edge - first + 1) % ring;
            first += ring;
        }
        throw new IndexOutOfBoundsException(edge);
    }

    /** Where slopes end under gablets. */
    List<RoofShape.Line> gablets() {
        return solution instanceof RoofShape shape
                ? shape.lines().stream()
                        .filter(l -> l.kind() == RoofShape.Kind.HEAD && l.edge() == l.other() && isGablet(l.edge()))
                        .toList()
                : List.of();
    }

    private boolean isGablet(int edge) {
        return plate(edge) instanceof PlateEdge p && p.edge().rises() instanceof Roof.Gablet;
    }

    /** Where the tops of rafters lie over the outer edge of an edge's fascia. */
    public double eavesMm(int edge) {
        return eaves.get(edge).profile().startMm();
    }

    /** The level of the top of a parapet's wall. */
    public double parapetMm(PlateEdge edge, Roof.Parapet parapet) {
        return plateMm + edge.edge().raisedMm() + parapet.upMm();
    }

    /** The levels that its parapets end at, copings included, from the lowest; none where it has none. */
    public SortedSet<Double> parapetsMm() {
        SortedSet<Double> tops = new TreeSet<>();
        for (PlateEdge p : plate)
            if (p.parapet() instanceof Roof.Parapet parapet && p.structureMm() > 0)
                tops.add(parapetMm(p, parapet) + parapet.copingMm());
        return tops;
    }

    /** What its highest place is called: its ridge, where it has one. */
    public String highest() {
        boolean ridged = shape() != null && shape().lines().stream().anyMatch(l -> l.kind() == RoofShape.Kind.RIDGE);
        return (ridged ? "ridge" : "top") + " of " + roof.mark();
    }

    /** Where its lowest rafters end. */
    public double lowestEavesMm() {
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < eaves.size(); i++)
            if (plate(i) instanceof PlateEdge p && p.slopes()) lowest = Math.min(lowest, eavesMm(i));
        return lowest;
    }

    /** The underside of a face's rafters. */
    public Plane underRafters(RoofShape.Face face) {
        return face.plane().raised(-face.plane().upright(buildUp.structureMm()));
    }

    /** The underside of all its plies. */
    public Plane underside(RoofShape.Face face) {
        double under = buildUp.thicknessMm() - buildUp.depthToStructure();
        return face.plane().raised(-face.plane().upright(under));
    }

    /** How steep a face is, as it was said; null where it rises from nothing that says so. */
    public @Nullable Pitch pitch(RoofShape.Face face) {
        PlateEdge plate = plate(face.edge());
        if (plate == null) return null;
        return switch (plate.edge().rises()) {
            case Roof.Eaves e -> e.pitch();
            case Roof.Broken b -> face.band() == 0 ? b.lower() : b.upper();
            case Roof.HalfHip h -> h.pitch();
            case Roof.Gablet g -> g.pitch();
            case Roof.Verge v -> null;
            case Roof.Against a -> null;
            case Roof.Parapet p -> p.fall() instanceof Roof.FallsToIt f ? f.pitch() : null;
        };
    }

    /** The upper face of its covering. */
    public Plane top(RoofShape.Face face) {
        return face.plane().raised(face.plane().upright(buildUp.depthToStructure()));
    }

    /** The highest place of its rafters' tops. @throws IllegalStateException where it has no shape */
    public double ridgeMm() {
        if (!(solution instanceof RoofShape shape)) throw new IllegalStateException("No shape: " + roof.id());
        double highest = Double.NEGATIVE_INFINITY;
        for (RoofShape.Face f : shape.faces())
            for (List<Vec> ring : f.plan().rings())
                for (Vec p : ring) highest = Math.max(highest, f.plane().at(p));
        return highest;
    }

    /** How the rafters of a roof lie over its plates. */
    private record Rafters(Roof roof, BuildUp buildUp, double plateMm, List<PlateEdge> all) {

        List<RoofEdge> edges(List<PlateEdge> plate, EavesLine line) {
            double lowest = all.stream()
                    .filter(PlateEdge::slopes)
                    .mapToDouble(this::footMm)
                    .min()
                    .orElse(plateMm);
            List<RoofEdge> edges = new ArrayList<>();
            for (EavesLine.Side s : line.sides())
                edges.add(new RoofEdge(
                        s.from(),
                        s.to(),
                        s.plate() == EavesLine.STEP ? Profile.upright(lowest) : profile(plate.get(s.plate()), lowest)));
            return edges;
        }

        private Profile profile(PlateEdge e, double lowest) {
            double level = plateMm + e.edge().raisedMm();
            return switch (e.edge().rises()) {
                case Roof.Eaves r -> Profile.sloping(footMm(e), r.pitch().tan());
                case Roof.Broken b ->
                    Profile.broken(
                            footMm(e),
                            b.lower().tan(),
                            Math.max(level + b.breakMm(), footMm(e) + 1),
                            b.upper().tan());
                case Roof.HalfHip h ->
                    Profile.broken(
                            lowest,
                            Double.POSITIVE_INFINITY,
                            Math.max(level + h.uprightMm(), lowest + 1),
                            h.pitch().tan());
                case Roof.Gablet g ->
                    Profile.broken(
                            footMm(e),
                            g.pitch().tan(),
                            Math.max(level + g.uprightMm(), footMm(e) + 1),
                            Double.POSITIVE_INFINITY);
                case Roof.Verge v -> Profile.upright(lowest);
                case Roof.Against a -> Profile.upright(lowest);
                case Roof.Parapet p ->
                    e.slopes() ? Profile.sloping(footMm(e), e.edge().tan()) : Profile.upright(lowest);
            };
        }

        /** Over the outer edge of the fascia: the heel, less what the slope falls from the plate's outer edge. */
        private double footMm(PlateEdge e) {
            double tan = e.edge().tan();
            double heel =
                    switch (roof.heel()) {
                        case Roof.Seated s -> buildUp.structureMm() * Math.hypot(1, tan) - s.mm() * tan;
                        case Roof.Raised r -> r.mm();
                    };
            return plateMm + e.edge().raisedMm() + heel - (e.outMm() + e.facingMm()) * tan;
        }
    }
}
