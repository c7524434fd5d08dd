package org.leanlintel.core.picture.seen;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
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
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Paints what is seen of one element: its edges, courses and boards on it, which way leaves open. */
public final class SeenPainter {

    private final Building building;
    private final Look look;
    private final SectionFrame frame;
    private final Pens pens;

    /** What is drawn of an element in a drawing that shows what is seen. */
    public record Of(Sight sight, ElementId element, ElementId drawing) implements Key<List<Item>> {
        @Override
        public List<Item> from(Reads reads) {
            Look look = reads.get(new Look.Of(drawing));
            SectionFrame frame =
                    reads.get(new View.Part.Of(sight.view(), element)).frame();
            SeenPainter painter = new SeenPainter(Building.in(reads), look, frame);
            painter.edges(reads.get(new SeenLines.Of(sight, element)), distantFrom(reads, frame, look));
            reads.get(new On(sight, element, drawing)).forEach(painter.pens::add);
            return painter.pens.items();
        }

        /** Behind the cut, or where nothing is cut behind the nearest that is seen. */
        private double distantFrom(Reads reads, SectionFrame frame, Look look) {
            double behind = look.lens().distantFromMm();
            if (behind == 0) return Double.POSITIVE_INFINITY;
            return behind + (frame.isOutside() ? reads.get(new Nearest(sight)) : 0);
        }
    }

    /** What is drawn on what is seen of an element, within its edges. */
    public record On(Sight sight, ElementId element, ElementId drawing) implements Key<List<Item>> {
        @Override
        public List<Item> from(Reads reads) {
            SectionFrame frame =
                    reads.get(new View.Part.Of(sight.view(), element)).frame();
            SeenPainter painter = new SeenPainter(Building.in(reads), reads.get(new Look.Of(drawing)), frame);
            List<Seen> seen = reads.get(new Seen.Of(sight, element));
            painter.surfaces(element, seen);
            painter.leaves(element, seen);
            return painter.pens.items();
        }
    }

    private record Nearest(Sight sight) implements Key<Double> {
        @Override
        public Double from(Reads reads) {
            List<Seen> seen = reads.get(new Seen.All(sight));
            return seen.isEmpty() ? 0 : seen.getFirst().face().near();
        }
    }

    private SeenPainter(Building building, Look look, SectionFrame frame) {
        this.building = building;
        this.look = look;
        this.frame = frame;
        pens = new Pens(look.lens());
    }

    private void edges(List<SeenLines.Edge> edges, double distant) {
        for (SeenLines.Edge e : edges) pens.line(e.depthMm() > distant ? PenRole.DISTANT : PenRole.EDGE, e.line());
    }

    private void surfaces(ElementId element, List<Seen> seen) {
        Element of = building.model().find(element);
        SurfaceLines surfaces = new SurfaceLines(frame, look.drawing().scale());
        for (Seen s : seen) {
            if (look.lens().fill() == Lens.Fill.MATERIALS
                    && isTinted(of, s.face().material()))
                for (List<Vec> ring : s.area().ringsWithoutHoles())
                    pens.fill(s.face().material().tint(), ring.subList(0, ring.size() - 1));
            surfaces.on(s.face(), s.area()).forEach(l -> pens.line(PenRole.SURFACE, l));
        }
    }

    /** Of what stands in walls and roofs, frames and glass alone. */
    private static boolean isTinted(@Nullable Element element, Material material) {
        boolean glazing = material.equals(Panel.GLASS) || material.equals(Panel.FRAME);
        return element instanceof Fitting
                || element instanceof Opening && (glazing || material.equals(Panel.SASH))
                || element instanceof RoofPart && glazing;
    }

    /** Over what is seen of an opening. */
    private void leaves(ElementId element, List<Seen> seen) {
        if (!(building.model().find(element) instanceof Opening o)
                || !(building.model().find(o.wall()) instanceof Wall w)
                || !(building.solid(w.id()) instanceof WallSolid solid)) return;
        PlacedOpening placed = solid.opening(element);
        if (placed == null) return;
        Area open = Area.union(seen.stream().map(Seen::area).toList());
        double scale = look.drawing().scale();
        for (LeafLines.Line line : LeafLines.of(
                placed, solid.strip(), solid.levelMm(), frame, look.lens().openingLines(), scale))
            open.inside(List.of(line.points())).forEach(l -> pens.line(line.role(), l));
    }
}
