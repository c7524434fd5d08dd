package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.Refusal;

/**
 * Changes the figure of one part of a dimension string, or the extension line of one point.
 *
 * @param at beside the part, or the point, along the string
 */
public record ReviseFigure(ElementId string, Vec at, To to) implements Edit {

    public sealed interface To {}

    /** Other words in place of what is measured. @param words empty for what is measured */
    public record Saying(String words) implements To {}

    /** The middle of its base line elsewhere. */
    public record Standing(Vec there) implements To {}

    /** Where there is room, as it was. */
    public record Back() implements To {}

    /** The extension line of the nearest point ends here, across the string. */
    public record Reaching(Vec end) implements To {}

    /** The extension line of the nearest point is that of the style. */
    public record AsStyled() implements To {}

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        return new Revision(building).outcome();
    }

    private final class Revision {

        private final Building building;
        private final DimensionString of;
        private final List<Held> points;
        private final OwnParts own;
        private final double place;
        private final double scale;

        Revision(Building building) {
            this.building = building;
            of = building.model().get(string, DimensionString.class);
            points = HeldPoints.along(of, building);
            own = new OwnParts(of, building);
            place = at.dot(of.direction());
            scale = building.model().get(of.drawing(), Drawing.class).scale();
        }

        Outcome outcome() {
            return switch (to) {
                case Saying s -> figure(f -> new OwnPart.Figure(f.from(), f.to(), s.words(), f.place()), "say");
                case Standing s -> figure(f -> new OwnPart.Figure(f.from(), f.to(), f.says(), put(s.there())), "move");
                case Back b ->
                    figure(f -> new OwnPart.Figure(f.from(), f.to(), f.says(), new OwnPart.Found()), "put back");
                case Reaching r -> reach(r.end());
                case AsStyled a -> reach(null);
            };
        }

        private Outcome figure(UnaryOperator<OwnPart.Figure> change, String does) {
            if (of.kind() != DimensionString.Kind.CHAINED)
                return Refusal.because("Only figures of a chain are changed one by one.", string);
            for (int i = 1; i < points.size(); i++) {
                Held from = points.get(i - 1), to = points.get(i);
                if (place < from.position() || place > to.position()) continue;
                OwnPart.Figure known = own.figure(from, to);
                Hold one = hold(from), two = hold(to);
                if (one == null || two == null) continue;
                OwnPart.Figure now =
                        change.apply(known != null ? known : new OwnPart.Figure(one, two, "", new OwnPart.Found()));
                boolean plain = now.says().isEmpty() && now.place() instanceof OwnPart.Found;
                return decided(known, plain ? null : now, does + " a figure");
            }
            return Refusal.because("The string has no part here.", string);
        }

        private OwnPart.Place put(Vec there) {
            for (int i = 1; i < points.size(); i++) {
                double from = points.get(i - 1).position(), to = points.get(i).position();
                if (place < from || place > to) continue;
                double along = there.dot(of.direction()) - (from + to) / 2;
                return new OwnPart.Put(along / scale, there.minus(of.at()).dot(of.up()) / scale);
            }
            return new OwnPart.Found();
        }

        private Outcome reach(@Nullable Vec end) {
            Held nearest = null;
            for (Held h : points)
                if (nearest == null || Math.abs(h.position() - place) < Math.abs(nearest.position() - place))
                    nearest = h;
            Hold hold = nearest == null ? null : hold(nearest);
            if (nearest == null || hold == null) return Refusal.because("The string has no point here.", string);
            OwnPart.Reach known = own.reach(nearest);
            if (end == null) return decided(known, null, "change an extension line");
            double length = Math.abs(end.minus(of.at()).dot(of.direction().left())) / scale;
            return decided(known, new OwnPart.Reach(hold, length), "change an extension line");
        }

        private @Nullable Hold hold(Held held) {
            for (Hold h : of.holds())
                if (HeldPoints.of(h, of, building) instanceof Held there
                        && Tolerance.same(there.position(), held.position())) return h;
            return null;
        }

        private Outcome decided(@Nullable OwnPart was, @Nullable OwnPart is, String words) {
            List<OwnPart> others = new ArrayList<>(of.own());
            if (was != null) others.remove(was);
            if (is != null) others.add(is);
            return Change.to(building.model(), words, List.of(of.deciding(others)), List.of());
        }
    }
}
