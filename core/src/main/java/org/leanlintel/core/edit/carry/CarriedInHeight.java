package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Truss;

/** Floors, voids and stairs taken through a rigid carry.movement(). */
record CarriedInHeight(Carriage carry) {

    Floor floor(Floor f) {
        Floor.Outline outline =
                switch (f.outline()) {
                    case Floor.InsideShell s ->
                        new Floor.InsideShell(carry.movement().point(s.seed()), s.edge());
                    case Floor.Drawn d -> new Floor.Drawn(ring(d.ring()));
                };
        Floor.Fall fall =
                f.fall() instanceof Floor.Falling l ? new Floor.Falling(angle(l.direction()), l.slope()) : f.fall();
        return new Floor(
                carry.idOf(f),
                carry.there(f.storey()),
                carry.there(f.layer()),
                carry.mark("FL", f.mark()),
                carry.there(f.buildUp()),
                outline,
                f.stepMm(),
                angle(f.span()),
                fall,
                f.state());
    }

    FloorVoid hole(FloorVoid v) {
        return v.on(carry.idOf(v), carry.there(v.storey()), carry.there(v.layer()), carry.mark("V", v.mark()))
                .within(ring(v.ring()));
    }

    /** Edges that are not as usual stay with their walls; those of walls that stay behind are as usual. */
    Roof roof(Roof r) {
        Roof.Over over =
                switch (r.over()) {
                    case Roof.OverShell s -> new Roof.OverShell(carry.movement().point(s.seed()));
                    case Roof.OverRing g -> new Roof.OverRing(ring(g.ring()));
                };
        Roof.Under under =
                r.under() instanceof Roof.LevelCeiling c ? new Roof.LevelCeiling(carry.there(c.buildUp())) : r.under();
        return r.on(carry.idOf(r), carry.there(r.storey()), carry.there(r.layer()), carry.mark("R", r.mark()))
                .over(over, own(r))
                .of(carry.there(r.buildUp()), r.trim().of(carry::there), under);
    }

    /** In the roof that is carried with them; null where it stays. */
    @Nullable
    Truss truss(Truss t) {
        ElementId roof = carry.carried(t.roof());
        return roof == null ? null : t.on(carry.idOf(t), roof, carry.there(t.layer()), carry.mark("T", t.mark()));
    }

    /** Under the wall or the post that is carried with it; null where that stays. */
    @Nullable
    Footing footing(Footing f) {
        Footing.Under under =
                switch (f.under()) {
                    case Footing.UnderShell s ->
                        new Footing.UnderShell(carry.movement().point(s.seed()));
                    case Footing.UnderWall w ->
                        there(w.wall()) instanceof ElementId wall ? new Footing.UnderWall(wall) : null;
                    case Footing.UnderPost p ->
                        there(p.post()) instanceof ElementId post ? new Footing.UnderPost(post) : null;
                };
        if (under == null) return null;
        Footing.Rising rising = f.rising() instanceof Footing.Stem s
                ? new Footing.Stem(carry.there(s.material()), s.widthMm())
                : f.rising();
        return f.on(carry.idOf(f), carry.there(f.storey()), carry.there(f.layer()), carry.mark("FT", f.mark()))
                .under(under)
                .of(carry.there(f.material()), rising);
    }

    /** Before the door that is carried with them; null where that stays. */
    @Nullable
    OutsideSteps steps(OutsideSteps s) {
        ElementId door = there(s.opening());
        return door == null
                ? null
                : s.on(
                        carry.idOf(s),
                        door,
                        carry.there(s.layer()),
                        carry.mark("OS", s.mark()),
                        carry.there(s.material()));
    }

    private @Nullable ElementId there(ElementId thing) {
        return carry.copies() ? carry.carried(thing) : thing;
    }

    /** On the roof that is carried with it, or on its own where that stays; null where that is not in the project it is put in. */
    @Nullable
    RoofPart roofPart(RoofPart p) {
        ElementId carried = carry.carried(p.roof()), roof = carried == null ? p.roof() : carried;
        if (carried == null && carry.into().model().find(roof, Roof.class) == null) return null;
        RoofPart.Make make = p.material() instanceof ElementId of ? p.madeOf(carry.there(of)) : p.make();
        return p.on(carry.idOf(p), roof, carry.there(p.layer()), carry.mark(p.letters(), p.mark()), make)
                .moved(carry.movement().point(p.at()));
    }

    private List<Roof.OwnEdge> own(Roof r) {
        List<Roof.OwnEdge> own = new ArrayList<>();
        for (Roof.OwnEdge o : r.own())
            switch (o.along()) {
                case Roof.OnWall w -> {
                    ElementId wall = carry.copies() ? carry.carried(w.wall()) : w.wall();
                    if (wall != null) own.add(new Roof.OwnEdge(new Roof.OnWall(wall), o.edge()));
                }
                case Roof.OnSide s -> own.add(new Roof.OwnEdge(side(s, r.over()), o.edge()));
            }
        return own;
    }

    /** A mirrored ring is turned about to run counter-clockwise: its last side comes to be the first but one. */
    private Roof.OnSide side(Roof.OnSide s, Roof.Over over) {
        if (!(over instanceof Roof.OverRing g) || !carry.movement().mirrors()) return s;
        int n = g.ring().size();
        return new Roof.OnSide((2 * n - 2 - s.index()) % n);
    }

    /** Mirrored, its left end is where its right one was, and it turns to the other side. */
    Stair stair(Stair s) {
        Stair placed =
                s.placed(carry.idOf(s), carry.there(s.storey()), carry.there(s.layer()), carry.mark("ST", s.mark()));
        if (!carry.movement().mirrors()) return placed.at(carry.movement().point(s.at()), angle(s.angle()), s.shape());
        Vec right = s.at().along(Vec.ofAngle(s.angle()).left(), -s.widthMm());
        return placed.at(carry.movement().point(right), angle(s.angle()), mirrored(s.shape()))
                .made(mirrored(s.make()));
    }

    private static Stair.Shape mirrored(Stair.Shape shape) {
        return switch (shape) {
            case Stair.Flights f ->
                new Stair.Flights(
                        f.before(), f.turns().stream().map(Stair.Turn::mirrored).toList());
            case Stair.Spiral p ->
                new Stair.Spiral(p.poleMm(), p.sweep(), p.side().other());
        };
    }

    private static StairMake mirrored(StairMake make) {
        return make.withRails(
                switch (make.rails()) {
                    case LEFT -> StairMake.Rails.RIGHT;
                    case RIGHT -> StairMake.Rails.LEFT;
                    case NONE, BOTH -> make.rails();
                });
    }

    private List<Vec> ring(List<Vec> ring) {
        return ring.stream().map(carry.movement()::point).toList();
    }

    private double angle(double angle) {
        Vec from = carry.movement().point(Vec.ORIGIN), to = carry.movement().point(Vec.ofAngle(angle));
        return to.minus(from).angle();
    }
}
