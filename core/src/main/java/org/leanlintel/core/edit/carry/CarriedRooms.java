package org.leanlintel.core.edit.carry;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.edit.fitting.Seating;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.WordsAt;

/** Rooms, their limits and fittings carried; a fitting turns to the wall it then touches. */
record CarriedRooms(Carriage carry, CarriedPlacings placings) {

    void fitting(Fitting f) {
        PlacedFitting placed = PlacedFitting.of(f, carry.from());
        ElementId id = carry.idOf(f);
        Fitting moved = f.on(id, carry.there(f.storey()), carry.there(f.layer()), carry.mark("F", f.mark()))
                .of(carry.there(f.symbol()), f.widthMm(), f.depthMm())
                .mirrored(carry.movement().mirrors() != f.mirrored());
        WordsAt words = carry.words(f, f.storey());
        carry.put(moved.seated(seat(f, placed))
                .worded(carry.movement().mirrors() ? words.each(at -> new Vec(-at.x(), at.y())) : words));
    }

    private Fitting.Seat seat(Fitting f, @Nullable PlacedFitting placed) {
        if (f.seat() instanceof Fitting.OnWall seat && carry.takes(seat.wall())) {
            Side side = carry.movement().mirrors() ? seat.side().other() : seat.side();
            Placing placing = placings.of(seat.wall(), seat.placing(), f.id(), f.widthMm());
            return new Fitting.OnWall(carry.taken(seat.wall()), side, placing);
        }
        if (placed == null) return f.seat();
        Vec out = carry.movement().direction(placed.out());
        Seating seating = new Seating(carry.into(), carry.there(f.storey()), carry.walls());
        Vec back = carry.movement().point(placed.box(f.widthMm() / 2, 0));
        Fitting.Seat against = placed.symbol().back() ? seating.against(back, out, f.widthMm()) : null;
        return against != null
                ? against
                : new Fitting.Free(
                        carry.movement().point(placed.middle()), out.left().angle());
    }

    void room(Room r) {
        ElementId id = carry.idOf(r);
        carry.put(r.on(id, carry.there(r.storey()), carry.there(r.layer()))
                .seeded(carry.movement().point(r.seed()))
                .under(above(r.above()))
                .worded(carry.words(r, r.storey()).each(carry.movement()::point)));
    }

    private Room.Above above(Room.Above above) {
        return switch (above) {
            case Room.WhatStands w -> w;
            case Room.LevelCeiling l -> new Room.LevelCeiling(carry.there(l.buildUp()));
            case Room.VaultedCeiling v ->
                new Room.VaultedCeiling(
                        carry.there(v.buildUp()),
                        v.pitch(),
                        carry.movement().direction(Vec.ofAngle(v.ridge())).angle());
            case Room.SlopedCeiling s ->
                new Room.SlopedCeiling(
                        carry.there(s.buildUp()),
                        s.pitch(),
                        carry.movement().direction(Vec.ofAngle(s.up())).angle());
        };
    }

    void roomLimit(RoomLimit l) {
        ElementId id = carry.idOf(l);
        carry.put(new RoomLimit(
                id,
                carry.there(l.storey()),
                carry.there(l.layer()),
                carry.movement().point(l.from()),
                carry.movement().point(l.to())));
    }

    /** Copies take the next mark of its kind. */
    void gridLine(GridLine l) {
        ElementId id = carry.idOf(l);
        String mark = carry.copies()
                ? DrawGrid.free(l.mark(), DrawGrid.taken(carry.into().model()))
                : l.mark();
        carry.put(new GridLine(
                id,
                carry.there(l.layer()),
                mark,
                carry.movement().point(l.from()),
                carry.movement().point(l.to()),
                l.bubbles()));
    }

    void boundaryLine(BoundaryLine l) {
        BoundaryLine there = l.as(carry.idOf(l), carry.there(l.layer()));
        carry.put(
                there.between(carry.movement().point(l.from()), carry.movement().point(l.to())));
    }

    void spotLevel(SpotLevel l) {
        carry.put(l.as(carry.idOf(l), carry.there(l.layer()), carry.movement().point(l.at())));
    }

    void constructionLine(ConstructionLine l) {
        ConstructionLine there = l.on(carry.idOf(l), carry.there(l.storey()), carry.there(l.layer()));
        carry.put(
                there.between(carry.movement().point(l.from()), carry.movement().point(l.to())));
    }
}
