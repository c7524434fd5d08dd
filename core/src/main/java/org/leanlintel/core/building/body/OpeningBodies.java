package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** What stands in the openings of a wall: frames, leaves, glass, bars and sills, each a body of its opening. */
public final class OpeningBodies {

    /** Millimetres, usual sizes: depths of frames and leaves, the face of a sash, bars, how far a sill stands out. */
    private static final double WINDOW_MM = 70, DOOR_MM = 115, SASH_MM = 45, BAR_MM = 25, SILL_MM = 30;

    /** How many parts a door that lifts is made of, and the joint between them. */
    private static final int LIFTED_PARTS = 4;

    private static final double JOINT_MM = 6;

    private static final Lights SIDE_OF_BAY = Lights.equal(1, Lights.Opens.FIXED);

    private final WallSolid solid;
    private final Building building;
    private final Strip strip;
    private final List<Body> bodies = new ArrayList<>();

    /** Those in one wall. */
    record Of(ElementId wall) implements Key<List<Body>> {
        @Override
        public List<Body> from(Reads reads) {
            Building building = Building.in(reads);
            WallSolid solid = building.solid(wall);
            return solid == null ? List.of() : new OpeningBodies(solid, building).all();
        }
    }

    private OpeningBodies(WallSolid solid, Building building) {
        this.solid = solid;
        this.building = building;
        strip = solid.strip();
    }

    private List<Body> all() {
        for (PlacedOpening o : solid.openings()) if (o.opening().work() != Opening.Work.FILLED) add(o);
        return List.copyOf(bodies);
    }

    private void add(PlacedOpening placed) {
        Opening o = placed.opening();
        OpeningMake make = o.make();
        double in = make.fixWidthMm() / 2, under = solid.levelMm() + o.sillMm();
        double low = o.sillMm() > 0 ? under + make.fixHeightMm() / 2 : under;
        double high = low + o.unitHeightMm();
        double from = placed.from() + in, to = placed.to() - in;
        switch (o.kind()) {
            case Opening.Window w -> window(o, w, placed, low, high);
            case Opening.SwingDoor d -> leaves(o, panel(o, from, to, DOOR_MM, d.swing()), new double[] {1}, low, high);
            case Opening.PairDoor d -> {
                double first = d.active() == End.START ? d.part() : 1 - d.part();
                leaves(o, panel(o, from, to, DOOR_MM, d.swing()), new double[] {first, 1 - first}, low, high);
            }
            case Opening.FoldingDoor d ->
                leaves(o, panel(o, from, to, DOOR_MM, d.swing()), equal(d.panels()), low, high);
            case Opening.FoldingPair d ->
                leaves(o, panel(o, from, to, DOOR_MM, d.swing()), equal(d.panels()), low, high);
            case Opening.PocketDoor d -> leaves(o, panel(o, from, to, strip.thickness()), equal(1), low, high);
            case Opening.SlidingDoor d -> leaves(o, panel(o, from, to, strip.thickness()), equal(1), low, high);
            case Opening.LiftingDoor d -> lifting(panel(o, from, to, DOOR_MM), make, low, high);
            case Opening.OpenWay w -> {
                if (w.lined()) frame(panel(o, from, to, strip.thickness()), make.frameMm(), low, high, false);
            }
        }
    }

    private static double[] equal(int panels) {
        double[] parts = new double[panels];
        Arrays.fill(parts, 1.0 / panels);
        return parts;
    }

    /** A frame in the wall, flush with a side of it. */
    private Panel panel(Opening o, double from, double to, double depthMm, Side flush) {
        double deep = Math.min(depthMm, strip.thickness());
        boolean outside = flush == strip.wall().outside();
        return panel(o, from, to, outside ? 0 : strip.thickness() - deep, deep);
    }

    /** A frame in the middle of the wall. */
    private Panel panel(Opening o, double from, double to, double depthMm) {
        double deep = Math.min(depthMm, strip.thickness());
        return panel(o, from, to, (strip.thickness() - deep) / 2, deep);
    }

    private Panel panel(Opening o, double from, double to, double setbackMm, double deepMm) {
        double inwards = -strip.wall().outside().sign(), t = strip.offsetOfFace(0) + inwards * setbackMm;
        Vec start = strip.at(from, t), end = strip.at(to, t);
        Vec along = end.minus(start).unit();
        return new Panel(o, start, along, along.left().times(inwards), start.distanceTo(end), deepMm, bodies);
    }

    private static void frame(Panel p, double face, double low, double high, boolean sill) {
        p.frame(0, face, low, high);
        p.frame(p.longMm() - face, p.longMm(), low, high);
        p.frame(face, p.longMm() - face, high - face, high);
        if (sill) p.frame(face, p.longMm() - face, low, low + face);
    }

    private void leaves(Opening o, Panel p, double[] parts, double low, double high) {
        OpeningMake make = o.make();
        double face = make.frameMm(), between = p.longMm() - 2 * face, at = face;
        frame(p, face, low, high, make.threshold());
        double thick = Math.max(make.leafMm(), 10);
        for (double part : parts) {
            double next = at + between * part;
            p.leaf(at + make.gapMm(), next - make.gapMm(), low + make.underMm(), high - face - make.gapMm(), thick);
            at = next;
        }
    }

