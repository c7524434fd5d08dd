package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Edge;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.EndJoint.Cap;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.building.join.RiseLine;
import org.leanlintel.core.building.join.SideJoint;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/**
 * One wall with its ends joined, interrupted by the walls that stand on it, and its openings placed. Two are equal where all
 * that there is of them is, whatever has become of the far ends of walls they meet.
 */
public final class WallSolid {

    private final Strip strip;
    private final StoreySpace space;
    private final RiseLine rise;
    private final EndJoint start;
    private final EndJoint end;
    private final List<SideJoint> standing;
    private final List<PlacedOpening> openings;
    private final List<PlacedPiece> pieces;
    private final List<Slab> slabs;
    private final double visibleStart;
    private final double visibleEnd;
    private final WallBands bands;
    private final Placings placings;
    private final Set<ElementId> lost = new HashSet<>();
    private @Nullable Area footprint;
    private @Nullable Bounds bounds;

    WallSolid(Strip strip, Building building) {
        Model model = building.model();
        Junctions junctions = new Junctions(building);
        this.strip = strip;
        space = building.space(strip.wall().storey());
        rise = new RiseLine(strip, space);
        start = junctions.joint(strip, End.START);
        end = junctions.joint(strip, End.END);
        standing = junctions.standingOn(strip);
        visibleStart = junctions.visibleEnd(strip, End.START);
        visibleEnd = junctions.visibleEnd(strip, End.END);
        placings = new Placings(strip, start, end, visibleStart, visibleEnd, standing);
        List<Opening> all = model.relations().openingsIn(strip.wall().id());
        openings = OpeningPlaces.of(placings, junctions, all, lost);
        bands = new WallBands(this, standing);
        LiningEnds linings = junctions.linings();
        pieces = model.relations().piecesOn(strip.wall().id()).stream()
                .map(p -> PlacedPiece.of(p, strip, stretch(p, linings)))
                .toList();
        slabs = WallPieces.slabs(this, model);
    }

    private WallSolid(
            WallSolid of, List<PlacedOpening> left, List<SideJoint> standingStill, List<PlacedPiece> piecesLeft) {
        strip = of.strip;
        space = of.space;
        rise = of.rise;
        start = of.start;
        end = of.end;
        standing = standingStill;
        visibleStart = of.visibleStart;
        visibleEnd = of.visibleEnd;
        placings = of.placings;
        openings = left;
        bands = new WallBands(this, standing);
        pieces = piecesLeft;
        slabs = of.slabs.stream().filter(s -> piece(s.element()) != null).toList();
    }

    /** The same with some of its openings walled up, and some of the walls and pieces that stand on it taken off. */
    public WallSolid closing(Predicate<Opening> closed, Predicate<InWork> off) {
        List<PlacedOpening> left =
                openings.stream().filter(o -> !closed.test(o.opening())).toList();
        List<SideJoint> still =
                standing.stream().filter(j -> !off.test(j.standingWall())).toList();
        List<PlacedPiece> on = pieces.stream().filter(p -> !off.test(p.piece())).toList();
        boolean same = left.size() == openings.size() && still.size() == standing.size() && on.size() == pieces.size();
        return same ? this : new WallSolid(this, left, still, on);
    }

    private Span stretch(WallPiece piece, LiningEnds linings) {
        Span face = face(piece.side());
        Span drawn = piece.stretch() instanceof WallPiece.Part part
                ? PlacedPiece.stretch(part, visibleStart, visibleEnd)
                : face;
        boolean onFace = drawn.from() >= face.from() - Tolerance.SAME_MM && drawn.to() <= face.to() + Tolerance.SAME_MM;
        if (!(piece.make() instanceof WallPiece.Lined) || !onFace) return drawn;
        double from = face.from() + linings.givesWay(strip, End.START, piece, face.from());
        double to = face.to() - linings.givesWay(strip, End.END, piece, face.to());
        double start = Math.max(drawn.from(), from);
        return new Span(start, Math.max(start, Math.min(drawn.to(), to)), null);
    }

    /** From where to where the wall's face on a side is seen. */
    public Span face(Side side) {
        int ply = side == Side.LEFT ? strip.plies().size() - 1 : 0;
        Edge from = startOf(ply).edge(), to = endOf(ply).edge();
        return side == Side.LEFT ? new Span(from.atHi(), to.atHi(), null) : new Span(from.atLo(), to.atLo(), null);
    }

    /** Its plies, height by height. */
    public WallBands bands() {
        return bands;
    }

    /** What its plies meet beyond both its ends, at an offset from its set-out line. */
    List<Span> beyond(double offset) {
        List<Span> spans = new ArrayList<>(start.beyond().apply(offset));
        spans.addAll(end.beyond().apply(offset));
        return spans;
    }

    public List<PlacedPiece> pieces() {
        return pieces;
    }

