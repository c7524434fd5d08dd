package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Feature;
import org.leanlintel.core.building.feature.Features;
import org.leanlintel.core.building.feature.InSection;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.feature.Upright;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Hold.AtLevel.Of;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/**
 * The strings that a section wants: up its left side the openings that are cut there, every level, then from floor to floor, then all of it; up its right side
 * the openings that are cut there; across its foot the walls that are cut in the lowest storey, then all of it. An elevation has the levels, and its length. What a string tells already is not told again.
 */
public final class SectionStrings {

    private static final Vec ACROSS = new Vec(1, 0), UP = new Vec(0, 1);

    private final Building building;
    private final Drawing drawing;
    private final Scheme scheme;
    private final SectionFrame frame;
    private final Upright shown;
    private final List<Storey> storeys;
    private final Proposals proposals;
    /** Where the walls that are cut reach to, and the lowest that is drawn. */
    private double left = Double.POSITIVE_INFINITY, right = Double.NEGATIVE_INFINITY, low;
    /** What of the picture is drawn; null for all. */
    private @Nullable Bounds part;
    /** Where overhangs and porches reach to. */
    private double farLeft = Double.POSITIVE_INFINITY, farRight = Double.NEGATIVE_INFINITY;

    private SectionStrings(Building building, Drawing drawing, Scheme scheme) {
        this.building = building;
        this.drawing = drawing;
        this.scheme = scheme;
        proposals = new Proposals(building, drawing);
        frame = SectionFrame.of(drawing, building.model());
        shown = InSection.of(drawing, building.model());
        storeys = building.model().all(Storey.class).stream()
                .sorted(Comparator.comparingDouble(s -> building.space(s.id()).levelMm()))
                .toList();
        low = Site.of(building.model()).groundMm();
        if (lowestFooting() instanceof Footing f) low = Math.min(low, undersideMm(f));
        for (Wall w : building.model().all(Wall.class)) reach(w);
        for (Floor f : building.model().all(Floor.class)) reach(f);
        for (Roof r : building.model().all(Roof.class)) reach(r);
        if (drawing.frame() instanceof Drawing.Part p) {
            part = Bounds.of(p.ring());
            low = part.minY();
        }
    }

    /** @param section a drawing that is one; @param sides which of its sides get strings; its top gets none */
    public static List<ProposedString> of(Building building, ElementId section, Set<Facing> sides, Scheme scheme) {
        SectionStrings strings = new SectionStrings(building, building.model().get(section, Drawing.class), scheme);
        if (strings.right < strings.left) return List.of();
        boolean outside = strings.frame.isOutside();
        if (sides.contains(Facing.LEFT)) strings.levels(outside ? List.of() : strings.openings(Facing.LEFT));
        if (outside) {
            if (sides.contains(Facing.BOTTOM)) strings.overall();
            return strings.proposals.all();
        }
        if (sides.contains(Facing.RIGHT)) {
            List<Hold> openings = strings.openings(Facing.RIGHT);
            if (!openings.isEmpty())
                strings.proposals.propose(UP, new Vec(strings.rightEnd() + strings.off(0), 0), openings);
        }
        if (sides.contains(Facing.BOTTOM)) strings.walls();
        return strings.proposals.all();
    }

    private void reach(Wall wall) {
        int plies = building.model().get(wall.buildUp(), BuildUp.class).plies().size();
        for (int face : new int[] {0, plies})
            for (Vec at : seen(new Hold.OnFace(wall.id(), face))) {
                left = Math.min(left, at.x());
                right = Math.max(right, at.x());
                low = Math.min(low, at.y());
            }
    }

    /** Strings stand clear of overhangs and porches, as far as they are seen. */
    private void reach(Roof roof) {
        BuiltRoof built = building.get(new BuiltRoof.Of(roof.id()));
        if (built == null || !roof.stays()) return;
        Area shows = frame.isOutside() ? built.covered() : built.covered().and(lookedAt());
        for (List<Vec> ring : shows.rings())
            for (Vec p : ring) {
                farLeft = Math.min(farLeft, frame.seen(p).x());
                farRight = Math.max(farRight, frame.seen(p).x());
            }
    }

    /** What of the plan lies behind the cut, as far as it looks. */
    private Area lookedAt() {
        double from = frame.startMm(), to = frame.endMm(), depth = frame.depthMm();
        return Area.of(Stream.of(new Vec(from, 0), new Vec(to, 0), new Vec(to, depth), new Vec(from, depth))
                .map(frame::plan)
                .toList());
    }

