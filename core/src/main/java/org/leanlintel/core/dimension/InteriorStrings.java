package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.feature.Feature;
import org.leanlintel.core.building.feature.Features;
import org.leanlintel.core.building.feature.InSection;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Hold.AtLevel.Of;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.WallPiece;

/**
 * The strings that the walls of a room want: under each what stands on its floor, from one finished face to the other; over it its
 * openings and what hangs on it; beside it every height.
 */
public final class InteriorStrings {

    private static final Vec ACROSS = new Vec(1, 0), UP = new Vec(0, 1);

    /** What begins lower stands on the floor; how far before its wall's face a back may lie; what is as high as the eye can tell. */
    private static final double LOW_MM = 1000, BEFORE_MM = 900, SAME_HEIGHT_MM = 5;

    /** How far beside a wall its heights stand at most, so that they are not taken for those of the next. */
    private static final double BESIDE_MM = Unrolled.APART_MM * 0.4;

    private final Building building;
    private final Room room;
    private final Scheme scheme;
    private final double scale;
    private final Proposals proposals;

    private InteriorStrings(Building building, Drawing drawing, Scheme scheme) {
        this.building = building;
        this.scheme = scheme;
        room = building.model().get(drawing.one(), Room.class);
        scale = drawing.scale();
        proposals = new Proposals(building, drawing);
    }

    public static List<ProposedString> of(Building building, Drawing interior, Scheme scheme) {
        InteriorStrings strings = new InteriorStrings(building, interior, scheme);
        RoomSpace space = Rooms.in(building).of(strings.room);
        if (space == null) return List.of();
        for (Unrolled.View v : building.get(new Unrolled.Of(strings.room.id())).views()) strings.along(v, space);
        return strings.proposals.all();
    }

    private void along(Unrolled.View view, RoomSpace space) {
        double floor = building.space(room.storey()).levelMm();
        double ceiling = floor + room.ceilingMm(building.space(room.storey()));
        List<PlacedFitting> fittings = fittings(view);
        List<Opening> openings = openings(view, space);
        Hold left = face(view, space, 0), right = face(view, space, view.lengthMm());
        NavigableMap<Double, Hold> low = new TreeMap<>(), high = new TreeMap<>();
        for (NavigableMap<Double, Hold> row : List.of(low, high)) {
            if (left != null) row.put(0.0, left);
            if (right != null) row.put(view.lengthMm(), right);
        }
        for (PlacedFitting f : fittings)
            for (Hold.OnFitting.Edge edge : told(f.symbol().kind()))
                put(
                        f.symbol().lowMm() < LOW_MM ? low : high,
                        new Hold.OnFitting(f.fitting().id(), edge),
                        view);
        for (Opening o : openings) for (End end : End.values()) put(high, new Hold.AtJamb(o.id(), end), view);
        double middle = view.leftMm() + view.lengthMm() / 2;
        across(low, new Vec(middle, floor - off(0)), view);
        if (high.size() > 2) across(high, new Vec(middle, ceiling + off(0)), view);
        heights(view, fittings, openings);
    }

    /** What has a connection or a cut-out is set out by its middle. */
    private static List<Hold.OnFitting.Edge> told(Symbol.Kind kind) {
        return switch (kind) {
            case WC, BIDET, BASIN, SINK, HOB -> List.of(Hold.OnFitting.Edge.MIDDLE);
            default -> List.of(Hold.OnFitting.Edge.LEFT, Hold.OnFitting.Edge.RIGHT);
        };
    }

    private void across(NavigableMap<Double, Hold> row, Vec at, Unrolled.View view) {
        proposals.propose(ACROSS, at, List.copyOf(row.values()), s -> isBeside(s.at(), view));
    }

    private static boolean isBeside(Vec at, Unrolled.View view) {
        double slack = Unrolled.APART_MM / 2;
        return at.x() > view.leftMm() - slack && at.x() < view.leftMm() + view.lengthMm() + slack;
    }

    private double off(int tier) {
        return (scheme.firstMm() + tier * scheme.nextMm()) * scale;
    }

    private void put(NavigableMap<Double, Hold> row, Hold hold, Unrolled.View view) {
        List<Vec> line = seen(hold, view);
        if (line.isEmpty()) return;
        double x = line.getFirst().x();
        Map.Entry<Double, Hold> near = row.floorEntry(x + Tolerance.SAME_MM);
        if (near == null || near.getKey() < x - Tolerance.SAME_MM) row.put(x, hold);
    }

    private List<Vec> seen(Hold hold, Unrolled.View view) {
        Feature feature = Features.of(hold, building);
        return feature == null ? List.of() : new InSection(view.frame(), true).of(feature);
    }

