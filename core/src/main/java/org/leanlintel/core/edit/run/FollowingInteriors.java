package org.leanlintel.core.edit.run;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.carry.Written;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sign;

/**
 * What is written on the walls of a room as they are seen from inside stays on its wall, where that comes to lie elsewhere in the picture:
 * a wall before it has become longer, or the house was handed. Where other walls stand round the room than did, all stays where it was.
 */
final class FollowingInteriors {

    /** The cosine of how far a wall may have turned, and of how far none has. */
    private static final double TURNED = Math.cos(Math.toRadians(46)), SAME_WAY = Math.cos(Math.toRadians(1));

    private static final double SAME_MM = 1;

    private final Building before;
    private final Building after;
    private final Unrolled was;
    private final Unrolled is;

    private FollowingInteriors(Building before, Building after, Room then, Room now) {
        this.before = before;
        this.after = after;
        was = before.get(new Unrolled.Of(then.id()));
        is = after.get(new Unrolled.Of(now.id()));
    }

    /** The elements that have to be put besides those of the change. */
    static List<Element> of(Building before, Building after) {
        List<Element> put = new ArrayList<>();
        if (after.fitted().isEmpty()) return put;
        for (Drawing d : after.model().all(Drawing.class)) {
            if (d.kind() != Drawing.Kind.INTERIOR
                    || !(before.model().find(d.one()) instanceof Room then)
                    || !(after.model().find(d.one()) instanceof Room now)) continue;
            RoomSpace from = Rooms.in(before).of(then), to = Rooms.in(after).of(now);
            if (from == null || to == null) continue;
            boolean handed = isHanded(from, before, to, after);
            if (handed || !from.equals(to)) put.addAll(new FollowingInteriors(before, after, then, now).put(d, handed));
        }
        return put;
    }

    private List<Element> put(Drawing drawing, boolean handed) {
        List<Rigid> moves = moves(handed);
        List<Element> put = new ArrayList<>();
        if (moves.isEmpty()) return put;
        Map<Integer, List<Element>> written = new LinkedHashMap<>();
        for (Annotation a : after.model().relations().annotationsOf(drawing.id()))
            if (before.model().find(a.id()) == a)
                written.computeIfAbsent(viewAt(place(a).x()), i -> new ArrayList<>())
                        .add(a);
        written.forEach((view, all) -> put.addAll(moved(all, moves.get(view))));
        if (drawing.frame() instanceof Drawing.Part part && before.model().find(drawing.id()) == drawing) {
            Rigid move = moves.get(viewAt(Bounds.of(part.ring()).centre().x()));
            put.add(drawing.framed(part.each(move::point)));
        }
        return put;
    }

    private Collection<Element> moved(List<Element> written, Rigid by) {
        return by.isShift() && by.origin().length() < SAME_MM / 100 ? List.of() : Written.moved(written, by, after);
    }

    /**
     * How what is on each wall moves, where the same walls stand in the same order, from whichever on; else nothing. Where all is mirrored
     * left to right they come in the opposite order, each from its other end.
     */
    private List<Rigid> moves(boolean handed) {
        int count = was.views().size();
        for (int first = 0; count == is.views().size() && first < count; first++) {
            List<Rigid> moves = new ArrayList<>();
            for (int i = 0; i < count && moves.size() == i; i++) {
                Unrolled.View one = was.views().get(i);
                Unrolled.View other = is.views().get(Math.floorMod(handed ? first - i : first + i, count));
                if (handed ? isMirrored(one, other) : isTurned(one, other))
                    moves.add(handed ? mirrored(one, other) : shifted(one, other));
            }
            if (moves.size() == count) return moves;
        }
        return List.of();
    }

    private static boolean isTurned(Unrolled.View one, Unrolled.View other) {
        return one.frame().right().dot(other.frame().right()) > TURNED;
    }

    private static Rigid shifted(Unrolled.View one, Unrolled.View other) {
        return Rigid.shift(new Vec(other.leftMm() - one.leftMm() + onWall(one, other), 0));
    }

    /** How far what is on a wall moves from its left end: where its right end alone stayed, it stays with that. */
    private static double onWall(Unrolled.View was, Unrolled.View is) {
        double longer = is.lengthMm() - was.lengthMm();
        Vec way = was.frame().right();
        double left = is.frame().at().minus(was.frame().at()).dot(way);
        boolean leftMoved = Math.abs(left) > SAME_MM, rightMoved = Math.abs(left + longer) > SAME_MM;
        return leftMoved && !rightMoved ? longer : 0;
    }

    private static boolean isMirrored(Unrolled.View one, Unrolled.View other) {
        Vec away = one.frame().away(), mirrored = new Vec(-away.x(), away.y());
        return mirrored.dot(other.frame().away()) > SAME_WAY && Math.abs(one.lengthMm() - other.lengthMm()) < SAME_MM;
    }

    private static Rigid mirrored(Unrolled.View one, Unrolled.View other) {
        double about = (one.leftMm() + other.leftMm() + other.lengthMm()) / 2;
        return Rigid.mirror(new Line(new Vec(about, 0), new Vec(0, 1)));
    }

    /** Whether the room lies on the other side of its walls, as these run. */
    private static boolean isHanded(RoomSpace from, Building before, RoomSpace to, Building after) {
        for (WallSolid solid : from.walls(before).all()) {
            Strip then = solid.strip(), now = after.strip(then.wall().id());
            if (now != null) return left(then, from) != left(now, to);
        }
        return false;
    }

    private static boolean left(Strip strip, RoomSpace of) {
        Vec start = strip.axis().at(End.START), end = strip.axis().at(End.END);
        return end.minus(start).cross(of.middle().minus(start)) > 0;
    }

    /** The wall that a place is on or nearest to. */
    private int viewAt(double x) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < was.views().size(); i++) {
            double away = was.views().get(i).away(x);
            if (away >= least) continue;
            least = away;
            nearest = i;
        }
        return nearest;
    }

    private static Vec place(Annotation a) {
        return switch (a) {
            case Note n -> n.at();
            case KeyMark m -> m.at();
            case Sign s -> s.at();
            case Blank b -> Bounds.of(b.ring()).centre();
            case Cloud c -> Bounds.of(c.ring()).centre();
            case DimensionString s -> s.at();
            case Dimension d -> d.at();
        };
    }
}
