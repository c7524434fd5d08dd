package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Track;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Opening;

/** Where the points of a dimension string lie now, from what they hold to. */
public final class HeldPoints {

    /**
     * A point of a string.
     *
     * @param position along the string's direction, from the model's origin
     * @param reachFrom with {@code reachTo} the two ends of the feature measured, across the string's direction; equal for a point
     */
    public record Held(double position, double reachFrom, double reachTo) {

        /** No more of the feature than what is nearest to a line along the string, {@code place} across it. */
        public Held nearTo(double place) {
            double near = Math.clamp(place, reachFrom, reachTo);
            return new Held(position, near, near);
        }
    }

    private final Building building;
    private final Line line;
    /** How the drawing shows heights; null in a plan. */
    private final @Nullable Upright upright;

    private final InPlan plan;

    private HeldPoints(Building building, DimensionString string) {
        this.building = building;
        line = new Line(string.at(), string.direction());
        Drawing drawing = building.model().get(string.drawing(), Drawing.class);
        upright = Upright.of(drawing, building);
        plan = InPlan.of(drawing, building);
    }

    /** The points of a string in their order along it, those in one place as one. */
    public static List<Held> along(DimensionString string, Building building) {
        HeldPoints held = new HeldPoints(building, string);
        List<Held> points = new ArrayList<>();
        string.holds().stream()
                .map(held::of)
                .filter(Objects::nonNull)
                .sorted(Comparator.comparingDouble(Held::position))
                .forEach(h -> {
                    if (points.isEmpty() || !Tolerance.same(points.getLast().position(), h.position())) points.add(h);
                });
        return points;
    }

    /** Where one point of a string lies, or would lie; null where what it holds to has gone, or runs along the string. */
    public static @Nullable Held of(Hold hold, DimensionString string, Building building) {
        return new HeldPoints(building, string).of(hold);
    }

    /** The two ends of the straight line that a drawing shows of what is held to; none where it shows none. */
    public static List<Vec> line(Hold hold, ElementId drawing, Building building) {
        Drawing shown = building.model().get(drawing, Drawing.class);
        Upright upright = Upright.of(shown, building);
        List<Vec> line;
        if (upright == null) line = InPlan.of(shown, building).of(hold);
        else line = Features.of(hold, building) instanceof Feature f ? first(upright.all(f)) : List.of();
        boolean isLine = line.size() == 2 && !Tolerance.same(line.getFirst(), line.getLast());
        return isLine && !isArc(hold, building) ? line : List.of();
    }

    /**
     * The point that a drawing shows of what is held to which lies nearest to a place; null where it shows none. Lines go on past
     * their ends.
     */
    public static @Nullable Vec nearest(Hold hold, Vec place, ElementId drawing, Building building) {
        if (hold instanceof Hold.AtPoint p) return p.at();
        if (hold instanceof Hold.Lost l) return l.at();
        Drawing shown = building.model().get(drawing, Drawing.class);
        Upright upright = Upright.of(shown, building);
        List<Vec> seen;
        if (upright == null) seen = InPlan.of(shown, building).of(hold);
        else seen = Features.of(hold, building) instanceof Feature f ? upright.near(f, place.x()) : List.of();
        if (seen.isEmpty()) return null;
        Vec from = seen.getFirst(), to = seen.getLast();
        if (Tolerance.same(from, to)) return from;
        Vec along = to.minus(from).unit();
        return from.along(along, place.minus(from).dot(along));
    }

    private static boolean isArc(Hold hold, Building building) {
        return hold instanceof Hold.OnFace f
                && building.strip(f.wall()) instanceof Strip s
                && !s.axis().isStraight();
    }

    private static List<Vec> first(List<List<Vec>> lines) {
        return lines.isEmpty() ? List.of() : lines.getFirst();
    }

    /** Null where what it holds to has gone, or runs along the string. */
    private @Nullable Held of(Hold hold) {
        return upright == null ? inPlan(hold) : inHeight(hold, upright);
    }

    private @Nullable Held inHeight(Hold hold, Upright shown) {
        if (hold instanceof Hold.AtPoint p) return through(List.of(p.at()), p.at());
        if (hold instanceof Hold.Lost l) return through(List.of(l.at()), l.at());
        Feature feature = Features.of(hold, building);
        List<Vec> seen =
                feature == null ? List.of() : shown.near(feature, line.at(0).x());
        if (seen.isEmpty()) return null;
        if (Tolerance.same(seen.getFirst(), seen.getLast())) return through(seen, seen.getFirst());
        Double along = line.meets(Line.between(seen.getFirst(), seen.getLast()));
        return along == null ? null : through(seen, line.at(along));
    }

    private @Nullable Held inPlan(Hold hold) {
        List<Vec> shown = plan.of(hold);
        if (shown.isEmpty()) return null;
        return switch (hold) {
            case Hold.AtPoint p -> through(shown, p.at());
            case Hold.Lost l -> through(shown, l.at());
            case Hold.AtCorner c -> through(shown, shown.getFirst());
            case Hold.OnFace f -> onFace(f, shown);
            case Hold.OnPiece p -> onPiece(shown);
            case Hold.AtJamb j -> onSetOutLine(j.opening(), shown);
            case Hold.AtCentre c -> onSetOutLine(c.opening(), shown);
            case Hold.OnGrid g -> onPiece(shown);
            case Hold.OnFitting f -> onPiece(shown);
            case Hold.AtFittingCorner f -> through(shown, shown.getFirst());
            case Hold.AtRiser r -> onPiece(shown);
            case Hold.BesideFlight b -> onPiece(shown);
            case Hold.AtLevel l -> null;
        };
    }

    private @Nullable Held onFace(Hold.OnFace face, List<Vec> shown) {
        Strip strip = building.strip(face.wall());
        Vec met = strip == null ? null : onFace(strip, strip.offsetOfFace(face.face()));
        return met == null ? null : through(shown, met);
    }

    /** Where the string's line meets a face; of an arc, the part that stands. */
    private @Nullable Vec onFace(Strip strip, double t) {
        Track face = strip.axis().track().shiftedLeft(t);
        if (face == null) return null;
        for (Vec met : Track.meetings(line, face)) {
            double s = strip.axis().s(met);
            if (strip.axis().isStraight() || s >= 0 && s <= strip.length()) return met;
        }
        return null;
    }

    private @Nullable Held onPiece(List<Vec> side) {
        if (Tolerance.same(side.getFirst(), side.getLast())) return null;
        Double along = line.meets(Line.between(side.getFirst(), side.getLast()));
        return along == null ? null : through(side, line.at(along));
    }

    /** Measured where a line across a wall meets the wall's own. */
    private @Nullable Held onSetOutLine(ElementId opening, List<Vec> across) {
        Strip strip =
                building.strip(building.model().get(opening, Opening.class).wall());
        if (strip == null) return null;
        double low = strip.lo(), in = -low / (strip.hi() - low);
        return through(
                across,
                across.getFirst().plus(across.getLast().minus(across.getFirst()).times(in)));
    }

    private Held through(List<Vec> feature, Vec measured) {
        Vec across = line.direction().left();
        double one = feature.getFirst().dot(across), two = feature.getLast().dot(across);
        return new Held(measured.dot(line.direction()), Math.min(one, two), Math.max(one, two));
    }
}