    private void reach(Floor floor) {
        for (Vec at : seen(new Hold.AtLevel(floor.id(), Of.UNDERSIDE))) low = Math.min(low, at.y());
    }

    private List<Vec> seen(Hold hold) {
        Feature feature = Features.of(hold, building);
        return feature == null ? List.of() : shown.near(feature, frame.startMm());
    }

    /** From where strings stand off at the left. */
    private double leftEnd() {
        return part == null ? Math.min(left, farLeft) : part.minX();
    }

    private double rightEnd() {
        return part == null ? Math.max(right, farRight) : part.maxX();
    }

    /** Whether what is drawn shows the height that a hold tells. */
    private boolean isInHeight(Hold hold) {
        Bounds drawn = part;
        return drawn == null || seen(hold).stream().anyMatch(p -> p.y() >= drawn.minY() && p.y() <= drawn.maxY());
    }

    /** Whether an upright line runs on to where strings stand below what is drawn. */
    private boolean isAcross(List<Vec> line) {
        Bounds drawn = part;
        if (drawn == null) return true;
        Bounds of = Bounds.of(line);
        return drawn.meets(of) && of.minY() <= drawn.minY();
    }

    /** From the cut on outwards. @param tier 0 for the first */
    private double off(int tier) {
        return (scheme.firstMm() + tier * scheme.nextMm()) * drawing.scale();
    }

    /** @param openings those of the left side, nearest to it */
    private void levels(List<Hold> openings) {
        if (!openings.isEmpty()) proposals.propose(UP, new Vec(leftEnd() - off(0), 0), openings);
        double outer = leftEnd() - (openings.isEmpty() ? 0 : off(1) - off(0));
        List<Hold> all = new ArrayList<>(), floors = new ArrayList<>();
        if (lowestFooting() instanceof Footing f) all.add(new Hold.AtLevel(f.id(), Of.UNDERSIDE));
        boolean level = building.model().all(SpotLevel.class).isEmpty();
        if (level && building.model().find(Site.ID) != null) all.add(new Hold.AtLevel(Site.ID, Of.GROUND));
        for (Storey s : storeys) {
            all.add(new Hold.AtLevel(s.id(), Of.FLOOR));
            all.add(new Hold.AtLevel(s.id(), s == storeys.getLast() ? Of.HEADS : Of.CEILING));
            floors.add(new Hold.AtLevel(s.id(), Of.FLOOR));
        }
        floors.add(new Hold.AtLevel(storeys.getLast().id(), Of.HEADS));
        Hold highest = highestOfRoofs();
        if (highest != null) {
            all.add(highest);
            floors.add(highest);
        }
        all.removeIf(h -> !isInHeight(h));
        floors.removeIf(h -> !isInHeight(h));
        if (highest != null && !isInHeight(highest)) highest = null;
        proposals.propose(UP, new Vec(outer - off(0), 0), all);
        proposals.propose(UP, new Vec(outer - off(1), 0), floors);
        if (highest != null) proposals.propose(UP, new Vec(outer - off(2), 0), List.of(all.getFirst(), all.getLast()));
    }

    /** Null where the drawing shows none. */
    private @Nullable Footing lowestFooting() {
        Lens lens = building.model().get(drawing.lens(), Lens.class);
        if (frame.isOutside() && !lens.marks().contains(Lens.MarkOf.FOOTINGS)) return null;
        return building.model().all(Footing.class).stream()
                .filter(f -> f.stays() && undersideMm(f) < Double.POSITIVE_INFINITY)
                .min(Comparator.comparingDouble(this::undersideMm))
                .orElse(null);
    }

    private double undersideMm(Footing f) {
        return Features.of(new Hold.AtLevel(f.id(), Of.UNDERSIDE), building) instanceof Feature.Level l
                ? l.mm()
                : Double.POSITIVE_INFINITY;
    }

