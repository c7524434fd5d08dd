package org.leanlintel.core.edit.sound;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.building.roof.UnderRoofs;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * What must be true of walls and openings after any edit: a wall has length enough for its joints, walls do not lie on or across each other
 * unless they join, an opening lies in its wall clear of its ends, of other openings and of walls that stand there.
 */
public final class Soundness {

    private final Building after;
    private final LengthPrinter lengths;

    private Soundness(Building after) {
        this.after = after;
        lengths = LengthPrinter.ofScreen(after.model().settings().units());
    }

    public static @Nullable Refusal check(Building before, Building after, Change change) {
        Refusal refusal = standing(before, after, change);
        return refusal != null ? refusal : HeightSoundness.check(after, change);
    }

    /** Of walls, what is in them, and posts. */
    public static @Nullable Refusal standing(Building before, Building after, Change change) {
        Soundness soundness = new Soundness(after);
        for (ElementId id : after.fitted()) {
            if (!(after.model().find(id, Wall.class) instanceof Wall wall)) continue;
            Refusal refusal = soundness.check(wall, before.strip(id));
            if (refusal != null) return refusal;
        }
        if (posts(before, after, change) instanceof Refusal refusal) return refusal;
        return ManyArms.check(before, after);
    }

    /** Posts that were put or moved, and those a wall may have come to stand in. */
    private static @Nullable Refusal posts(Building before, Building after, Change change) {
        Set<Post> posts = new LinkedHashSet<>();
        for (Element e : change.after()) {
            if (e instanceof Post p) posts.add(p);
            if (e instanceof BuildUp) posts.addAll(after.model().all(Post.class));
        }
        for (ElementId id : after.fitted()) {
            Strip strip = after.strip(id);
            if (strip != null && strip != before.strip(id))
                posts.addAll(after.model().relations().postsOf(strip.wall().storey()));
        }
        for (Post post : posts) if (PieceSoundness.check(post, after) instanceof Refusal refusal) return refusal;
        return null;
    }

    private @Nullable Refusal check(Wall wall, @Nullable Strip was) {
        Strip strip = after.strip(wall.id());
        WallSolid solid = after.solid(wall.id());
        if (strip == null || solid == null) return Refusal.because(noLength(wall), wall.id());
        if (!wall.rise().isLevel() && !wall.isStraight())
            return Refusal.because("%s is curved: it cannot be raked or stepped.".formatted(wall.mark()), wall.id());
        if (!(solid.headMm() - solid.footMm() >= Tolerance.SHORTEST_WALL_MM))
            return Refusal.because("%s would have no height left.".formatted(wall.mark()), wall.id());
        Refusal refusal = strip == was ? null : strip(strip, was);
        if (refusal == null) refusal = ends(solid);
        if (refusal == null) refusal = openings(solid);
        return refusal == null ? PieceSoundness.check(solid, after.model()) : refusal;
    }

    /** A wall that stands on one it runs along meets it nowhere. */
    private String noLength(Wall wall) {
        for (End end : End.values())
            if (wall.at(end) instanceof WallEnd.OnSide side
                    && after.strip(side.wall()) instanceof Strip host
                    && runsAlong(wall, host))
                return "%s would run along %s and not meet it: start it at a corner of %s, or on another wall."
                        .formatted(wall.mark(), host.wall().mark(), host.wall().mark());
        return "%s would have no length left.".formatted(wall.mark());
    }

    private boolean runsAlong(Wall wall, Strip host) {
        Vec from = WallAxis.storedPoint(after.model(), wall.start()),
                to = WallAxis.storedPoint(after.model(), wall.end());
        double length = from.distanceTo(to);
        return length > Tolerance.SAME_MM
                && Math.abs(host.axis().chord().direction().cross(to.minus(from))) < Tolerance.BEND_SINE * length;
    }

    private @Nullable Refusal strip(Strip strip, @Nullable Strip was) {
        Wall wall = strip.wall();
        if (strip.buildUp().use() != BuildUp.Use.WALL) {
            return Refusal.because(
                    "%s cannot be made of %s, which is not for walls."
                            .formatted(wall.mark(), strip.buildUp().name()),
                    wall.id());
        }
        if (!strip.axis().isStraight() && !Area.of(strip.outline()).isClean()) return tooTight(wall);
        if (turnedAbout(was, strip)) {
            return Refusal.because(
                    "%s would be turned about: its ends would pass each other.".formatted(wall.mark()), wall.id());
        }
        return overlaps(strip);
    }

    private static Refusal tooTight(Wall wall) {
        return Refusal.because(
                "%s would be curved too tightly for its build-up and the walls it meets.".formatted(wall.mark()),
                wall.id());
    }

