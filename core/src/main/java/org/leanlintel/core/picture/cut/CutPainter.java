package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlyHatch;
import org.leanlintel.core.picture.cut.Cut.Met;
import org.leanlintel.core.picture.cut.Cut.Slant;
import org.leanlintel.core.picture.seen.Seen;
import org.leanlintel.core.picture.seen.SeenLines;
import org.leanlintel.core.picture.seen.SeenPainter;
import org.leanlintel.core.picture.seen.Sight;
import org.leanlintel.core.picture.seen.View;

/** Bodies as an upright cut shows them: what is cut filled, hatched and outlined by what it does, what lies beyond in thin lines. */
public final class CutPainter {

    private final Building building;
    private final List<SectionFrame> legs;
    private final Look look;
    private final double scale;
    private final double thinnestMm;
    private final Map<ElementId, Pens> byElement = new LinkedHashMap<>();
    private final List<Area> all = new ArrayList<>();

    /** @param legs side by side, each with its own stretch of the picture */
    public CutPainter(Building building, List<SectionFrame> legs, Look look) {
        this.building = building;
        this.legs = List.copyOf(legs);
        this.look = look;
        scale = look.drawing().scale();
        thinnestMm = look.lens().thinnestPlyMm() * scale;
    }

    /** @param sights one through each leg */
    public List<Group> paint(List<Sight> sights, Map<ElementId, ElementId> layers) {
        List<Met> met = new ArrayList<>();
        for (int i = 0; i < legs.size(); i++) {
            beyond(sights.get(i), legs.get(i));
            met.addAll(building.get(new Cut.All(sights.get(i).view())));
        }
        met.forEach(m -> all.add(m.area()));
        met.forEach(this::fill);
        outlines(met, sights.stream().map(Sight::view).toList());
        List<Group> groups = new ArrayList<>();
        byElement.forEach(
                (id, pens) -> groups.add(new Group(id, layers.getOrDefault(id, id), pens.items(), List.of())));
        return groups;
    }

    /** All that was cut. */
    public List<Area> cut() {
        return all;
    }

    private Pens pens(ElementId element) {
        return byElement.computeIfAbsent(element, e -> new Pens(look.lens()));
    }

    private void beyond(Sight sight, SectionFrame leg) {
        List<ElementId> elements = building.get(new Seen.Elements(sight));
        List<List<SeenLines.Edge>> edges = building.all(
                elements.stream().map(e -> new SeenLines.Of(sight, e)).toList());
        for (int i = 0; i < elements.size(); i++)
            for (SeenLines.Edge edge : edges.get(i))
                for (List<Vec> line : offSteps(edge.line(), leg))
                    pens(elements.get(i)).line(PenRole.EDGE, line);
        if (!look.marks(Lens.MarkOf.FACINGS)) return;
        List<List<Item>> on = building.all(elements.stream()
                .map(e -> new SeenPainter.On(sight, e, look.drawing().id()))
                .toList());
        for (int i = 0; i < elements.size(); i++) on.get(i).forEach(pens(elements.get(i))::add);
    }

    /** Without what lies upright where a stretch ends and the next begins: there nothing is seen end on but that it was cut off. */
    private List<List<Vec>> offSteps(List<Vec> line, SectionFrame leg) {
        boolean first = leg == legs.getFirst(), last = leg == legs.getLast();
        double left = first ? Double.NEGATIVE_INFINITY : leg.startMm();
        double right = last ? Double.POSITIVE_INFINITY : leg.endMm();
        if (first && last) return List.of(line);
        List<List<Vec>> pieces = new ArrayList<>();
        List<Vec> piece = new ArrayList<>(List.of(line.getFirst()));
        for (int i = 1; i < line.size(); i++) {
            Vec from = line.get(i - 1), to = line.get(i);
            boolean off = liesAt(left, from, to) || liesAt(right, from, to);
            if (!off) piece.add(to);
            if (off || i == line.size() - 1) {
                if (piece.size() > 1) pieces.add(piece);
                piece = new ArrayList<>(List.of(to));
            }
        }
        return pieces;
    }

    private static boolean liesAt(double x, Vec from, Vec to) {
        return Math.abs(from.x() - x) < CutOutline.JOINS_MM && Math.abs(to.x() - x) < CutOutline.JOINS_MM;
    }

    private void fill(Met met) {
        if (met.does() == Does.AIR_GAP) return;
        Pens pens = pens(met.element());
        for (List<Vec> ring : met.area().ringsWithoutHoles()) {
            List<Vec> open = ring.subList(0, ring.size() - 1);
            pens.fill(pens.tint(met.material()), open);
            if (met.slants().isEmpty()) faceToFace(met, open, pens);
        }
        for (Slant s : met.slants())
            if (s.across().length() >= thinnestMm) hatch(met, pens).between(s.from(), s.to(), s.across());
        if (thickness(met.area().bounds()) >= thinnestMm)
            hatch(met, pens).within(met.area().rings());
    }

    private PlyHatch hatch(Met met, Pens pens) {
        return new PlyHatch(met.material().hatch(), scale, pens);
    }

    private static double thickness(Bounds b) {
        return Math.min(b.width(), b.height());
    }

    /** Patterns from face to face run along the longer side: up a wall, along a floor. */
    private void faceToFace(Met met, List<Vec> ring, Pens pens) {
        Bounds b = Bounds.of(ring);
        if (thickness(b) < thinnestMm) return;
        Vec corner = new Vec(b.minX(), b.minY());
        Vec up = new Vec(0, b.height()), right = new Vec(b.width(), 0);
        if (b.height() > b.width()) hatch(met, pens).between(corner, corner.plus(up), right);
        else hatch(met, pens).between(corner, corner.plus(right), up);
    }

    private void outlines(List<Met> met, List<Key<View>> views) {
        List<Met> outlined = met.stream().filter(m -> role(m) != null).toList();
        List<List<List<Vec>>> lines = building.all(
                outlined.stream().map(m -> new CutOutline(views, m)).toList());
        for (int i = 0; i < outlined.size(); i++) {
            Met m = outlined.get(i);
            PenRole role = Objects.requireNonNull(role(m));
            for (List<Vec> line : lines.get(i)) pens(m.element()).line(role, line);
        }
    }

    private static @Nullable PenRole role(Met met) {
        return switch (met.does()) {
            case CARRIES -> PenRole.CUT_STRUCTURE;
            case FACING -> PenRole.CUT_FACING;
            case LINING -> PenRole.CUT_LINING;
            case BOARDS, INSULATES -> PenRole.PLY;
            case AIR_GAP, SHEET -> null;
        };
    }
}