    private static void lifting(Panel p, OpeningMake make, double low, double high) {
        frame(p, make.frameMm(), low, high, false);
        double each = (high - make.frameMm() - low) / LIFTED_PARTS;
        for (int i = 0; i < LIFTED_PARTS; i++)
            p.leaf(
                    make.frameMm(),
                    p.longMm() - make.frameMm(),
                    low + i * each,
                    low + (i + 1) * each - JOINT_MM,
                    Math.max(make.leafMm(), 40));
    }

    private void window(Opening o, Opening.Window w, PlacedOpening placed, double low, double high) {
        double in = o.make().fixWidthMm() / 2, deep = Math.min(WINDOW_MM, strip.thickness());
        double setback = Math.min(w.setbackMm(), strip.thickness() - deep);
        if (w.form() instanceof Opening.Bay bay) {
            Bay of = new Bay(strip, placed, bay);
            glaze(of, o, w, low, high);
            of.closed(footMm(of), low, high, bodies);
            return;
        }
        Panel p = panel(o, placed.from() + in, placed.to() - in, setback, deep);
        glazed(p, o.make(), w.lights(), low, high);
        if (o.sillMm() > 0) p.box(Panel.FRAME, 0, p.longMm(), -setback - SILL_MM, 0, low - SILL_MM, low);
    }

    /** Where walls under a bay begin: at the foot of its wall, in the lowest storey at the ground where that lies lower. */
    private double footMm(Bay bay) {
        double foot = solid.levelMm() + solid.footMm();
        Storey on = building.model().get(strip.wall().storey(), Storey.class);
        return StoreySpace.below(building.model(), on) == null
                ? Math.min(foot, bay.lowestMm(Ground.finished(building)))
                : foot;
    }

    private void glaze(Bay bay, Opening o, Opening.Window w, double low, double high) {
        for (int i = 0; i < Bay.SIDES; i++) {
            Panel p = bay.panel(i, WINDOW_MM, bodies);
            glazed(p, o.make(), i == 1 ? w.lights() : SIDE_OF_BAY, low, high);
        }
    }

    private void glazed(Panel p, OpeningMake make, Lights lights, double low, double high) {
        double face = make.frameMm();
        frame(p, face, low, high, true);
        List<List<PlacedLight>> rows =
                PlacedLight.rows(lights, PlacedLight.Frame.in(strip.wall(), p.longMm(), high - low, make));
        for (List<PlacedLight> row : rows) {
            double bottom = low + row.getFirst().low(),
                    top = low + row.getFirst().high();
            if (row != rows.getFirst()) p.frame(face, p.longMm() - face, bottom - face, bottom);
            for (PlacedLight l : row) {
                if (l.index() > 0) p.frame(l.from() - face, l.from(), bottom, top);
                light(p, make, l, bottom, top);
            }
        }
    }

    private static void light(Panel p, OpeningMake make, PlacedLight l, double bottom, double top) {
        double from = l.from(), to = l.to();
        switch (l.light().opens()) {
            case FIXED -> pane(p, make, from, to, bottom, top, p.deepMm() / 2);
            case SIDE_HUNG, TOP_HUNG, BOTTOM_HUNG, TILT_AND_TURN -> sash(p, make, from, to, bottom, top, 10);
            case VERTICAL_SLIDING -> {
                double middle = (bottom + top) / 2;
                sash(p, make, from, to, bottom, middle + SASH_MM / 2, p.deepMm() / 2);
                sash(p, make, from, to, middle - SASH_MM / 2, top, 5);
            }
            case HORIZONTAL_SLIDING -> sash(p, make, from, to, bottom, top, l.index() % 2 == 0 ? 5 : p.deepMm() / 2);
        }
    }

    private static void sash(
            Panel p, OpeningMake make, double from, double to, double low, double high, double setback) {
        double deep = p.deepMm() / 2 - 5;
        p.box(Panel.SASH, from, from + SASH_MM, setback, setback + deep, low, high);
        p.box(Panel.SASH, to - SASH_MM, to, setback, setback + deep, low, high);
        p.box(Panel.SASH, from + SASH_MM, to - SASH_MM, setback, setback + deep, low, low + SASH_MM);
        p.box(Panel.SASH, from + SASH_MM, to - SASH_MM, setback, setback + deep, high - SASH_MM, high);
        pane(p, make, from + SASH_MM, to - SASH_MM, low + SASH_MM, high - SASH_MM, setback + deep / 2);
    }

    private static void pane(
            Panel p, OpeningMake make, double from, double to, double low, double high, double setback) {
        p.box(Panel.GLASS, from, to, setback, setback + 12, low, high);
        for (int i = 1; i <= make.barsUp(); i++) {
            double at = from + (to - from) * i / (make.barsUp() + 1) - BAR_MM / 2;
            p.box(Panel.SASH, at, at + BAR_MM, setback - 4, setback, low, high);
        }
        for (int i = 1; i <= make.barsAcross(); i++) {
            double at = low + (high - low) * i / (make.barsAcross() + 1) - BAR_MM / 2;
            p.box(Panel.SASH, from, to, setback - 4, setback, at, at + BAR_MM);
        }
    }
}
