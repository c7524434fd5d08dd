package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** The lines of a plan that a builder has to find, and those that help to find them: what stands when the work is done. */
final class PlanLines {

    /** What of a line a frame shows at least, for it to be looked for. */
    private static final double SEEN_MM = 10;

    private final Building building;
    private final Lens lens;
    private final double scale;
    private final InPlan plan;
    private final Ways ways;
    private final List<PlanLine> lines = new ArrayList<>();
    private final Set<ElementId> points = new LinkedHashSet<>();
    private int unjudged;

    PlanLines(Building building, Drawing drawing, Ways ways) {
        this.building = building;
        this.ways = ways;
        lens = building.model().get(drawing.lens(), Lens.class);
        scale = drawing.scale();
        plan = InPlan.of(drawing, building);
        for (Wall w : building.model().relations().wallsOf(drawing.storey())) wall(w);
        for (Post p : building.model().relations().postsOf(drawing.storey()))
            if (shows(p, p.state())) sides(p.id(), "post " + p.mark(), 4, p.state());
        for (Stair s : building.model().all(Stair.class)) if (s.storey().equals(drawing.storey())) stair(s);
        for (GridLine l : building.model().all(GridLine.class)) grid(l);
        lines.replaceAll(l -> isPale(l) ? l.known() : l);
        if (drawing.frame() instanceof Drawing.Part part) {
            Area frame = Area.of(part.ring());
            List<PlanLine> whole = List.copyOf(lines);
            lines.clear();
            for (PlanLine l : whole) addSeen(l, frame);
        }
    }

    /** What is pale stands there for what is not: it may be told, but nobody builds it from this plan. */
    private boolean isPale(PlanLine line) {
        Element of = building.model().find(line.element());
        if (of instanceof Opening o) of = building.model().find(o.wall());
        return of instanceof OnLayer on && lens.of(on.layer(), scale) == Lens.Shown.FAINT;
    }

    /** As far as a frame shows of it. */
    private void addSeen(PlanLine line, Area frame) {
        if (line.isPoint()) {
            if (frame.covers(line.from())) lines.add(line);
            return;
        }
        for (List<Vec> part : frame.inside(List.of(List.of(line.from(), line.to()))))
            if (part.getFirst().distanceTo(part.getLast()) > SEEN_MM) {
                lines.add(line.between(part.getFirst(), part.getLast()));
                return;
            }
    }

    List<PlanLine> all() {
        return lines;
    }

    /** How many walls and stairs it cannot judge: curved ones, and walls at an angle that end on another's side. */
    int unjudged() {
        return unjudged;
    }

    private boolean shows(OnLayer thing, WorkState state) {
        Lens.StateLook look = lens.states().get(state);
        return state != WorkState.REMOVED
                && (look == Lens.StateLook.FULL || look == Lens.StateLook.GREY)
                && lens.of(thing.layer(), scale) != Lens.Shown.HIDDEN;
    }

    private void wall(Wall wall) {
        if (!shows(wall, wall.state()) || !(building.solid(wall.id()) instanceof WallSolid solid)) return;
        boolean square = ways.isSquare(solid.strip().axis().directionAt(0));
        boolean onSide = wall.start() instanceof WallEnd.OnSide || wall.end() instanceof WallEnd.OnSide;
        if (!wall.isStraight() || !square && onSide) {
            unjudged++;
            return;
        }
        BuildUp buildUp = solid.strip().buildUp();
        int plies = buildUp.plies().size();
        face(solid, 0, PlanLine.Kind.FACE);
        face(solid, plies, PlanLine.Kind.FACE);
        if (buildUp.structureFrom() > 0) face(solid, buildUp.structureFrom(), PlanLine.Kind.INNER);
        if (buildUp.structureTo() < plies) face(solid, buildUp.structureTo(), PlanLine.Kind.INNER);
        face(solid, Hold.OnFace.SET_OUT_LINE, PlanLine.Kind.INNER);
        face(solid, Hold.OnFace.CENTRE_LINE, PlanLine.Kind.INNER);
        for (End end : End.values()) end(solid, end, square);
        for (PlacedOpening o : solid.openings()) opening(solid, o);
        for (WallPiece p : building.model().relations().piecesOn(wall.id()))
            if (!(p.make() instanceof WallPiece.Lined) && shows(p, p.state()))
                sides(p.id(), p.noun() + " " + p.mark(), 3, p.state());
    }

