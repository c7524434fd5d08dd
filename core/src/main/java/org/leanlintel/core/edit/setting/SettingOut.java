package org.leanlintel.core.edit.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.sound.PlacingSoundness;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;

/** How a builder would set something out along its wall: the distances that say where it is, and the rules it could have. */
public final class SettingOut {

    /** How far before a wall's face the distances to edges are shown, and those to the centre further out. */
    private static final double EDGES_OFF_MM = 250, CENTRE_OFF_MM = 500;

    /**
     * A distance to a neighbour.
     *
     * @param placing the rule that keeps it
     * @param beyondMm how far past the rule's stop it is measured from, 0 where from the stop itself
     * @param from where it is shown from, on the neighbour's line
     * @param words what it is from and to
     */
    public record Measure(Placing.Off placing, double beyondMm, double mm, Vec from, Vec to, String words) {

        /** The rule that makes it so many millimetres. */
        public Placing.Off at(double typedMm) {
            return placing.at(beyondMm + typedMm);
        }
    }

    /** A rule a thing could have, in words. */
    public record Choice(Placing placing, String words) {}

    /**
     * @param wall along which it lies
     * @param rule the rule it has, in words
     * @param measures to its neighbours: to its edges, then to its middle
     * @param choices other rules
     */
    public record Answer(ElementId wall, String rule, Placing placing, List<Measure> measures, List<Choice> choices) {

        Answer and(List<Measure> more) {
            List<Measure> all = new ArrayList<>(measures);
            all.addAll(more);
            return new Answer(wall, rule, placing, all, choices);
        }
    }

    /** The measure to the edge from the nearer neighbour. */
    public static final int NEARER = -1;

    private static final int LAST = 9;

    private SettingOut() {}

    public static void checkMeasure(int measure) {
        if (measure < NEARER || measure > LAST) throw new Unusable("There is no measure " + measure + " to type for.");
    }

    /** One of those that {@link #measures} gives. */
    public static Measure chosen(List<Measure> measures, int which) {
        if (which >= measures.size()) throw new Unusable("There is no such distance here any more.");
        if (which != NEARER) return measures.get(which);
        return measures.get(1).mm() < measures.get(0).mm() ? measures.get(1) : measures.get(0);
    }

    /** Of an opening, or a fitting on a wall; null for anything else. @param of which faces are measured to */
    public static @Nullable Answer of(Building building, ElementId thing, Stop.Of of) {
        Model model = building.model();
        if (model.find(thing, Opening.class) instanceof Opening o
                && building.solid(o.wall()) instanceof WallSolid solid
                && span(solid, o) instanceof Span span)
            return answer(model, solid, o.placing(), side(solid, o.placing()), of, span, by -> isFree(by, o, model));
        boolean seated = model.find(thing, Fitting.class) instanceof Fitting f && f.seat() instanceof Fitting.OnWall;
        if (!seated) return null;
        Fitting f = model.get(thing, Fitting.class);
        Fitting.OnWall seat = (Fitting.OnWall) f.seat();
        WallSolid solid = building.solid(seat.wall());
        Span span = solid == null ? null : solid.place(seat.placing(), f.widthMm());
        return solid == null || span == null
                ? null
                : answer(model, solid, seat.placing(), seat.side(), of, span, by -> false)
                        .and(FittingNeighbours.measures(
                                building, solid, seat.side(), span, f.depthMm(), f.storey(), thing));
    }

    /** Whether an opening may be set out by another: not by itself, nor by one that goes by it. */
    private static boolean isFree(PlacedOpening by, Opening opening, Model model) {
        ElementId other = by.opening().id();
        return !other.equals(opening.id()) && !PlacingSoundness.goesBy(by.opening(), opening.id(), model);
    }

    private static @Nullable Span span(WallSolid solid, Opening o) {
        PlacedOpening placed = solid.opening(o.id());
        return placed == null ? null : new Span(placed.from(), placed.to(), null);
    }

    /** The side a rule measures on; else the inside of the wall. */
    private static Side side(WallSolid solid, Placing placing) {
        Stop stop =
                switch (placing) {
                    case Placing.Off off -> off.stop();
                    case Placing.Between b -> b.one();
                    case Placing.InLine l -> null;
                };
        if (stop instanceof Stop.WallsEnd e) {
            for (Side side : Side.values())
                for (Stop.Of of : Stop.Of.values()) if (Stop.Line.of(side, of) == e.line()) return side;
        }
        if (stop instanceof Stop.AtWall w)
            for (Side side : Side.values())
                for (WallSolid.Standing s : solid.wallsStanding(side, Stop.Of.FINISH))
                    if (s.wall().equals(w.wall())) return side;
        return solid.strip().wall().outside().other();
    }

