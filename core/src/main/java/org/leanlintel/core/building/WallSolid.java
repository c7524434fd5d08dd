package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.EndJoint.Cap;
import org.leanlintel.core.building.EndJoint.PlyEnd;
import org.leanlintel.core.building.SideJoint.Cut;
import org.leanlintel.core.building.Strip.StripPly;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** One wall with its ends joined, interrupted by the walls that stand on it, and its openings placed. */
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
    private final List<List<Interruption>> cutsByPly = new ArrayList<>();
    private final Placings placings;
    private final Set<ElementId> lost = new HashSet<>();
    private @Nullable Area footprint;
    private @Nullable Bounds bounds;

    /** A cut by a wall that stands on this one, from that wall's foot to its head, above the storey's level. */
    private record Interruption(Cut cut, double lowMm, double highMm) {

        boolean isAt(double heightMm) {
            return heightMm >= lowMm && heightMm < highMm;
        }
    }

    WallSolid(Strip strip, StoreySpace space, Junctions junctions, Model model) {
        this.strip = strip;
        this.space = space;
        rise = new RiseLine(strip, space);
        start = junctions.joint(strip, End.START);
        end = junctions.joint(strip, End.END);
        standing = junctions.standingOn(strip);
        visibleStart = junctions.visibleEnd(strip, End.START);
        visibleEnd = junctions.visibleEnd(strip, End.END);
        placings = new Placings(strip, start, end, visibleStart, visibleEnd, standing);
        List<Opening> all = model.relations().openingsIn(strip.wall().id());
        openings = OpeningPlaces.of(placings, junctions, all, lost);
        strip.plies().forEach(p -> cutsByPly.add(new ArrayList<>()));
        standing.forEach(this::interrupt);
        cutsByPly.forEach(
                cuts -> cuts.sort(Comparator.comparingDouble(c -> c.cut().from().middle())));
        LiningEnds linings = junctions.linings();
        pieces = model.relations().piecesOn(strip.wall().id()).stream()
                .map(p -> PlacedPiece.of(p, strip, stretch(p, linings)))
                .toList();
        slabs = WallPieces.slabs(this, model);
    }

    private void interrupt(SideJoint joint) {
        Rise of = joint.standingWall().rise();
        for (Cut cut : joint.cuts())
            cutsByPly.get(cut.hostPly()).add(new Interruption(cut, space.footMm(of), space.headMm(of)));
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

    public List<PlacedPiece> pieces() {
        return pieces;
    }

    /** Round its set-out line, its plies and what stands against them. */
    public Bounds bounds() {
        Bounds known = bounds;
        if (known != null) return known;
        List<Vec> all = new ArrayList<>(strip.outline());
        Band whole = whole();
        for (int i = 0; i < strip.plies().size(); i++) for (PlyRun run : runs(i, whole)) all.addAll(outline(i, run));
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
    public @Nullable Wall standingPastAnEnd() {
        for (SideJoint joint : standing) {
            if (joint.isAttached() && joint.landings().stream().anyMatch(this::isPastAnEnd))
                return joint.standingWall();
        }
        return null;
    }

    private boolean isPastAnEnd(SideJoint.Landing landing) {
        Edge from = startOf(landing.hostPly()).edge(),
                to = endOf(landing.hostPly()).edge();
        double first = landing.onLeftFace() ? from.atHi() : from.atLo();
        double last = landing.onLeftFace() ? to.atHi() : to.atLo();
        return landing.from() < first - Tolerance.SAME_MM || landing.to() > last + Tolerance.SAME_MM;
    }

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

    /** The wall from foot to head, split at every sill and head within it and where walls on it begin and end. */
    public List<Band> bands() {
        TreeSet<Double> heights = new TreeSet<>(List.of(footMm(), headMm()));
        for (PlacedOpening o : openings)
            heights.addAll(List.of(o.opening().sillMm(), o.opening().headMm()));
        for (PlacedPiece p : pieces)
            if (p.isNiche()) heights.addAll(List.of(p.piece().lowMm(), p.piece().headMm()));
        for (List<Interruption> cuts : cutsByPly)
            for (Interruption cut : cuts) heights.addAll(List.of(cut.lowMm(), cut.highMm()));
        List<Double> within = List.copyOf(heights.subSet(footMm(), true, headMm(), true));
        List<Band> bands = new ArrayList<>();
        for (int i = 1; i < within.size(); i++) bands.add(band(within.get(i - 1), within.get(i)));
        return bands;
    }

    private Band band(double low, double high) {
        double middle = (low + high) / 2;
        return new Band(
                space.levelMm() + low,
                space.levelMm() + high,
                openings.stream().filter(o -> o.openAt(middle)).toList(),
                pieces.stream()
                        .filter(p -> p.isNiche() && p.sharesHeight(middle - 1, middle + 1))
                        .toList(),
                List.of());
    }

    /** The slice that a level plane {@code cutMm} above the datum meets, without openings where it misses the wall. */
    public Band bandAt(double cutMm) {
        return bands().stream()
                .filter(b -> cutMm >= b.lowMm() && cutMm < b.highMm())
                .findFirst()
                .map(b -> b.without(rise.missing(cutMm - space.levelMm())))
                .orElse(whole());
    }

    /** All of it as one slice, without openings. */
    Band whole() {
        return new Band(space.levelMm() + footMm(), space.levelMm() + headMm(), List.of(), List.of(), List.of());
    }

    /** What stands of a ply in a band, from start to end. */
    public List<PlyRun> runs(int ply, Band band) {
        List<PlyRun> runs = new ArrayList<>();
        Edge last = endOf(ply).edge();
        Edge cursor = startOf(ply).edge();
        boolean atOpening = false;
        for (Gap gap : gaps(ply, band)) {
            if (cursor.before(gap.from()))
                runs.add(new PlyRun(cursor, gap.from().orEarlier(last), atOpening, gap.isOpening()));
            if (cursor.before(gap.to())) atOpening = gap.isOpening();
            cursor = cursor.orLater(gap.to());
        }
        if (cursor.before(last)) runs.add(new PlyRun(cursor, last, atOpening, false));
        return runs;
    }

    private record Gap(Edge from, Edge to, boolean isOpening) {}

    private List<Gap> gaps(int ply, Band band) {
        List<Gap> gaps = new ArrayList<>();
        for (Cut cut : cutsAt(ply, band)) gaps.add(new Gap(cut.from(), cut.to(), false));
        for (PlacedOpening o : band.through()) gaps.add(new Gap(Edge.square(o.from()), Edge.square(o.to()), true));
        for (PlacedPiece n : band.niches())
            if (reaches(n, ply)) gaps.add(new Gap(Edge.square(n.from()), Edge.square(n.to()), false));
        for (Span m : band.missing()) gaps.add(new Gap(Edge.square(m.from()), Edge.square(m.to()), true));
        gaps.sort(Comparator.comparingDouble(g -> g.from().middle()));
        return gaps;
    }

    private List<Cut> cutsAt(int ply, Band band) {
        double middle = (band.lowMm() + band.highMm()) / 2 - space.levelMm();
        return cutsByPly.get(ply).stream()
                .filter(c -> c.isAt(middle))
                .map(Interruption::cut)
                .toList();
    }

    private boolean reaches(PlacedPiece niche, int ply) {
        StripPly p = strip.plies().get(ply);
        return p.thickness() > 0 && niche.hi() > p.lo() + Tolerance.SAME_MM && niche.lo() < p.hi() - Tolerance.SAME_MM;
    }

    /** What niches leave of plies they do not go right through. */
    public List<Slab> leftByNiches(Band band) {
        List<Slab> left = new ArrayList<>();
        for (PlacedPiece n : band.niches()) {
            for (int i = 0; i < strip.plies().size(); i++) {
                StripPly p = strip.plies().get(i);
                double lo = n.isOnLeft() ? p.lo() : Math.max(p.lo(), n.hi());
                double hi = n.isOnLeft() ? Math.min(p.hi(), n.lo()) : p.hi();
                if (!reaches(n, i) || hi - lo < Tolerance.SAME_MM) continue;
                left.add(new Slab(
                        strip.wall().id(),
                        n.from(),
                        n.to(),
                        lo,
                        hi,
                        p.material(),
                        p.does(),
                        band.lowMm(),
                        band.highMm()));
            }
        }
        return left;
    }

    /**
     * What lies along a face of a ply, seen from inside the ply: itself where it stands, what interrupts it, and beyond
     * its ends the walls it meets. Openings are left out. Earlier spans hide later ones.
     */
    public List<Span> along(int ply, boolean leftFace, Band band) {
        StripPly p = strip.plies().get(ply);
        List<Span> spans = new ArrayList<>();
        for (PlyRun run : runs(ply, band)) spans.add(span(run.from(), run.to(), leftFace, strip.content(ply)));
        for (PlacedOpening o : band.through()) spans.add(new Span(o.from(), o.to(), null));
        for (Cut cut : cutsAt(ply, band)) spans.add(span(cut.from(), cut.to(), leftFace, cut.content()));
        for (PlacedPiece n : band.niches()) {
            boolean isLeft = n.isOnLeft() ? !leftFace && n.lo() > p.lo() : leftFace && n.hi() < p.hi();
            if (reaches(n, ply) && isLeft) spans.add(new Span(n.from(), n.to(), strip.content(ply)));
        }
        double t = leftFace ? p.hi() : p.lo();
        spans.addAll(start.beyond().apply(t));
        spans.addAll(end.beyond().apply(t));
        return spans;
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

    private static Span span(Edge from, Edge to, boolean leftFace, Content content) {
        return leftFace ? new Span(from.atHi(), to.atHi(), content) : new Span(from.atLo(), to.atLo(), content);
    }

    /** The outline of a piece of ply {@code ply}, counter-clockwise; arcs as chords. */
    public List<Vec> outline(int ply, PlyRun run) {
        StripPly p = strip.plies().get(ply);
        List<Vec> start = startLine(ply, run), end = endLine(ply, run);
        List<Vec> ring = new ArrayList<>(strip.along(run.from().atLo(), run.to().atLo(), p.lo()));
        ring.addAll(end.subList(1, end.size() - 1));
        ring.addAll(strip.along(run.from().atHi(), run.to().atHi(), p.hi()).reversed());
        ring.addAll(start.subList(1, start.size() - 1).reversed());
        return ring;
    }

    /** Across the start of a piece, from its right face to its left. */
    public List<Vec> startLine(int ply, PlyRun run) {
        return line(ply, run.from(), startOf(ply));
    }

    /** Across the end of a piece, from its right face to its left. */
    public List<Vec> endLine(int ply, PlyRun run) {
        return line(ply, run.to(), endOf(ply));
    }

    private List<Vec> line(int ply, Edge edge, PlyEnd end) {
        StripPly p = strip.plies().get(ply);
        Vec lo = strip.at(edge.atLo(), p.lo()), hi = strip.at(edge.atHi(), p.hi());
        boolean bends = end.bend() != null && edge.equals(end.edge());
        return bends ? List.of(lo, strip.at(end.bend().at().x(), end.bend().at().y()), hi) : List.of(lo, hi);
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
        return WallBodies.of(this);
    }
}
