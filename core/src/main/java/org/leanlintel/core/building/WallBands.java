package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Edge;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.building.join.SideJoint;
import org.leanlintel.core.building.join.SideJoint.Cut;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.StoreySpace;

/** A wall from foot to head in bands, each the same from its low to its high plane, and what stands of every ply in one. */
public final class WallBands {

    private final WallSolid wall;
    private final Strip strip;
    private final List<List<Interruption>> cutsByPly = new ArrayList<>();

    /** A cut by a wall that stands on it, from that wall's foot to its head, above the storey's level. */
    private record Interruption(Cut cut, double lowMm, double highMm) {

        boolean isAt(double heightMm) {
            return heightMm >= lowMm && heightMm < highMm;
        }
    }

    WallBands(WallSolid wall, List<SideJoint> standing) {
        this.wall = wall;
        strip = wall.strip();
        strip.plies().forEach(p -> cutsByPly.add(new ArrayList<>()));
        standing.forEach(this::interrupt);
        cutsByPly.forEach(
                cuts -> cuts.sort(Comparator.comparingDouble(c -> c.cut().from().middle())));
    }

    private void interrupt(SideJoint joint) {
        StoreySpace space = wall.space();
        Rise of = joint.standingWall().rise();
        for (Cut cut : joint.cuts())
            cutsByPly.get(cut.hostPly()).add(new Interruption(cut, space.footMm(of), space.headMm(of)));
    }

    /** The wall from foot to head, split at every sill and head within it and where walls on it begin and end. */
    public List<Band> all() {
        return upTo(wall.headMm());
    }

    /** The same up to another height above the storey's level. */
    List<Band> upTo(double topMm) {
        TreeSet<Double> heights = new TreeSet<>(List.of(wall.footMm(), topMm));
        for (PlacedOpening o : wall.openings())
            heights.addAll(List.of(o.opening().sillMm(), o.opening().headMm()));
        for (PlacedPiece p : wall.pieces())
            if (p.isNiche()) heights.addAll(List.of(p.piece().lowMm(), p.piece().headMm()));
        for (List<Interruption> cuts : cutsByPly)
            for (Interruption cut : cuts) heights.addAll(List.of(cut.lowMm(), cut.highMm()));
        List<Double> within = List.copyOf(heights.subSet(wall.footMm(), true, topMm, true));
        List<Band> bands = new ArrayList<>();
        for (int i = 1; i < within.size(); i++) bands.add(band(within.get(i - 1), within.get(i)));
        return bands;
    }

    private Band band(double low, double high) {
        double middle = (low + high) / 2;
        return new Band(
                wall.levelMm() + low,
                wall.levelMm() + high,
                wall.openings().stream().filter(o -> o.openAt(middle)).toList(),
                wall.pieces().stream()
                        .filter(p -> p.isNiche() && p.sharesHeight(middle - 1, middle + 1))
                        .toList(),
                List.of());
    }

    /** The slice that a level plane {@code cutMm} above the datum meets, without openings where it misses the wall. */
    public Band at(double cutMm) {
        return all().stream()
                .filter(b -> cutMm >= b.lowMm() && cutMm < b.highMm())
                .findFirst()
                .map(b -> b.without(wall.rise().missing(cutMm - wall.levelMm())))
                .orElse(whole());
    }

    /** All of it as one slice, without openings. */
    Band whole() {
        return new Band(
                wall.levelMm() + wall.footMm(), wall.levelMm() + wall.headMm(), List.of(), List.of(), List.of());
    }

    /** What stands of a ply in a band, from start to end. */
    public List<PlyRun> runs(int ply, Band band) {
        List<PlyRun> runs = new ArrayList<>();
        Edge last = wall.endOf(ply).edge();
        Edge cursor = wall.startOf(ply).edge();
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
        double middle = (band.lowMm() + band.highMm()) / 2 - wall.levelMm();
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
        spans.addAll(wall.beyond(t));
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
        return inPlan(startLineAlong(ply, run));
    }

    /** Across the end of a piece, from its right face to its left. */
    public List<Vec> endLine(int ply, PlyRun run) {
        return inPlan(endLineAlong(ply, run));
    }

    /** The same as {@link #startLine}, as distances along the wall and across it. */
    List<Vec> startLineAlong(int ply, PlyRun run) {
        return line(ply, run.from(), wall.startOf(ply));
    }

    List<Vec> endLineAlong(int ply, PlyRun run) {
        return line(ply, run.to(), wall.endOf(ply));
    }

    private List<Vec> inPlan(List<Vec> line) {
        return line.stream().map(p -> strip.at(p.x(), p.y())).toList();
    }

    private List<Vec> line(int ply, Edge edge, PlyEnd end) {
        StripPly p = strip.plies().get(ply);
        Vec lo = new Vec(edge.atLo(), p.lo()), hi = new Vec(edge.atHi(), p.hi());
        return end.bend() instanceof EndJoint.Bend bend && edge.equals(end.edge())
                ? List.of(lo, bend.at(), hi)
                : List.of(lo, hi);
    }
}
