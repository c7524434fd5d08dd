package org.leanlintel.core.edit.carry;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Places;
import org.leanlintel.core.edit.wall.Attachment;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Walls carried with their corners, openings and pieces. An end that stood on a wall which stays behind stands on it where
 * it still meets it, on another that it was meant to meet, or is free.
 */
record CarriedWalls(Carriage carry, CarriedPlacings placings) {

    void wall(Wall wall) {
        Wall moved = wall.madeOf(carry.there(wall.buildUp()), wall.setOut(), wall.outside())
                .named(carry.idOf(wall), carry.mark(carry.letters().walls(), wall.mark()))
                .on(carry.there(wall.storey()), carry.there(wall.layer()))
                .withEnd(End.START, end(wall, End.START))
                .withEnd(End.END, end(wall, End.END));
        carry.put(carry.movement().mirrors() ? mirrored(moved) : moved);
        for (Opening o : carry.from().model().relations().openingsIn(wall.id()))
            opening(o, moved.id(), placings.of(o.wall(), o.placing(), o.id(), o.widthMm()));
        for (WallPiece p : carry.from().model().relations().piecesOn(wall.id())) piece(p, moved.id());
    }

    private static Wall mirrored(Wall wall) {
        return wall.bent(-wall.bulge())
                .madeOf(wall.buildUp(), wall.setOut(), wall.outside().other());
    }

    private WallEnd end(Wall wall, End which) {
        return switch (wall.at(which)) {
            case WallEnd.AtCorner c -> new WallEnd.AtCorner(corner(c.corner()));
            case WallEnd.OnSide s ->
                carry.takes(s.wall())
                        ? new WallEnd.OnSide(
                                carry.taken(s.wall()), carry.movement().point(s.at()), s.reach())
                        : leftBehind(wall, which, s);
        };
    }

    /** A corner is one for all that share it; walls that stay behind keep their own. */
    private ElementId corner(ElementId id) {
        ElementId known = carry.carried(id);
        if (known != null) return known;
        Corner corner = carry.from().model().get(id, Corner.class);
        boolean all = carry.from().model().relations().endsAt(id).stream()
                .allMatch(ref -> carry.takes(ref.wall().id()));
        ElementId next = carry.copies() || !all ? carry.newId() : id;
        carry.goesBy(id, next);
        carry.put(new Corner(
                next,
                carry.there(corner.storey()),
                carry.movement().point(corner.at()),
                meeting(corner.meeting(), all)));
        return next;
    }

    private Meeting meeting(Meeting was, boolean all) {
        if (was instanceof Meeting.Through t)
            return carry.takes(t.wall()) ? new Meeting.Through(carry.taken(t.wall())) : new Meeting.ByRule();
        return all ? was : new Meeting.ByRule();
    }

    /** An end whose host is not carried. */
    private WallEnd leftBehind(Wall wall, End which, WallEnd.OnSide was) {
        WallSolid solid = carry.from().solid(wall.id());
        Strip strip = carry.from().strip(wall.id());
        if (solid == null || strip == null) return was;
        Vec crossing = carry.movement().point(strip.axis().at(which)),
                back = carry.movement().point(strip.axis().at(which.other()));
        if (carry.into().strip(was.wall()) instanceof Strip host && meets(host, back, crossing))
            return new WallEnd.OnSide(was.wall(), crossing, was.reach());
        Vec seen = carry.movement().point(strip.at(solid.visible(which), 0));
        WallEnd meant =
                Attachment.meant(carry.into(), carry.there(wall.storey()), back, seen, was.reach(), carry.walls());
        if (meant != null) return meant;
        Corner free = Corner.at(carry.newId(), carry.there(wall.storey()), seen);
        carry.put(free);
        return new WallEnd.AtCorner(free.id());
    }

    private static boolean meets(Strip host, Vec back, Vec crossing) {
        if (!host.axis().isStraight() || Tolerance.same(back, crossing)) return false;
        Line line = host.axis().chord();
        double along = line.along(crossing);
        boolean onLine = Math.abs(crossing.minus(line.through()).cross(line.direction())) <= 1;
        double sine = Math.abs(line.direction().cross(crossing.minus(back).unit()));
        return onLine && along > 0 && along < host.length() && sine > Tolerance.BEND_SINE;
    }

    private void opening(Opening o, ElementId wall, Placing at) {
        Opening moved = o.named(carry.idOf(o), carry.mark(o.letter(carry.letters()), o.mark()))
                .placed(wall, at)
                .onLayer(carry.there(o.layer()))
                .worded(carry.words(
                        o, carry.from().model().get(o.wall(), Wall.class).storey()));
        carry.put(carry.movement().mirrors() ? moved.mirrored() : moved);
    }

    private void piece(WallPiece p, ElementId wall) {
        WallPiece moved = p.named(carry.idOf(p), carry.mark("P", p.mark()))
                .on(wall)
                .of(carry.there(p.layer()), CarriedMakes.of(p.make(), carry));
        carry.put(carry.movement().mirrors() ? moved.facing(moved.side().other()) : moved);
    }

    /** An opening copied along its own wall. */
    @Nullable
    Refusal alone(Opening o) {
        Strip strip = carry.from().strip(o.wall());
        if (strip == null || !carry.movement().isShift() || carry.from() != carry.into())
            return Carrying.withItsWall(o);
        double along = carry.movement().origin().dot(strip.axis().chord().direction());
        WallSolid solid = carry.from().solid(o.wall());
        if (solid == null || !(solid.opening(o.id()) instanceof PlacedOpening now)) return Carrying.withItsWall(o);
        opening(o, o.wall(), Places.shifted(o.placing(), along, solid, now.from(), now.to()));
        return null;
    }
}
