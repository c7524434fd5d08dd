package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.cut.Hiding.Seen;

/** Paints what is seen of faces: their edges, courses and boards on them, which way leaves open. */
public final class SeenPainter {

    private final Building building;
    private final Lens lens;
    private final double scale;
    private final Map<ElementId, Pens> byElement = new LinkedHashMap<>();

    public SeenPainter(Building building, Lens lens, double scale) {
        this.building = building;
        this.lens = lens;
        this.scale = scale;
    }

    /** By element, what has been painted so far. */
    public Map<ElementId, Pens> painted() {
        return byElement;
    }

    public Pens pens(ElementId element) {
        return byElement.computeIfAbsent(element, e -> new Pens(lens));
    }

    /** @param place where in the picture something comes to lie that is seen through the frame */
    public void paint(List<Seen> seen, SectionFrame frame, UnaryOperator<List<Vec>> place) {
        double distant = distantFrom(seen, frame);
        for (SeenLines.Edge e : new SeenLines(seen).edges())
            pens(e.element()).line(e.depthMm() > distant ? PenRole.DISTANT : PenRole.EDGE, place.apply(e.line()));
        surfaces(frame, seen, place);
        leaves(frame, seen, place);
    }

    /** Behind the cut, or where nothing is cut behind the nearest that is seen. */
    private double distantFrom(List<Seen> seen, SectionFrame frame) {
        if (lens.distantFromMm() == 0) return Double.POSITIVE_INFINITY;
        double nearest = frame.isOutside()
                ? seen.stream().mapToDouble(s -> s.face().near()).min().orElse(0)
                : 0;
        return nearest + lens.distantFromMm();
    }

    private void surfaces(SectionFrame frame, List<Seen> seen, UnaryOperator<List<Vec>> place) {
        SurfaceLines surfaces = new SurfaceLines(frame, scale);
        for (Seen s : seen) {
            Pens pens = pens(s.face().element());
            if (lens.fill() == Lens.Fill.MATERIALS
                    && isTinted(
                            building.model().find(s.face().element()), s.face().material()))
                for (List<Vec> ring : s.area().ringsWithoutHoles())
                    pens.fill(s.face().material().tint(), place.apply(ring.subList(0, ring.size() - 1)));
            surfaces.on(s.face(), s.area()).forEach(l -> pens.line(PenRole.SURFACE, place.apply(l)));
        }
    }

    /** Of what stands in walls and roofs, frames and glass alone. */
    private static boolean isTinted(@Nullable Element element, Material material) {
        boolean glazing = material.equals(Panel.GLASS) || material.equals(Panel.FRAME);
        return element instanceof Fitting
                || element instanceof Opening && (glazing || material.equals(Panel.SASH))
                || element instanceof RoofPart && glazing;
    }

    /** Over what is seen of each opening. */
    private void leaves(SectionFrame frame, List<Seen> seen, UnaryOperator<List<Vec>> place) {
        Map<ElementId, List<Area>> areas = new LinkedHashMap<>();
        for (Seen s : seen)
            areas.computeIfAbsent(s.face().element(), e -> new ArrayList<>()).add(s.area());
        LeafLines lines = new LeafLines(frame, lens.openingLines());
        areas.forEach((id, parts) -> {
            if (!(building.model().find(id) instanceof Opening o)
                    || !(building.model().find(o.wall()) instanceof Wall w)
                    || !(building.solid(w.id()) instanceof WallSolid solid)) return;
            PlacedOpening placed = solid.opening(id);
            if (placed == null) return;
            List<List<Vec>> over = lines.of(placed, solid.strip(), solid.levelMm());
            Area.union(parts).inside(over).forEach(l -> pens(id).line(PenRole.OVERHEAD, place.apply(l)));
        });
    }
}