    private @Nullable Hold highestOfRoofs() {
        Hold highest = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Roof r : building.model().all(Roof.class)) {
            if (!r.stays()) continue;
            for (Of of : List.of(Of.RIDGE, Of.PARAPET)) {
                Hold there = new Hold.AtLevel(r.id(), of);
                if (!(Features.of(there, building) instanceof Feature.Level level) || level.mm() <= most) continue;
                most = level.mm();
                highest = there;
            }
        }
        return highest;
    }

    /** From one end of the house to the other. */
    private void overall() {
        Map<Hold, Double> faces = new LinkedHashMap<>();
        for (Storey s : storeys) faces.putAll(faces(s));
        List<Hold> across = faces.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .toList();
        if (across.size() > 1)
            proposals.propose(ACROSS, new Vec(0, low - off(0)), List.of(across.getFirst(), across.getLast()));
    }

    /** Sills and heads of what is cut at a side, each storey from its floor on. In a part all stand at its right. */
    private List<Hold> openings(Facing side) {
        if (part != null && side == Facing.LEFT) return List.of();
        List<Hold> holds = new ArrayList<>();
        for (Storey s : storeys) {
            List<Hold> here = new ArrayList<>();
            for (Opening o : building.model().all(Opening.class)) {
                Wall wall = building.model().get(o.wall(), Wall.class);
                if (!wall.storey().equals(s.id()) || !isCutThere(wall, o, side)) continue;
                if (o.sillMm() > 0) here.add(new Hold.AtLevel(o.id(), Of.SILL));
                here.add(new Hold.AtLevel(o.id(), Of.HEAD));
            }
            here.removeIf(h -> !isInHeight(h));
            if (here.isEmpty()) continue;
            if (isInHeight(new Hold.AtLevel(s.id(), Of.FLOOR))) holds.add(new Hold.AtLevel(s.id(), Of.FLOOR));
            holds.addAll(here);
        }
        return holds;
    }

    private boolean isCutThere(Wall wall, Opening opening, Facing side) {
        int plies = building.model().get(wall.buildUp(), BuildUp.class).plies().size();
        boolean outermost = false;
        for (int face : new int[] {0, plies})
            for (Vec at : seen(new Hold.OnFace(wall.id(), face))) outermost |= isAt(side, at.x());
        if (!outermost
                || !(Features.of(new Hold.AtLevel(opening.id(), Of.HEAD), building) instanceof Feature.Ledge over))
            return false;
        double near = Double.POSITIVE_INFINITY, far = Double.NEGATIVE_INFINITY;
        for (Vec p : over.over()) {
            near = Math.min(near, frame.seen(p).y());
            far = Math.max(far, frame.seen(p).y());
        }
        return near < 0 && far > 0;
    }

    /** In a part, anywhere that it shows. */
    private boolean isAt(Facing side, double x) {
        if (part == null) return (side == Facing.RIGHT ? right - x : x - left) < Tolerance.SAME_MM;
        return x >= part.minX() && x <= part.maxX();
    }

    private void walls() {
        for (Storey s : storeys) {
            Map<Hold, Double> faces = faces(s);
            if (faces.isEmpty()) continue;
            List<Hold> across = faces.entrySet().stream()
                    .sorted(Map.Entry.comparingByValue())
                    .map(Map.Entry::getKey)
                    .toList();
            proposals.propose(ACROSS, new Vec(0, low - off(0)), across);
            if (across.size() > 2)
                proposals.propose(ACROSS, new Vec(0, low - off(1)), List.of(across.getFirst(), across.getLast()));
            return;
        }
    }

    /** Of walls that are cut, by where: the outer faces of the house, and of others what the scheme goes to. */
    private Map<Hold, Double> faces(Storey storey) {
        Map<Hold, Double> faces = new LinkedHashMap<>();
        for (Wall w : building.model().relations().wallsOf(storey.id()))
            for (int face : wanted(w)) {
                Hold hold = new Hold.OnFace(w.id(), face);
                List<Vec> seen = seen(hold);
                if (!seen.isEmpty() && isAcross(seen))
                    faces.put(hold, seen.getFirst().x());
            }
        return faces;
    }

    private List<Integer> wanted(Wall wall) {
        BuildUp buildUp = building.model().get(wall.buildUp(), BuildUp.class);
        int plies = buildUp.plies().size();
        boolean ofShell = false;
        for (int face : new int[] {0, plies})
            for (Vec at : seen(new Hold.OnFace(wall.id(), face)))
                ofShell |= at.x() - left < Tolerance.SAME_MM || right - at.x() < Tolerance.SAME_MM;
        int outer = scheme.outside() == Scheme.Walls.STRUCTURE ? buildUp.structureFrom() : 0;
        return switch (scheme.walls()) {
            case FINISH -> List.of(ofShell ? outer : 0, plies);
            case STRUCTURE -> List.of(ofShell ? outer : buildUp.structureFrom(), buildUp.structureTo());
            case CENTRE -> ofShell ? List.of(outer, buildUp.structureTo()) : List.of(Hold.OnFace.CENTRE_LINE);
        };
    }
}