    private static Answer answer(
            Model model,
            WallSolid solid,
            Placing placing,
            Side side,
            Stop.Of of,
            Span span,
            Predicate<PlacedOpening> openings) {
        List<Measure> measures = new ArrayList<>();
        for (Measure m : measures(solid, side, of, span, openings)) measures.add(named(m, model));
        List<Choice> choices = new ArrayList<>();
        for (Measure m : measures) choices.add(new Choice(m.placing(), m.words()));
        double middle = (span.from() + span.to()) / 2;
        for (Aim.In in : Aim.In.values()) {
            Placing centred = in == Aim.In.GAP
                    ? centredClear(solid, side, of, span, openings)
                    : centred(solid, side, of, middle, in);
            choices.add(new Choice(centred, "In the middle of the " + word(in)));
        }
        return new Answer(solid.strip().wall().id(), rule(placing, model), placing, measures, choices);
    }

    /** Itself is no neighbour. */
    private static Placing centredClear(
            WallSolid solid, Side side, Stop.Of of, Span span, Predicate<PlacedOpening> openings) {
        Setting there = Setting.at(solid, side, of, span.from(), span.to(), openings);
        return new Placing.Between(there.lower(), there.higher(), 1, 1);
    }

    private static String word(Aim.In in) {
        return switch (in) {
            case WALL -> "wall";
            case ROOM -> "room";
            case GAP -> "gap it is in";
        };
    }

    private static Measure named(Measure m, Model model) {
        String to = m.placing().to() == Placing.Edge.CENTRE ? ", to the middle" : "";
        return new Measure(
                m.placing(),
                m.beyondMm(),
                m.mm(),
                m.from(),
                m.to(),
                "From " + words(m.placing().stop(), model) + to);
    }

    /** To the nearer edge from either neighbour, then to the middle from either. @param openings whether these count */
    public static List<Measure> measures(
            WallSolid solid, Side side, Stop.Of of, Span span, Predicate<PlacedOpening> openings) {
        Setting there = Setting.at(solid, side, of, span.from(), span.to(), openings);
        List<Measure> measures = new ArrayList<>();
        double middle = (span.from() + span.to()) / 2;
        measures.add(measure(solid, side, there.lower(), Placing.Edge.NEAR, there.low(), span.from()));
        measures.add(measure(solid, side, there.higher(), Placing.Edge.NEAR, there.high(), span.to()));
        measures.add(measure(solid, side, there.lower(), Placing.Edge.CENTRE, there.low(), middle));
        measures.add(measure(solid, side, there.higher(), Placing.Edge.CENTRE, there.high(), middle));
        return measures;
    }

    private static Measure measure(WallSolid solid, Side side, Stop stop, Placing.Edge to, double from, double until) {
        Strip strip = solid.strip();
        double face = side == Side.LEFT ? strip.hi() : strip.lo();
        double t = face + side.sign() * (to == Placing.Edge.NEAR ? EDGES_OFF_MM : CENTRE_OFF_MM);
        double mm = Math.abs(until - from);
        return new Measure(new Placing.Off(stop, to, mm), 0, mm, strip.at(from, t), strip.at(until, t), "");
    }

    static Placing centred(WallSolid solid, Side side, Stop.Of of, double at, Aim.In in) {
        Stop.Line line = Stop.Line.of(side, of);
        if (in == Aim.In.WALL)
            return new Placing.Between(new Stop.WallsEnd(End.START, line), new Stop.WallsEnd(End.END, line), 1, 1);
        Setting there = Setting.at(solid, side, of, at, at, in == Aim.In.GAP);
        return new Placing.Between(there.lower(), there.higher(), 1, 1);
    }

    /** A rule in words. */
    public static String rule(Placing placing, Model model) {
        LengthPrinter lengths = LengthPrinter.ofScreen(model.settings().units());
        return switch (placing) {
            case Placing.Off off ->
                "%s from %s to its %s"
                        .formatted(
                                lengths.print(off.distanceMm()),
                                words(off.stop(), model),
                                switch (off.to()) {
                                    case NEAR -> "nearer edge";
                                    case CENTRE -> "middle";
                                    case FAR -> "farther edge";
                                });
            case Placing.Between b ->
                "%s between %s and %s"
                        .formatted(
                                b.of() == 1 ? "Centred" : "Number %d of %d equally spaced".formatted(b.place(), b.of()),
                                words(b.one(), model),
                                words(b.two(), model));
            case Placing.InLine l -> "In line with " + mark(model, l.opening());
        };
    }

    private static String words(Stop stop, Model model) {
        return switch (stop) {
            case Stop.WallsEnd e ->
                "the wall's %s%s"
                        .formatted(
                                e.end() == End.START ? "start" : "end",
                                switch (e.line()) {
                                    case SET_OUT -> "";
                                    case LEFT_FINISH, RIGHT_FINISH -> ", finished corner";
                                    case LEFT_STRUCTURE, RIGHT_STRUCTURE -> ", corner of structure";
                                });
            case Stop.AtWall w -> mark(model, w.wall()) + (w.of() == Stop.Of.FINISH ? "" : ", structure");
            case Stop.AtOpening o -> mark(model, o.opening());
        };
    }

    private static String mark(Model model, ElementId id) {
        if (model.find(id, Wall.class) instanceof Wall w) return w.mark();
        return model.find(id, Opening.class) instanceof Opening o ? o.mark() : "what is gone";
    }
}
