package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Track;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallEnd.Reach;

/**
 * A wall that stands against the side of another, its host. Each ply is drawn on until the first ply of the host that
 * it does not pass; the host's plies it does pass are interrupted. By choice its structure passes the host's too.
 */
public final class SideJoint {

    /** An interruption of one of the host's plies by a ply of the standing wall. */
    public record Cut(int hostPly, Edge from, Edge to, Content content) {}

    /** Where a ply of the standing wall meets a face of one of the host's plies. */
    public record Landing(int hostPly, boolean onLeftFace, double from, double to) {

        boolean isPast(EndJoint start, EndJoint end) {
            return past(start, end) > Tolerance.SAME_MM;
        }

        /** How far past an end of that ply it lies, millimetres; not above 0 where it does not. */
        public double past(EndJoint start, EndJoint end) {
            Edge first = start.plies().get(hostPly).edge(),
                    last = end.plies().get(hostPly).edge();
            return onLeftFace
                    ? Math.max(first.atHi() - from, to - last.atHi())
                    : Math.max(first.atLo() - from, to - last.atLo());
        }
    }

    /** What there is to it for its host. */
    private record OnHost(Wall standing, boolean onLeft, List<Cut> cuts, List<Span> touches, List<Landing> landings) {}

    private final Arm standing;
    private final Strip host;
    private final Reach reach;
    private final boolean onLeft;
    /** The host's plies from the near side on. */
    private final List<StripPly> met;
    /** How many of the host's plies it may go through at most. */
    private final int deepest;

    private SideJoint(Arm standing, Strip host, Reach reach, int deepest) {
        this.standing = standing;
        this.host = host;
        this.reach = reach;
        this.deepest = deepest;
        Vec along = host.axis().directionAt(host.axis().s(standing.point()));
        onLeft = along.cross(standing.direction()) > 0;
        met = onLeft ? host.plies().reversed() : host.plies();
    }

    public static SideJoint of(Arm standing, Strip host, Reach reach) {
        return new SideJoint(standing, host, reach, Integer.MAX_VALUE);
    }

    /** Whether it lands so near an end of its host that the host's plies may end before it there. */
    public boolean isNearAnEnd() {
        double thick = host.hi() - host.lo();
        for (Span touch : touches()) if (touch.from() < thick || touch.to() > host.length() - thick) return true;
        return false;
    }

    /**
     * The same, going through no more of the host's plies than reach as far as it lands: where its host turns a corner
     * away from it, the outer plies do, and the structure ends before them.
     */
    public SideJoint within(EndJoint hostStart, EndJoint hostEnd) {
        int deep = 0;
        for (Landing l : landings()) if (!l.isPast(hostStart, hostEnd)) deep = Math.max(deep, depthOf(l));
        for (Landing l : landings()) if (l.isPast(hostStart, hostEnd)) deep = Math.min(deep, depthOf(l) - 1);
        return new SideJoint(standing, host, reach, Math.max(0, deep));
    }

    private int depthOf(Landing landing) {
        return onLeft ? host.plies().size() - 1 - landing.hostPly() : landing.hostPly();
    }

    /** How the standing wall ends. @param others that stand on the same host, where a structure goes through it */
    public EndJoint end(List<SideJoint> others) {
        Map<Integer, PlyEnd> ends = new TreeMap<>();
        for (ArmPly p : standing.pliesToLeft()) {
            int depth = depth(p.does());
            Edge edge = standing.edge(distanceTo(p.a0(), face(depth)), distanceTo(p.a1(), face(depth)));
            ends.put(p.stripIndex(), new PlyEnd(edge, contentMet(p, Math.min(depth, met.size() - 1), others)));
        }
        return EndJoint.of(ends, this::beyond, EnumSet.allOf(Side.class));
    }

    /** What it interrupts of the host. */
    public List<Cut> cuts() {
        List<Cut> cuts = new ArrayList<>();
        for (ArmPly p : standing.pliesToLeft()) {
            if (p.does() == Does.SHEET) continue;
            for (int k = 0; k < depth(p.does()); k++) cuts.add(cut(p, k));
        }
        return cuts;
    }

    /** Where its plies touch the host's near face, and on which side of the host that is. */
    public List<Span> touches() {
        List<Span> touches = new ArrayList<>();
        for (ArmPly p : standing.pliesToLeft()) {
            double s0 = alongHost(p.a0(), face(0)), s1 = alongHost(p.a1(), face(0));
            touches.add(new Span(Math.min(s0, s1), Math.max(s0, s1), p.content()));
        }
        return touches;
    }

