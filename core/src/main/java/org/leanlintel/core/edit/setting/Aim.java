package org.leanlintel.core.edit.setting;

import java.util.List;
import java.util.stream.IntStream;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Unusable;

/** How the place of something along a wall is meant: by a rule, or from where the pointer is. */
public sealed interface Aim {

    /** By a rule as it stands. */
    record By(Placing placing) implements Aim {}

    /** Where the pointer is, from the nearer neighbour. */
    record Pointed(Vec at, Side side, Stop.Of of) implements Aim {}

    /**
     * At a typed distance.
     *
     * @param measure which of those that {@link SettingOut} gives at the pointer, or {@link SettingOut#NEARER}
     */
    record Typed(Vec at, Side side, Stop.Of of, int measure, double mm) implements Aim {
        public Typed {
            SettingOut.checkMeasure(measure);
        }
    }

    /** In the middle of what the pointer is in. */
    record Centred(Vec at, Side side, Stop.Of of, In in) implements Aim {}

    /** At a distance from the nearest wall beside it, to leave room for a lining and a handle. */
    record StandOff(Vec at, Side side, Stop.Of of, double mm) implements Aim {}

    /** In line with another opening. */
    record InLineWith(ElementId opening) implements Aim {}

    /** Several with equal gaps, in the room the pointer is in. */
    record Spaced(Vec at, Side side, Stop.Of of, int count) implements Aim {
        public Spaced {
            if (count < 1 || count > 50) throw new Unusable("1 to 50 can be spaced equally, not " + count + ".");
        }
    }

    /** What a thing is centred in. */
    enum In {
        /** The whole wall, between its inside corners. */
        WALL,
        /** Between the walls that stand on it, on the pointer's side. */
        ROOM,
        /** Between the nearest walls or openings. */
        GAP
    }

    /** The rules of what is placed, one for each thing. */
    default List<Placing> placings(WallSolid solid, double widthMm, Model model) {
        return switch (this) {
            case By by -> List.of(by.placing());
            case Pointed p -> List.of(pointed(p, solid, widthMm, model));
            case Typed t -> List.of(typed(t, solid, widthMm));
            case Centred c -> List.of(centred(c, solid));
            case StandOff s -> List.of(standOff(s, solid));
            case InLineWith l -> List.of(new Placing.InLine(l.opening()));
            case Spaced s -> spaced(s, solid);
        };
    }

    private static Placing pointed(Pointed p, WallSolid solid, double widthMm, Model model) {
        double middle = solid.strip().axis().s(p.at());
        Setting there = Setting.at(solid, p.side(), p.of(), middle, middle, true);
        LengthPrinter lengths = LengthPrinter.ofDrawings(model.settings().units());
        double before = middle - widthMm / 2 - there.low(), behind = there.high() - middle - widthMm / 2;
        return before <= behind
                ? new Placing.Off(there.lower(), Placing.Edge.NEAR, Math.max(0, lengths.rounded(before)))
                : new Placing.Off(there.higher(), Placing.Edge.NEAR, Math.max(0, lengths.rounded(behind)));
    }

    private static Placing typed(Typed t, WallSolid solid, double widthMm) {
        double middle = solid.strip().axis().s(t.at());
        Span there = new Span(middle - widthMm / 2, middle + widthMm / 2, null);
        List<SettingOut.Measure> measures = SettingOut.measures(solid, t.side(), t.of(), there, o -> true);
        return SettingOut.chosen(measures, t.measure()).at(t.mm());
    }

    private static Placing centred(Centred c, WallSolid solid) {
        double s = solid.strip().axis().s(c.at());
        return SettingOut.centred(solid, c.side(), c.of(), s, c.in());
    }

    private static Placing standOff(StandOff o, WallSolid solid) {
        double s = solid.strip().axis().s(o.at());
        Setting there = Setting.at(solid, o.side(), o.of(), s, s, false);
        Stop nearer = s - there.low() <= there.high() - s ? there.lower() : there.higher();
        return new Placing.Off(nearer, Placing.Edge.NEAR, o.mm());
    }

    private static List<Placing> spaced(Spaced spaced, WallSolid solid) {
        double s = solid.strip().axis().s(spaced.at());
        Setting there = Setting.at(solid, spaced.side(), spaced.of(), s, s, false);
        return IntStream.rangeClosed(1, spaced.count())
                .<Placing>mapToObj(i -> new Placing.Between(there.lower(), there.higher(), i, spaced.count()))
                .toList();
    }
}