    /** Round its set-out line, its plies and what stands against them. */
    public Bounds bounds() {
        Bounds known = bounds;
        if (known != null) return known;
        List<Vec> all = new ArrayList<>(strip.outline());
        Band whole = bands.whole();
        for (int i = 0; i < strip.plies().size(); i++)
            for (PlyRun run : bands.runs(i, whole)) all.addAll(bands.outline(i, run));
        for (Cap cap : caps()) all.addAll(outline(cap));
        for (Slab slab : slabs) all.addAll(outline(slab));
        return bounds = Bounds.of(all);
    }

    /** Openings that were placed from something which is not here any more. */
    public Set<ElementId> lostOpenings() {
        return lost;
    }

    /** Where something of a width lies along it by a rule; null where what that goes by is not here. */
    public @Nullable Span place(Placing placing, double widthMm) {
        return placings.span(placing, widthMm, others());
    }

    /** Where a stop lies along it; null where it is not here. */
    public @Nullable Double place(Stop stop) {
        return placings.at(stop, others());
    }

    private Placings.Others others() {
        return new Placings.Others() {
            @Override
            public @Nullable Span here(ElementId id) {
                PlacedOpening o = opening(id);
                return o == null ? null : new Span(o.from(), o.to(), null);
            }

            @Override
            public @Nullable Vec middle(ElementId id) {
                return null;
            }
        };
    }

    /** The walls that stand on a side of it, where their finished faces or those of their structures meet it. */
    public List<Standing> wallsStanding(Side side, Stop.Of of) {
        List<Standing> found = new ArrayList<>();
        for (SideJoint joint : standing)
            if (joint.onLeft() == (side == Side.LEFT) && joint.standingWall().stays())
                found.add(new Standing(
                        joint.standingWall().id(),
                        Placings.face(joint, End.START, of),
                        Placings.face(joint, End.END, of)));
        return found;
    }

    /** A wall that stands on this one. @param from along this one */
    public record Standing(ElementId wall, double from, double to) {}

    /** All its plies in plan, openings left out. */
    public Area footprint() {
        Area known = footprint;
        return known == null ? footprint = WallBodies.footprint(this) : known;
    }

    /** The piece {@code id} on this wall; null if it is not here. */
    public @Nullable PlacedPiece piece(ElementId id) {
        for (PlacedPiece p : pieces) if (p.piece().id().equals(id)) return p;
        return null;
    }

    /** What the pieces on it amount to. */
    public List<Slab> slabs() {
        return slabs;
    }

    /** What the pieces on it amount to that stand when the work is done. */
    public List<Slab> lastingSlabs() {
        return slabs.stream()
                .filter(s ->
                        piece(s.element()) instanceof PlacedPiece p && p.piece().stays())
                .toList();
    }

    /** Where walls that stand on this one touch its face on a side, at whatever height. */
    public List<Span> standingOn(Side side) {
        return standingOn(side, of -> true);
    }

    private List<Span> standingOn(Side side, Predicate<Rise> counts) {
        List<Span> spans = new ArrayList<>();
        for (SideJoint joint : standing) {
            boolean here = joint.onLeft() == (side == Side.LEFT)
                    && counts.test(joint.standingWall().rise());
            if (here) spans.addAll(joint.touches());
        }
        return spans;
    }

    public Strip strip() {
        return strip;
    }

    public List<PlacedOpening> openings() {
        return openings;
    }

    /** The opening {@code id} in this wall; null if it is not here. */
    public @Nullable PlacedOpening opening(ElementId id) {
        for (PlacedOpening o : openings) if (o.opening().id().equals(id)) return o;
        return null;
    }

    /** From where to where any of its plies goes. */
    public Span reaches() {
        double from = Double.POSITIVE_INFINITY, to = Double.NEGATIVE_INFINITY;
        for (PlyEnd ply : start.plies())
            from = Math.min(from, Math.min(ply.edge().atLo(), ply.edge().atHi()));
        for (PlyEnd ply : end.plies())
            to = Math.max(to, Math.max(ply.edge().atLo(), ply.edge().atHi()));
        return new Span(from, to, null);
    }

    /** From where to where a face between two plies is seen: 0 is the outer face, n the face inside ply n - 1. */
    public Span faceSpan(int face) {
        int ply = Math.min(face, strip.buildUp().plies().size() - 1);
        boolean outside = face == ply;
        boolean outsideOnLeft = strip.wall().outside() == Side.LEFT;
        int i = outsideOnLeft ? strip.plies().size() - 1 - ply : ply;
        boolean hi = outside == outsideOnLeft;
        Edge from = startOf(i).edge(), to = endOf(i).edge();
        return hi ? new Span(from.atHi(), to.atHi(), null) : new Span(from.atLo(), to.atLo(), null);
    }

    /** Where the wall is seen to start or end along its set-out line: openings are placed from there. */
    public double visible(End which) {
        return which == End.START ? visibleStart : visibleEnd;
    }

    public double levelMm() {
        return space.levelMm();
    }

    public PlyEnd startOf(int ply) {
        return start.plies().get(ply);
    }

    public PlyEnd endOf(int ply) {
        return end.plies().get(ply);
    }