    /** Whether its ends passed each other; a wall turned or mirrored as a whole keeps its length. */
    private static boolean turnedAbout(@Nullable Strip was, Strip is) {
        return was != null
                && !Tolerance.same(was.length(), is.length())
                && was.axis().chord().direction().dot(is.axis().chord().direction()) < 0;
    }

    private @Nullable Refusal overlaps(Strip strip) {
        for (Strip o : after.near(strip)) {
            Wall other = o.wall();
            if (!other.stays() || !strip.wall().stays()) continue;
            boolean lies = joined(strip.wall(), other)
                    ? overlap(strip, o) && foldedBack(strip, o) || curvesInto(strip, o)
                    : overlap(strip, o);
            if (lies) {
                return Refusal.because(
                        "%s would lie on %s.".formatted(strip.wall().mark(), other.mark()),
                        strip.wall().id(),
                        other.id());
            }
        }
        return null;
    }

    /** Whether two walls that join, one of them curved, meet again where they do not join. */
    private boolean curvesInto(Strip one, Strip two) {
        if (one.axis().isStraight() && two.axis().isStraight()) return false;
        WallSolid a = after.solid(one.wall().id()), b = after.solid(two.wall().id());
        return a != null
                && b != null
                && WallBodies.areClean(a)
                && WallBodies.areClean(b)
                && WallBodies.footprint(a).and(WallBodies.footprint(b)).mm2() > Tolerance.CHORDS_MM2;
    }

    private static boolean joined(Wall one, Wall two) {
        return standsOn(one, two) || standsOn(two, one) || shareCorner(one, two);
    }

    private static boolean standsOn(Wall one, Wall host) {
        return onSideOf(one.start(), host) || onSideOf(one.end(), host);
    }

    private static boolean onSideOf(WallEnd end, Wall host) {
        return end instanceof WallEnd.OnSide s && s.wall().equals(host.id());
    }

    private static boolean shareCorner(Wall one, Wall two) {
        for (End a : End.values()) for (End b : End.values()) if (sharedAt(one, a, two, b)) return true;
        return false;
    }

    private static boolean sharedAt(Wall one, End a, Wall two, End b) {
        return one.at(a) instanceof WallEnd.AtCorner && one.at(a).equals(two.at(b));
    }

    /** Whether two walls that share a corner run the same way from it. */
    private static boolean foldedBack(Strip one, Strip two) {
        for (End a : End.values()) {
            for (End b : End.values()) {
                if (!sharedAt(one.wall(), a, two.wall(), b)) continue;
                Vec from = one.away(a), other = two.away(b);
                if (Math.abs(from.cross(other)) < Tolerance.BEND_SINE && from.dot(other) > 0) return true;
            }
        }
        return false;
    }

    /** Whether the plain rectangles of two strips overlap by more than a millimetre: no axis of theirs separates them. */
    private static boolean overlap(Strip one, Strip two) {
        List<Vec> a = one.outline(), b = two.outline();
        if (!one.axis().isStraight() || !two.axis().isStraight()) {
            Area first = Area.of(a), second = Area.of(b);
            return !first.isClean() || !second.isClean() || first.and(second).mm2() > Tolerance.OVERLAP_MM2;
        }
        for (Strip strip : List.of(one, two)) {
            Vec along = strip.axis().chord().direction();
            if (apart(a, b, along) || apart(a, b, along.left())) return false;
        }
        return true;
    }

    private static boolean apart(List<Vec> a, List<Vec> b, Vec axis) {
        double aMin = min(a, axis), aMax = -min(a, axis.times(-1));
        double bMin = min(b, axis), bMax = -min(b, axis.times(-1));
        return Math.min(aMax, bMax) - Math.max(aMin, bMin) <= 1.0;
    }

    private static double min(List<Vec> points, Vec axis) {
        double min = Double.POSITIVE_INFINITY;
        for (Vec p : points) min = Math.min(min, p.dot(axis));
        return min;
    }

    private @Nullable Refusal ends(WallSolid solid) {
        Wall wall = solid.strip().wall();
        if (!solid.isLongEnough())
            return Refusal.because("%s would be too short for the walls it meets.".formatted(wall.mark()), wall.id());
        if (!solid.strip().axis().isStraight() && !WallBodies.areClean(solid)) return tooTight(wall);
        WallSolid.PastEnd past = solid.standingPastAnEnd();
        if (past == null) return null;
        return Refusal.because(
                "%s would meet %s past its end or in its corner: draw it %s further along %s, or from the corner itself."
                        .formatted(past.wall().mark(), wall.mark(), lengths.print(past.mm()), wall.mark()),
                past.wall().id(),
                wall.id());
    }