    /** Every face of the host that its plies reach. */
    public List<Landing> landings() {
        List<Landing> landings = new ArrayList<>();
        for (ArmPly p : standing.pliesToLeft()) {
            for (int k = 0; k <= Math.min(depth(p.does()), met.size() - 1); k++) {
                double s0 = alongHost(p.a0(), face(k)), s1 = alongHost(p.a1(), face(k));
                landings.add(new Landing(
                        onLeft ? host.plies().size() - 1 - k : k, onLeft, Math.min(s0, s1), Math.max(s0, s1)));
            }
        }
        return landings;
    }

    /** How far past an end of its host the standing wall reaches, millimetres; 0 where it does not. */
    double pastEnd(Arm hostEnd) {
        double past = 0;
        for (Landing l : landings()) past = Math.max(past, -Math.min(hostEnd.s(l.from()), hostEnd.s(l.to())));
        return past;
    }

    /** Whether the drafter attached it to the host's side, rather than to a corner of it. */
    public boolean isAttached() {
        return standingWall().at(standing.end()) instanceof WallEnd.OnSide;
    }

    /** Where the standing wall's set-out line meets the host's near face, as s of the standing wall. */
    public double faceAlongSetOut() {
        return standing.s(distanceTo(0, face(0)));
    }

    public boolean goesThrough() {
        return reach == Reach.THROUGH;
    }

    public Wall standingWall() {
        return standing.strip().wall();
    }

    public boolean onLeft() {
        return onLeft;
    }

    private OnHost onHost() {
        return new OnHost(standingWall(), onLeft, cuts(), touches(), landings());
    }

    /** Whether the host is the same with either. */
    public boolean isSameForHost(SideJoint other) {
        return this == other || onHost().equals(other.onHost());
    }

    /** How many of the host's plies a ply that {@code does} this goes through. */
    private int depth(Does does) {
        if (reach == Reach.FACE) return 0;
        if (reach == Reach.THROUGH && does == Does.CARRIES) return pastStructure();
        int k = 0;
        while (k < Math.min(deepest, met.size()) && does.passes(met.get(k).does())) k++;
        return k;
    }

    private int pastStructure() {
        int k = met.size();
        while (met.get(k - 1).does() != Does.CARRIES) k--;
        return k;
    }

    /** The host's ply, or what goes through it there from another wall. */
    private Content contentMet(ArmPly p, int k, List<SideJoint> others) {
        double place = alongHost((p.a0() + p.a1()) / 2, face(k));
        for (SideJoint other : others) {
            if (other.onLeft == onLeft) continue;
            for (Cut cut : other.cuts()) {
                boolean there = cut.hostPly() == (onLeft ? host.plies().size() - 1 - k : k);
                if (there && place > cut.from().middle() && place < cut.to().middle()) return cut.content();
            }
        }
        return contentMet(k);
    }

    private Content contentMet(int k) {
        return host.content(onLeft ? host.plies().size() - 1 - k : k);
    }

    /** Offset of the host's k-th face from the near side. */
    private double face(int k) {
        if (k == met.size()) return onLeft ? met.getLast().lo() : met.getLast().hi();
        return onLeft ? met.get(k).hi() : met.get(k).lo();
    }

    private Cut cut(ArmPly p, int k) {
        StripPly ply = met.get(k);
        Edge one = new Edge(alongHost(p.a0(), ply.lo()), alongHost(p.a0(), ply.hi()));
        Edge two = new Edge(alongHost(p.a1(), ply.lo()), alongHost(p.a1(), ply.hi()));
        boolean inOrder = one.middle() <= two.middle();
        return new Cut(onLeft ? host.plies().size() - 1 - k : k, inOrder ? one : two, inOrder ? two : one, p.content());
    }

    /** Where an arc's face misses the host's, as if it went straight on. */
    private double distanceTo(double a, double hostOffset) {
        Track face = host.face(hostOffset);
        Double met = standing.distanceTo(a, face);
        if (met != null || face == null) return met == null ? 0 : met;
        Line straight = new Line(standing.point().along(standing.direction().left(), a), standing.direction());
        Vec at = Track.meetingNearest(straight, face, standing.point());
        return at == null ? 0 : straight.along(at);
    }

    private double alongHost(double a, double hostOffset) {
        double t = standing.end() == End.START ? a : -a;
        return host.axis().s(standing.strip().at(standing.s(distanceTo(a, hostOffset)), t));
    }

    private List<Span> beyond(double t) {
        double a = standing.end() == End.START ? t : -t;
        List<Span> spans = new ArrayList<>();
        for (int k = 0; k < met.size(); k++) {
            double s0 = standing.s(distanceTo(a, face(k))), s1 = standing.s(distanceTo(a, face(k + 1)));
            spans.add(new Span(Math.min(s0, s1), Math.max(s0, s1), contentMet(k)));
        }
        return spans;
    }
}