    /** Whether it goes further at an end along its outer face than along its inner one. */
    public boolean isOuterCorner(End end) {
        Side outside = strip.wall().outside();
        Span outer = face(outside), inner = face(outside.other());
        return end == End.START ? outer.from() < inner.from() : outer.to() > inner.to();
    }

    /** From here on, along the wall, every ply stands. */
    public double clearFrom() {
        return start.plies().stream()
                .mapToDouble(p -> Math.max(p.edge().atLo(), p.edge().atHi()))
                .max()
                .orElse(0);
    }

    /** Up to here, along the wall, every ply stands. */
    public double clearTo() {
        return end.plies().stream()
                .mapToDouble(p -> Math.min(p.edge().atLo(), p.edge().atHi()))
                .min()
                .orElse(0);
    }

    /** Its storey, between the floors below and above it. */
    public StoreySpace space() {
        return space;
    }

    /** From where to where it rises along its length. */
    public RiseLine rise() {
        return rise;
    }

    /** Of the lowest place of its foot above its storey's level, millimetres. */
    public double footMm() {
        return space.footMm(strip.wall().rise());
    }

    /** Of the highest place of its head above its storey's level, millimetres. */
    public double headMm() {
        return space.headMm(strip.wall().rise());
    }

    /** Whether every ply is longer than its ends are deep. */
    public boolean isLongEnough() {
        for (int i = 0; i < strip.plies().size(); i++) {
            Edge from = startOf(i).edge(), to = endOf(i).edge();
            if (to.atLo() - from.atLo() < Tolerance.SAME_MM || to.atHi() - from.atHi() < Tolerance.SAME_MM)
                return false;
        }
        return true;
    }

    /** A wall attached to the side of this one that would land past the end of a ply it meets; null if none does. */
    public @Nullable PastEnd standingPastAnEnd() {
        for (SideJoint joint : standing) {
            if (!joint.isAttached()) continue;
            double past = 0;
            for (SideJoint.Landing l : joint.landings()) past = Math.max(past, l.past(start, end));
            if (past > Tolerance.SAME_MM) return new PastEnd(joint.standingWall(), past);
        }
        return null;
    }

    /** A wall that lands past an end of this one. @param mm how far it would have to go back */
    public record PastEnd(Wall wall, double mm) {}

    /** A wall that stands on this one between two places along it; null if none does. */
    public @Nullable Wall standingWithin(double from, double to) {
        for (SideJoint joint : standing) {
            for (Span touch : joint.touches()) {
                if (touch.from() < to - Tolerance.SAME_MM && touch.to() > from + Tolerance.SAME_MM)
                    return joint.standingWall();
            }
        }
        return null;
    }

    /** What touches the wall's outermost face on a side, from outside, at a height. */
    public List<Span> outside(Side side, double heightMm) {
        List<Span> spans = standingOn(side, of -> space.isCutAt(of, heightMm - space.levelMm()));
        double t = side == Side.LEFT ? strip.hi() : strip.lo();
        for (EndJoint joint : List.of(start, end))
            if (joint.sides().contains(side)) spans.addAll(joint.beyond().apply(t));
        for (Slab slab : slabs) {
            boolean touches = Tolerance.same(side == Side.LEFT ? slab.lo() : slab.hi(), t);
            if (touches && heightMm >= slab.lowMm() && heightMm < slab.highMm())
                spans.add(new Span(slab.from(), slab.to(), Content.of(slab, strip)));
        }
        return spans;
    }

    /** The linings that return round free ends of this wall. */
    public List<Cap> caps() {
        return Stream.of(start.cap(), end.cap()).filter(Objects::nonNull).toList();
    }

    /** The outline of a slab, counter-clockwise. */
    public List<Vec> outline(Slab slab) {
        return strip.ring(slab.from(), slab.to(), slab.lo(), slab.hi());
    }

    /** The outline of a cap, counter-clockwise. */
    public List<Vec> outline(Cap cap) {
        return strip.ring(cap.from(), cap.to(), cap.lo(), cap.hi());
    }

    /** Everything that stands, foot to head. */
    public List<Body> bodies() {
        return bodies(headMm());
    }

    /** The same, with all that is level carried on past its head. @param topMm above its storey's level */
    public List<Body> bodies(double topMm) {
        return WallBodies.of(this, topMm);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        if (this == other) return true;
        if (!(other instanceof WallSolid s) || !s.strip.equals(strip) || !s.space.equals(space)) return false;
        return s.visibleStart == visibleStart
                && s.visibleEnd == visibleEnd
                && s.openings.equals(openings)
                && s.pieces.equals(pieces)
                && s.slabs.equals(slabs)
                && s.lost.equals(lost)
                && start.isSameFor(strip, s.start)
                && end.isSameFor(strip, s.end)
                && isStoodOnAlike(s);
    }

    private boolean isStoodOnAlike(WallSolid other) {
        if (standing.size() != other.standing.size()) return false;
        for (int i = 0; i < standing.size(); i++)
            if (!standing.get(i).isSameForHost(other.standing.get(i))) return false;
        return true;
    }

    @Override
    public int hashCode() {
        return strip.wall().id().hashCode();
    }
}