    private @Nullable Refusal openings(WallSolid solid) {
        List<PlacedOpening> seen = new ArrayList<>();
        for (PlacedOpening placed : solid.openings()) {
            Refusal refusal = fits(solid, placed, seen);
            if (refusal != null) return refusal;
            seen.add(placed);
        }
        return null;
    }

    private @Nullable Refusal fits(WallSolid solid, PlacedOpening placed, List<PlacedOpening> others) {
        Opening opening = placed.opening();
        String what = Naming.of(opening), mark = solid.strip().wall().mark();
        double clearFrom = solid.clearFrom(), clearTo = solid.clearTo();
        if (goesRound(opening, End.START, solid)) clearFrom = placed.from();
        if (goesRound(opening, End.END, solid)) clearTo = placed.to();
        if (placed.to() - placed.from() < Tolerance.SHORTEST_WALL_MM)
            return Refusal.because(
                    "The %s would end before the corner that it goes round.".formatted(what), opening.id());
        double past = Math.max(clearFrom - placed.from(), placed.to() - clearTo);
        if (past > Tolerance.SAME_MM) {
            return Refusal.because(
                    "The %s would run %s past the end of %s.".formatted(what, lengths.print(past), mark), opening.id());
        }
        if (isAbove(opening.headMm(), solid, placed)) {
            return Refusal.because(
                    "The head of the %s would be above the top of %s.".formatted(what, mark), opening.id());
        }
        if (opening.sillMm() < solid.rise().footWithin(placed.from(), placed.to()) - Tolerance.SAME_MM) {
            return Refusal.because("The %s would reach below the foot of %s.".formatted(what, mark), opening.id());
        }
        for (PlacedOpening o : others) {
            if (placed.from() < o.to() - Tolerance.SAME_MM && o.from() < placed.to() - Tolerance.SAME_MM) {
                return Refusal.because(
                        "The %s would overlap %s.".formatted(what, Naming.of(o.opening())),
                        opening.id(),
                        o.opening().id());
            }
        }
        if (pocket(solid, placed, what) instanceof Refusal refusal) return refusal;
        Wall inTheWay = solid.standingWithin(placed.from(), placed.to());
        if (inTheWay == null) return null;
        return Refusal.because(
                "The %s would open where %s meets %s.".formatted(what, inTheWay.mark(), mark),
                opening.id(),
                inTheWay.id());
    }

    /** Whether a head stands above that of its wall, and above what a roof raises that to. */
    private boolean isAbove(double headMm, WallSolid solid, PlacedOpening placed) {
        return headMm > solid.rise().headWithin(placed.from(), placed.to()) + Tolerance.SAME_MM
                && headMm > UnderRoofs.headMm(solid, placed.from(), placed.to(), after) + Tolerance.SAME_MM;
    }

    /** Whether a window goes round an outer corner at an end, where its wall shares it with one other. */
    private boolean goesRound(Opening opening, End end, WallSolid solid) {
        boolean asked =
                opening.kind() instanceof Opening.Window w && w.form() instanceof Opening.ToCorner c && c.end() == end;
        return asked
                && solid.strip().wall().at(end) instanceof WallEnd.AtCorner c
                && after.model().relations().endsAt(c.corner()).size() == 2
                && solid.isOuterCorner(end);
    }

    /** The wall beside a pocket door must be as long as its leaf, and nothing may open in it. */
    private @Nullable Refusal pocket(WallSolid solid, PlacedOpening placed, String what) {
        if (!(placed.opening().kind() instanceof Opening.PocketDoor door)) return null;
        double width = placed.to() - placed.from();
        double from = door.into() == End.START ? placed.from() - width : placed.to(), to = from + width;
        double past = Math.max(solid.clearFrom() - from, to - solid.clearTo());
        if (past > Tolerance.SAME_MM)
            return Refusal.because(
                    "The pocket of the %s would run %s past the end of %s. Turn it to the other side, or move the door."
                            .formatted(
                                    what,
                                    lengths.print(past),
                                    solid.strip().wall().mark()),
                    placed.opening().id());
        for (PlacedOpening o : solid.openings())
            if (o != placed && o.from() < to - Tolerance.SAME_MM && o.to() > from + Tolerance.SAME_MM)
                return Refusal.because(
                        "The %s lies where the pocket of the %s would be.".formatted(Naming.of(o.opening()), what),
                        placed.opening().id(),
                        o.opening().id());
        Wall inTheWay = solid.standingWithin(from, to);
        if (inTheWay == null) return null;
        return Refusal.because(
                "The pocket of the %s would run through where %s meets %s."
                        .formatted(what, inTheWay.mark(), solid.strip().wall().mark()),
                placed.opening().id(),
                inTheWay.id());
    }
}
