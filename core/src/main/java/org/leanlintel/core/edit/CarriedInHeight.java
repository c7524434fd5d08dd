package org.leanlintel.core.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;

/** Floors, voids and stairs taken through a rigid movement. */
record CarriedInHeight(UnaryOperator<ElementId> there, Rigid movement, boolean copies, Marks marks) {

    Floor floor(Floor f, ElementId id) {
        Floor.Outline outline =
                switch (f.outline()) {
                    case Floor.InsideShell s -> new Floor.InsideShell(movement.point(s.seed()), s.edge());
                    case Floor.Drawn d -> new Floor.Drawn(ring(d.ring()));
                };
        Floor.Fall fall =
                f.fall() instanceof Floor.Falling l ? new Floor.Falling(angle(l.direction()), l.slope()) : f.fall();
        return new Floor(
                id,
                there.apply(f.storey()),
                there.apply(f.layer()),
                mark("FL", f.mark()),
                there.apply(f.buildUp()),
                outline,
                f.stepMm(),
                angle(f.span()),
                fall);
    }

    FloorVoid hole(FloorVoid v, ElementId id) {
        return v.on(id, there.apply(v.storey()), there.apply(v.layer()), mark("V", v.mark()))
                .within(ring(v.ring()));
    }

    /** Mirrored, its left end is where its right one was, and it turns to the other side. */
    Stair stair(Stair s, ElementId id) {
        Stair placed = s.placed(id, there.apply(s.storey()), there.apply(s.layer()), mark("ST", s.mark()));
        if (!movement.mirrors()) return placed.at(movement.point(s.at()), angle(s.angle()), s.shape());
        Vec right = s.at().along(Vec.ofAngle(s.angle()).left(), -s.widthMm());
        return placed.at(movement.point(right), angle(s.angle()), mirrored(s.shape()))
                .made(mirrored(s.make()));
    }

    private static Stair.Shape mirrored(Stair.Shape shape) {
        return switch (shape) {
            case Stair.Flights f ->
                new Stair.Flights(
                        f.before(),
                        f.turns().stream()
                                .map(t -> new Stair.Turn(t.by(), t.side().other(), t.half(), t.wellMm(), t.pivotMm()))
                                .toList());
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
        return ring.stream().map(movement::point).toList();
    }

    private double angle(double angle) {
        Vec from = movement.point(Vec.ORIGIN), to = movement.point(Vec.ofAngle(angle));
        return to.minus(from).angle();
    }

    private String mark(String letter, String was) {
        return copies ? marks.next(letter) : was;
    }
}
