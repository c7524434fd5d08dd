package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Whether a builder can set a plan out from what it says: from its strings, from the thicknesses of build-ups and the widths
 * of openings whose marks it shows, from lines that are seen to be in line, and from what stands already.
 */
public final class SetOutCheck {

    /** Of a drawing that is a plan. */
    public record Of(ElementId drawing) implements Key<SetOutReport> {
        @Override
        public SetOutReport from(Reads reads) {
            return of(Building.in(reads), drawing);
        }
    }

    /** On paper: a point this near to a line looks as if it told of it. */
    private static final double LOOKS_SAME_MM = 0.35;

    private final Building building;
    private final Drawing drawing;
    private final Lens lens;
    private final Ways ways;
    private final PlanLines lines;
    private final List<DimensionString> strings;
    private final List<Told> told = new ArrayList<>();
    private final List<SetOutReport.Misread> misread = new ArrayList<>();
    private final List<SetOutReport.Twice> twice = new ArrayList<>();

    private SetOutCheck(Building building, ElementId plan) {
        this.building = building;
        drawing = building.model().get(plan, Drawing.class);
        lens = building.model().get(drawing.lens(), Lens.class);
        ways = Ways.of(drawing.storey(), building);
        lines = new PlanLines(building, drawing, ways);
        strings = building.model().all(DimensionString.class).stream()
                .filter(s ->
                        drawing.shows(s, building.model()) && lens.of(s.layer(), drawing.scale()) != Lens.Shown.HIDDEN)
                .toList();
        for (Vec way : ways.both()) found(way, PlanLine::stands, true);
        for (Vec way : slanting()) found(way, l -> l.stands() || isKnown(l), false);
    }

    static SetOutReport of(Building building, ElementId plan) {
        SetOutCheck check = new SetOutCheck(building, plan);
        return SetOutReport.of(check.told, check.misread, check.twice, check.lines.unjudged());
    }

    /** What is told in each direction of a plan, the two main ones first. */
    static List<Told> told(Building building, ElementId plan) {
        return new SetOutCheck(building, plan).told;
    }

    private void found(Vec way, Predicate<PlanLine> known, boolean orDatum) {
        Told here = new Told(
                way, lines.all().stream().filter(l -> l.isMeasuredAlong(way)).toList());
        thicknesses(here);
        widths(here);
        ToldTwice both = new ToldTwice();
        for (DimensionString s : strings)
            if (Math.abs(s.direction().cross(way)) <= Tolerance.PARALLEL_SINE) string(s, here, both);
        twice.addAll(both.found());
        here.find(known, orDatum);
        told.add(here);
    }

    /** A wall whose build-up shows its mark is as thick as its schedule says. */
    private void thicknesses(Told here) {
        if (!lens.marks().contains(Lens.MarkOf.BUILD_UPS)) return;
        Map<ElementId, Integer> first = new HashMap<>();
        for (int i = 0; i < here.lines().size(); i++) {
            if (!(here.lines().get(i).hold() instanceof Hold.OnFace f)) continue;
            Integer other = first.putIfAbsent(f.wall(), i);
            if (other == null) continue;
            Wall wall = building.model().get(f.wall(), Wall.class);
            String mark = building.model().get(wall.buildUp(), BuildUp.class).mark();
            here.link(other, i, "the plies of %s (build-up %s)".formatted(wall.mark(), mark), wall.id());
        }
    }

    /** An opening whose mark shows is as wide as its schedule says; its middle is in the middle of its edges. */
    private void widths(Told here) {
        Map<ElementId, List<Integer>> edges = new HashMap<>();
        for (int i = 0; i < here.lines().size(); i++)
            if (here.lines().get(i).kind() == PlanLine.Kind.JAMB
                    || here.lines().get(i).kind() == PlanLine.Kind.CENTRE)
                edges.computeIfAbsent(here.lines().get(i).element(), e -> new ArrayList<>())
                        .add(i);
        edges.forEach((id, of) -> {
            Opening o = building.model().get(id, Opening.class);
            Lens.MarkOf mark = o.kind() instanceof Opening.Window ? Lens.MarkOf.WINDOWS : Lens.MarkOf.DOORS;
            if (!lens.marks().contains(mark)) return;
            for (int i = 1; i < of.size(); i++)
                here.link(of.getFirst(), of.get(i), "the width of " + o.mark() + " in its schedule", id);
        });
    }

