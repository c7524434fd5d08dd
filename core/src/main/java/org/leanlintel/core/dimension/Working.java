package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** A plan while strings are found for it: what it tells so far, and what has been proposed. */
final class Working {

    final Building building;
    final Drawing drawing;
    final Scheme scheme;
    final Ways ways;
    final Clutter clutter;
    final List<Told> told;
    final Area outline;
    /** The walls round the storey. */
    private final Set<ElementId> shell = new HashSet<>();

    private final List<ProposedString> proposed = new ArrayList<>();
    private final List<ElementId> refined = new ArrayList<>();

    Working(Building building, ElementId plan, Scheme scheme) {
        this.building = building;
        this.scheme = scheme;
        drawing = building.model().get(plan, Drawing.class);
        ways = Ways.of(drawing.storey(), building);
        clutter = Clutter.of(building, drawing);
        told = SetOutCheck.told(building, plan);
        outline = Rooms.in(building).outline(drawing.storey());
        for (List<Vec> ring : outline.rings())
            for (int i = 1; i < ring.size(); i++)
                for (Told t : told.subList(0, 2))
                    for (int face : t.facesAlong(ring.get(i - 1), ring.get(i)))
                        shell.add(t.lines().get(face).element());
    }

    double scale() {
        return drawing.scale();
    }

    List<ProposedString> proposed() {
        return List.copyOf(proposed);
    }

    /** What is told along one of the two main ways. */
    Told along(boolean first) {
        return told.get(first ? 0 : 1);
    }

    /** What is told along the other of the two main ways. */
    Told square(Told of) {
        return along(of != along(true));
    }

    /** The line of a wall that the scheme goes to in place of one of its finished faces. */
    int byScheme(int line, Told of, Scheme.Walls goesTo) {
        if (!(of.lines().get(line).hold() instanceof Hold.OnFace f) || f.face() < 0) return line;
        Wall wall = building.model().get(f.wall(), Wall.class);
        BuildUp buildUp = building.model().get(wall.buildUp(), BuildUp.class);
        return switch (goesTo) {
            case FINISH -> line;
            case STRUCTURE -> {
                int structure = f.face() == 0 ? buildUp.structureFrom() : buildUp.structureTo();
                yield found(of.line(new Hold.OnFace(f.wall(), structure)), line);
            }
            case CENTRE ->
                shell.contains(f.wall())
                        ? byScheme(line, of, Scheme.Walls.STRUCTURE)
                        : found(of.line(new Hold.OnFace(f.wall(), Hold.OnFace.CENTRE_LINE)), line);
        };
    }

    private static int found(@Nullable Integer line, int otherwise) {
        return line == null ? otherwise : line;
    }

    /** The lines of a wall's openings that the scheme goes to, whose middles lie between two positions. */
    List<Integer> openingsOf(ElementId wall, Told of, double from, double to) {
        PlanLine.Kind kind = scheme.openings() == Scheme.Openings.EDGES ? PlanLine.Kind.JAMB : PlanLine.Kind.CENTRE;
        List<Integer> lines = new ArrayList<>();
        for (Opening o : building.model().relations().openingsIn(wall))
            for (int i : of.linesOf(o.id())) {
                boolean within =
                        of.position(i) > from - Tolerance.NOMINAL_MM && of.position(i) < to + Tolerance.NOMINAL_MM;
                if (of.lines().get(i).kind() == kind && within) lines.add(i);
            }
        return lines;
    }

    /** Whether a point lies in a wall of the storey. */
    boolean isInAWall(Vec point) {
        for (Strip strip : building.near(point, drawing.storey()))
            if (building.solid(strip.wall().id()) instanceof WallSolid s
                    && s.footprint().covers(point)) return true;
        return false;
    }

    boolean goesThroughAWall(Vec from, Vec to) {
        for (Strip strip : building.along(from, to, drawing.storey()))
            if (building.solid(strip.wall().id()) instanceof WallSolid s
                    && !s.footprint().inside(List.of(List.of(from, to))).isEmpty()) return true;
        return false;
    }

    ElementId wallOf(ElementId opening) {
        return building.model().get(opening, Opening.class).wall();
    }

    /** The ends of a wall that stand at corners, as lines of what is told. */
    List<Integer> endsOf(ElementId wall, Told of) {
        List<Integer> ends = new ArrayList<>();
        for (End end : End.values())
            if (building.model().get(wall, Wall.class).at(end) instanceof WallEnd.AtCorner c
                    && of.line(new Hold.AtCorner(c.corner())) instanceof Integer line) ends.add(line);
        return ends;
    }

    /** In their order along, each place once. */
    List<Integer> inOrder(List<Integer> lines, Told of) {
        List<Integer> ordered = new ArrayList<>(lines);
        ordered.sort(Comparator.comparingDouble(of::position));
        Set<Integer> places = new HashSet<>();
        List<Integer> once = new ArrayList<>();
        for (int line : ordered) {
            boolean apart = once.isEmpty() || of.position(line) - of.position(once.getLast()) > Tolerance.NOMINAL_MM;
            if (apart && places.add(of.placeOf(line))) once.add(line);
        }
        return once;
    }

    /** Whether each two neighbours of a row are the ends of a part of one of some strings. */
    static boolean isTold(List<Integer> lines, Told of, List<Chain> by) {
        for (int i = 1; i < lines.size(); i++) {
            int one = of.placeOf(lines.get(i - 1)), two = of.placeOf(lines.get(i));
            if (by.stream().noneMatch(c -> c.hasPart(one, two, of))) return false;
        }
        return true;
    }

    /** The places of a row. */
    static Set<Integer> places(List<Integer> lines, Told of) {
        Set<Integer> places = new LinkedHashSet<>();
        for (int line : lines) places.add(of.placeOf(line));
        return places;
    }

    /** Proposes a string through lines. @param acrossMm where its line is to lie, across its direction */
    void propose(List<Integer> lines, Told of, double acrossMm) {
        Vec at = of.direction().left().times(acrossMm).along(of.direction(), of.position(lines.getFirst()));
        List<Hold> holds = lines.stream().map(i -> of.lines().get(i).hold()).toList();
        proposed.add(new ProposedString(null, of.direction(), at, holds));
        tell(lines, of, new Chain(List.copyOf(lines), acrossMm, null));
    }

    /** Proposes that a string that is there gains points. */
    void extend(DimensionString string, List<Integer> lines, Told of) {
        List<Hold> holds = new ArrayList<>(string.holds());
        Set<Integer> has = new HashSet<>();
        for (Chain c : of.chains()) if (c.string() == string) has.addAll(c.places(of));
        for (int line : lines)
            if (!has.contains(of.placeOf(line))) holds.add(of.lines().get(line).hold());
        proposed.add(new ProposedString(string, string.direction(), string.at(), holds));
        refined.add(string.id());
        tell(
                lines,
                of,
                new Chain(List.copyOf(lines), string.at().dot(of.direction().left()), string));
    }

    boolean isRefined(DimensionString string) {
        return refined.contains(string.id());
    }

    private void tell(List<Integer> lines, Told of, Chain chain) {
        of.add(chain);
        for (int i = 1; i < lines.size(); i++) of.link(lines.get(i - 1), lines.get(i), "", drawing.id());
    }
}