    /** Where it begins, and the sides of its first flight; the rest follows from its own drawing. */
    private void stair(Stair stair) {
        if (!shows(stair, stair.state())) return;
        if (!(stair.shape() instanceof Stair.Flights)) {
            unjudged++;
            return;
        }
        List<Hold> holds = List.of(
                new Hold.AtRiser(stair.id(), 1),
                new Hold.BesideFlight(stair.id(), 0, Side.LEFT),
                new Hold.BesideFlight(stair.id(), 0, Side.RIGHT));
        for (Hold hold : holds) {
            List<Vec> shown = plan.of(hold);
            if (shown.size() < 2 || Tolerance.same(shown.getFirst(), shown.getLast())) continue;
            lines.add(new PlanLine(
                    hold,
                    stair.id(),
                    (hold instanceof Hold.AtRiser ? "first riser of " : "side of ") + stair.mark(),
                    PlanLine.Kind.SIDE,
                    shown.getFirst(),
                    shown.getLast(),
                    true,
                    stair.state() == WorkState.EXISTING));
        }
    }

    private void grid(GridLine line) {
        if (lens.of(line.layer(), scale) == Lens.Shown.HIDDEN) return;
        lines.add(new PlanLine(
                new Hold.OnGrid(line.id()),
                line.id(),
                "grid line " + line.mark(),
                PlanLine.Kind.GRID,
                line.from(),
                line.to(),
                false,
                false));
    }

    private void face(WallSolid solid, int face, PlanLine.Kind kind) {
        Strip strip = solid.strip();
        Span seen = face < 0 ? new Span(solid.visible(End.START), solid.visible(End.END), null) : solid.faceSpan(face);
        double t = strip.offsetOfFace(face);
        Wall wall = strip.wall();
        lines.add(new PlanLine(
                new Hold.OnFace(wall.id(), face),
                wall.id(),
                "face of " + wall.mark(),
                kind,
                strip.at(seen.from(), t),
                strip.at(seen.to(), t),
                kind == PlanLine.Kind.FACE,
                wall.state() == WorkState.EXISTING));
    }

    /** The end of a wall that stands free, and both of one at an angle. */
    private void end(WallSolid solid, End end, boolean square) {
        Wall wall = solid.strip().wall();
        if (!(wall.at(end) instanceof WallEnd.AtCorner c)) return;
        boolean free = building.model().relations().endsAt(c.corner()).size() == 1;
        if (square && !free || !points.add(c.corner())) return;
        Vec at = building.model().get(c.corner(), Corner.class).at();
        Strip strip = solid.strip();
        double s = end == End.START ? 0 : strip.length();
        lines.add(new PlanLine(
                new Hold.AtCorner(c.corner()),
                wall.id(),
                "end of " + wall.mark(),
                square ? PlanLine.Kind.SIDE : PlanLine.Kind.POINT,
                square ? strip.at(s, strip.lo()) : at,
                square ? strip.at(s, strip.hi()) : at,
                true,
                wall.state() == WorkState.EXISTING));
    }

    private void opening(WallSolid solid, PlacedOpening placed) {
        Opening opening = placed.opening();
        WorkState state = opening.stateIn(solid.strip().wall());
        if (!shows(opening, state)) return;
        for (End edge : End.values())
            across(opening, new Hold.AtJamb(opening.id(), edge), "edge of ", PlanLine.Kind.JAMB, state);
        across(opening, new Hold.AtCentre(opening.id()), "middle of ", PlanLine.Kind.CENTRE, state);
    }

    private void across(Opening opening, Hold hold, String words, PlanLine.Kind kind, WorkState state) {
        List<Vec> shown = plan.of(hold);
        if (shown.size() < 2) return;
        lines.add(new PlanLine(
                hold,
                opening.id(),
                words + opening.mark(),
                kind,
                shown.getFirst(),
                shown.getLast(),
                kind == PlanLine.Kind.JAMB,
                state == WorkState.EXISTING));
    }

    private void sides(ElementId id, String words, int count, WorkState state) {
        for (int edge = 0; edge < count; edge++) {
            Hold hold = new Hold.OnPiece(id, edge);
            List<Vec> shown = plan.of(hold);
            if (shown.size() == 2 && !Tolerance.same(shown.getFirst(), shown.getLast()))
                lines.add(new PlanLine(
                        hold,
                        id,
                        "side of " + words,
                        PlanLine.Kind.SIDE,
                        shown.getFirst(),
                        shown.getLast(),
                        true,
                        state == WorkState.EXISTING));
        }
    }
}
