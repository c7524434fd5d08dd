package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Plain;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.SymbolPart;

/** What a fitting is in space, for drawings that show heights; checks know its box alone. */
final class FittingBodies {

    private static final Material BLOCK = Plain.of("fitting", "#ece7dc"), DOOR = Plain.of("fitting-door", "#f1ede4");
    private static final int CHORDS = 24;
    private static final double GAP_MM = 3, LEAST_DOOR_MM = 60;

    private final PlacedFitting placed;
    private final Symbol symbol;
    private final double levelMm;
    private final List<Body> bodies = new ArrayList<>();

    /** None where it does not stand. */
    record Of(ElementId fitting) implements Key<List<Body>> {
        @Override
        public List<Body> from(Reads reads) {
            Building building = Building.in(reads);
            return building.get(new PlacedFitting.Of(fitting)) instanceof PlacedFitting placed
                    ? new FittingBodies(placed, building).all(building)
                    : List.of();
        }
    }

    private FittingBodies(PlacedFitting placed, Building building) {
        this.placed = placed;
        symbol = placed.symbol();
        levelMm = building.space(placed.fitting().storey()).levelMm() + symbol.lowMm();
    }

    private List<Body> all(Building building) {
        if (symbol.parts().isEmpty()) add(BLOCK, placed.outline(), 0, Math.max(symbol.heightMm(), 1));
        for (SymbolPart part : symbol.parts())
            switch (part) {
                case SymbolPart.Block b -> add(BLOCK, drawn(b.points()), b.lowMm(), b.highMm());
                case SymbolPart.Round r -> add(BLOCK, drawn(ring(r)), r.lowMm(), r.highMm());
                case SymbolPart.Doors d -> doors(d, building);
            }
        return List.copyOf(bodies);
    }

    private void add(Material material, List<Vec> ring, double low, double high) {
        List<Vec> outline = Winding.counterClockwise(ring);
        bodies.add(new Body(
                placed.fitting().id(),
                Content.NO_PLY,
                material,
                Does.LINING,
                outline,
                Plane.level(levelMm + low),
                Plane.level(levelMm + high)));
    }

    private static List<Vec> ring(SymbolPart.Round r) {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) {
            double turn = Math.TAU * i / CHORDS;
            ring.add(r.centre().plus(new Vec(r.halfWidthMm() * Math.cos(turn), r.halfDepthMm() * Math.sin(turn))));
        }
        return ring;
    }

    private List<Vec> drawn(List<Vec> points) {
        List<Vec> ring = new ArrayList<>();
        for (Vec p : points) {
            Vec there = stretched(p);
            ring.add(placed.drawn(there.x(), there.y()));
        }
        return ring;
    }

    private Vec stretched(Vec p) {
        return symbol.stretched(p, placed.fitting().widthMm(), placed.fitting().depthMm());
    }

    /** The divisions are those of the plan; where something is built in there are no doors. */
    private void doors(SymbolPart.Doors doors, Building building) {
        double width = placed.fitting().widthMm(), from = 0;
        double front = stretched(new Vec(0, doors.frontMm())).y();
        List<double[]> taken = builtIn(building);
        List<Double> units = new ArrayList<>(UnitRun.fill(width, doors.widthsMm()));
        double filler = width - units.stream().mapToDouble(w -> w).sum();
        if (filler >= LEAST_DOOR_MM) units.add(filler);
        for (double unit : units) {
            double half = unit > doors.pairFromMm() ? unit / 2 : unit;
            for (double at = from; at < from + unit - 1; at += half) door(doors, at, at + half, front, taken);
            from += unit;
        }
    }

    private void door(SymbolPart.Doors doors, double from, double to, double front, List<double[]> taken) {
        double left = from, right = to;
        for (double[] t : taken) {
            if (t[0] <= left + 1 && t[1] > left) left = t[1];
            if (t[1] >= right - 1 && t[0] < right) right = t[0];
        }
        if (right - left < LEAST_DOOR_MM) return;
        double a = left + GAP_MM / 2, b = right - GAP_MM / 2, back = front - doors.thickMm();
        List<Vec> ring = new ArrayList<>();
        for (Vec p : List.of(new Vec(a, back), new Vec(b, back), new Vec(b, front), new Vec(a, front)))
            ring.add(placed.drawn(p.x(), p.y()));
        add(DOOR, ring, doors.lowMm(), doors.highMm());
    }

    /** From where to where along its back, as it is drawn, something is built into it. */
    private List<double[]> builtIn(Building building) {
        List<double[]> taken = new ArrayList<>();
        if (symbol.kind() != Symbol.Kind.BASE_UNITS) return taken;
        for (PlacedFitting o : PlacedFitting.near(building, placed.fitting().storey(), Bounds.of(placed.outline()))) {
            boolean has = o.symbol().kind() == Symbol.Kind.OVEN
                    || o.symbol().kind() == Symbol.Kind.DISHWASHER
                    || o.symbol().kind() == Symbol.Kind.LAUNDRY;
            if (!has || Math.abs(o.along().dot(placed.along())) < 0.99) continue;
            double middle = o.middle().minus(placed.origin()).dot(placed.along());
            double away = o.middle().minus(placed.origin()).dot(placed.out());
            if (away < 0 || away > placed.fitting().depthMm()) continue;
            if (placed.fitting().mirrored()) middle = placed.fitting().widthMm() - middle;
            double half = o.fitting().widthMm() / 2;
            taken.add(new double[] {middle - half, middle + half});
        }
        return taken;
    }
}