    private boolean liesAt(double x, Hold hold, Unrolled.View view) {
        List<Vec> line = seen(hold, view);
        return !line.isEmpty() && Tolerance.same(line.getFirst().x(), x);
    }

    /** The finished face that bounds a wall at its end, its own or that of what is on it; null where there is none. */
    private @Nullable Hold face(Unrolled.View view, RoomSpace space, double x) {
        for (WallSolid solid : space.walls(building).all()) {
            int plies = solid.strip().plies().size();
            for (int face : new int[] {0, plies}) {
                Hold hold = new Hold.OnFace(solid.strip().wall().id(), face);
                if (liesAt(x, hold, view)) return hold;
            }
            for (WallPiece p :
                    building.model().relations().piecesOn(solid.strip().wall().id())) {
                Hold hold = new Hold.OnPiece(p.id(), 0);
                if (p.stays() && liesAt(x, hold, view)) return hold;
            }
        }
        return null;
    }

    /** Those with their backs to it, from left to right. */
    private List<PlacedFitting> fittings(Unrolled.View view) {
        List<PlacedFitting> all = new ArrayList<>();
        for (Fitting f : building.model().all(Fitting.class)) {
            if (!f.storey().equals(room.storey())
                    || !f.stays()
                    || !(building.get(new PlacedFitting.Of(f.id())) instanceof PlacedFitting placed)
                    || placed.symbol().kind().isLoose()
                    || placed.out().dot(view.frame().away()) > -0.9) continue;
            Vec middle = view.frame().seen(placed.middle());
            Vec back = view.frame().seen(placed.box(f.widthMm() / 2, 0));
            boolean here = middle.x() > 0
                    && middle.x() < view.lengthMm()
                    && middle.y() > 0
                    && back.y() < view.wallMm() + 10
                    && back.y() > view.wallMm() - BEFORE_MM;
            if (here) all.add(placed);
        }
        all.sort(Comparator.comparingDouble(p -> view.frame().seen(p.middle()).x()));
        return all;
    }

    private List<Opening> openings(Unrolled.View view, RoomSpace space) {
        List<Opening> all = new ArrayList<>();
        for (WallSolid solid : space.walls(building).all()) {
            Vec way = solid.strip().axis().chord().direction();
            if (Math.abs(way.dot(view.frame().right())) < 0.9) continue;
            for (Opening o :
                    building.model().relations().openingsIn(solid.strip().wall().id()))
                if (!seen(new Hold.AtCentre(o.id()), view).isEmpty() && isOn(solid, view)) all.add(o);
        }
        return all;
    }

    /** Whether a wall is the one that is looked at. */
    private static boolean isOn(WallSolid solid, Unrolled.View view) {
        double near = Double.POSITIVE_INFINITY;
        for (double t : new double[] {solid.strip().lo(), solid.strip().hi()})
            near = Math.min(near, view.frame().seen(solid.strip().at(0, t)).y());
        return Math.abs(near - view.wallMm()) < BEFORE_MM / 2;
    }

    private void heights(Unrolled.View view, List<PlacedFitting> fittings, List<Opening> openings) {
        if (fittings.isEmpty() && openings.isEmpty()) return;
        NavigableMap<Double, Hold> row = new TreeMap<>();
        Storey storey = building.model().get(room.storey(), Storey.class);
        level(row, new Hold.AtLevel(storey.id(), Of.FLOOR));
        level(row, new Hold.AtLevel(room.ceiling() instanceof Rise.Fixed ? room.id() : storey.id(), Of.CEILING));
        for (PlacedFitting f : fittings)
            if (!f.symbol().kind().isBuiltIn())
                for (Of of : List.of(Of.UNDERSIDE, Of.TOP))
                    level(row, new Hold.AtLevel(f.fitting().id(), of));
        for (Opening o : openings)
            for (Of of : List.of(Of.SILL, Of.HEAD))
                if (of == Of.HEAD || o.sillMm() > 0) level(row, new Hold.AtLevel(o.id(), of));
        Vec at = new Vec(view.leftMm() + view.lengthMm() + Math.min(off(0), BESIDE_MM), 0);
        proposals.propose(UP, at, List.copyOf(row.values()), s -> isBeside(s.at(), view));
    }

    private void level(NavigableMap<Double, Hold> row, Hold hold) {
        double mm =
                switch (Features.of(hold, building)) {
                    case Feature.Level l -> l.mm();
                    case Feature.Ledge l -> l.mm();
                    case null -> Double.NaN;
                    default -> Double.NaN;
                };
        if (Double.isNaN(mm)) return;
        Map.Entry<Double, Hold> near = row.floorEntry(mm + SAME_HEIGHT_MM);
        if (near == null || near.getKey() < mm - SAME_HEIGHT_MM) row.put(mm, hold);
    }
}