    private void string(DimensionString string, Told here, ToldTwice both) {
        List<Point> points = new ArrayList<>();
        for (Hold hold : string.holds())
            if (HeldPoints.of(hold, string, building) instanceof Held held)
                points.add(new Point(held, line(hold, held, string, here)));
        List<Held> along = HeldPoints.along(string, building);
        List<@Nullable Integer> lines = new ArrayList<>();
        for (Held held : along) lines.add(at(held, points));
        here.add(new Chain(lines, string.at().dot(here.direction().left()), string));
        LengthPrinter lengths = FigureWords.of(string, building.model()).first();
        List<StringParts.Part> parts = StringParts.of(along, string.direction(), lengths);
        List<@Nullable Integer> places = new ArrayList<>();
        for (Integer line : lines) places.add(line == null ? null : here.placeOf(line));
        if (!parts.isEmpty()) both.add(string, places, parts, lengths);
        for (StringParts.Part part : parts) {
            Integer from = at(part.from(), points), to = at(part.to(), points);
            if (from == null || to == null) continue;
            here.link(from, to, lengths.print(part.saidMm()), string.id());
            double sign = Math.signum(string.direction().dot(here.direction()));
            double really = (here.position(to) - here.position(from)) * sign;
            if (Math.abs(really - part.saidMm()) > lengths.stepMm() + Tolerance.NOMINAL_MM)
                misread.add(new SetOutReport.Misread(
                        string.id(), lengths.print(part.saidMm()), lengths.print(really), middle(string, part)));
        }
    }

    private static Vec middle(DimensionString string, StringParts.Part part) {
        return string.at().along(string.direction(), part.middle() - string.at().dot(string.direction()));
    }

    /** A point of a string and the line it tells of; null for none. */
    private record Point(Held held, @Nullable Integer line) {}

    /** The line that a point of a string tells of, by any of the holds that lie there. */
    private static @Nullable Integer at(Held held, List<Point> points) {
        for (Point p : points)
            if (p.line() != null && Tolerance.same(p.held().position(), held.position())) return p.line();
        return null;
    }

    /**
     * The line that a hold is of; a bare point is read as the line it lies on, or looks as if it did, and what this plan does not
     * look for, as things of other storeys, as the line it lies in.
     */
    private @Nullable Integer line(Hold hold, Held held, DimensionString string, Told here) {
        Integer known = here.line(hold);
        if (known != null) return known;
        double near = InPlan.isPoint(hold) ? LOOKS_SAME_MM * drawing.scale() : Tolerance.NOMINAL_MM, least = near;
        double sign = Math.signum(string.direction().dot(here.direction()));
        double position = held.position() * sign, one = held.reachFrom() * sign, other = held.reachTo() * sign;
        Integer best = null;
        for (int i = 0; i < here.lines().size(); i++) {
            double off = Math.abs(here.position(i) - position);
            boolean beside = Math.max(one, other) >= here.low(i) - near && Math.min(one, other) <= here.high(i) + near;
            if (beside && (off < least || best == null && off <= least)) {
                best = i;
                least = off;
            }
        }
        return best;
    }

    /** A point found both ways, and the faces of a wall between two of them. */
    private boolean isKnown(PlanLine line) {
        if (line.kind() == PlanLine.Kind.POINT) return isFoundBothWays(line.hold());
        if (!(line.hold() instanceof Hold.OnFace f)) return false;
        Wall wall = building.model().get(f.wall(), Wall.class);
        return wall.start() instanceof WallEnd.AtCorner a
                && wall.end() instanceof WallEnd.AtCorner b
                && isFoundBothWays(new Hold.AtCorner(a.corner()))
                && isFoundBothWays(new Hold.AtCorner(b.corner()));
    }

    private boolean isFoundBothWays(Hold point) {
        for (Told t : told.subList(0, 2)) {
            Integer line = t.line(point);
            if (line == null || !t.isFound(line)) return false;
        }
        return true;
    }

    /** The directions, along and square, of walls that run along neither of the main two. */
    private List<Vec> slanting() {
        List<Vec> found = new ArrayList<>();
        for (PlanLine l : lines.all()) {
            if (l.kind() != PlanLine.Kind.FACE) continue;
            Vec along = l.to().minus(l.from());
            if (Tolerance.same(along, Vec.ORIGIN) || ways.isSquare(along.unit())) continue;
            for (Vec d : List.of(along.unit(), along.unit().left()))
                if (found.stream().noneMatch(f -> Math.abs(f.cross(d)) <= Tolerance.PARALLEL_SINE)) found.add(d);
        }
        return found;
    }
}
