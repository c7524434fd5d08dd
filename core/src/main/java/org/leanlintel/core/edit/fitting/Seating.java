package org.leanlintel.core.edit.fitting;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.RoomWalls;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.setting.Setting;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;

/** Finds the wall that something with a back stands against. @param not walls that do not count */
public record Seating(Building building, ElementId storey, Set<ElementId> not) {

    /** How far before a wall's face it still goes to it. */
    static final double REACH_MM = 900;
    /** How near a back must be to a wall's face to lie on it. */
    private static final double AGAINST_MM = 100;

    private record Face(WallSolid solid, Side side, double s, double off) {}

    /**
     * On the face nearest to a point that looks at it, within the room there; null where none is near.
     *
     * @param heldMm from the left end of the back to what is placed at the point
     */
    Fitting.@Nullable OnWall nearest(Vec point, double widthMm, double heldMm) {
        RoomSpace room = Rooms.in(building).at(storey, point);
        Face best = null;
        for (Strip strip : building.near(point, storey)) {
            for (Side side : Side.values()) {
                Face face = face(strip, side, point);
                if (face == null || face.off() > REACH_MM || best != null && face.off() >= best.off()) continue;
                if (room != null && !looksInto(face, room.walls(building))) continue;
                best = face;
            }
        }
        return best == null ? null : seat(best, widthMm, heldMm);
    }

    /** On the face that a back lies against, looking {@code out}; null where none is there. */
    public Fitting.@Nullable OnWall against(Vec back, Vec out, double widthMm) {
        for (Strip strip : building.near(back, storey)) {
            for (Side side : Side.values()) {
                Face face = face(strip, side, back.along(out, 1));
                if (face == null || face.off() > AGAINST_MM) continue;
                Vec looks = strip.axis().directionAt(face.s()).left().times(side.sign());
                if (looks.dot(out) > 1 - Tolerance.PARALLEL_SINE) return seat(face, widthMm, widthMm / 2);
            }
        }
        return null;
    }

    /** Null where the point does not lie before that face. */
    private @Nullable Face face(Strip strip, Side side, Vec point) {
        WallSolid solid = building.solid(strip.wall().id());
        if (solid == null || !strip.wall().stays() || not.contains(strip.wall().id())) return null;
        double s = strip.axis().s(point);
        Span along = solid.face(side);
        if (s < along.from() || s > along.to()) return null;
        double t = side == Side.LEFT ? strip.hi() : strip.lo();
        double off = point.minus(strip.at(s, t))
                .dot(strip.axis().directionAt(s).left().times(side.sign()));
        return off < -Tolerance.SAME_MM ? null : new Face(solid, side, s, off);
    }

    private static boolean looksInto(Face face, RoomWalls walls) {
        Strip strip = face.solid().strip();
        double t = face.side() == Side.LEFT ? strip.hi() : strip.lo();
        return walls.enclose(strip.at(face.s(), t + face.side().sign() * (face.off() / 2 + 1)));
    }

    /** Measured from the nearer inside corner, within the corners where it has room there. */
    private Fitting.OnWall seat(Face face, double widthMm, double heldMm) {
        WallSolid solid = face.solid();
        Setting setting = Setting.at(solid, face.side(), Stop.Of.FINISH, face.s(), face.s(), false);
        double middle = face.s() - face.side().sign() * (widthMm / 2 - heldMm);
        double from = Math.rint(middle - widthMm / 2 - setting.low()) + setting.low();
        from = Math.max(setting.low(), Math.min(from, setting.high() - widthMm));
        boolean nearLow = from - setting.low() <= setting.high() - from - widthMm;
        Stop stop = nearLow ? setting.lower() : setting.higher();
        double distance = nearLow ? from - setting.low() : setting.high() - from - widthMm;
        Placing placing = new Placing.Off(stop, Placing.Edge.NEAR, Math.max(0, distance));
        return new Fitting.OnWall(solid.strip().wall().id(), face.side(), placing);
    }
}
