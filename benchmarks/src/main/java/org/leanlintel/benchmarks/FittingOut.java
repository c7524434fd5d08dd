package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Wall;
import org.leanlintel.formats.standard.OfficeStandard;

/** Fits out one house of {@link Houses} after another: four openings and six fittings in each, names in the first thirty. */
final class FittingOut {

    private static final int NAMED = 30, MEASURED = 50, FLOORED = 5;

    private int houses;

    Building fitOut(Building bare) {
        Building house = bare;
        Bounds box = Rooms.in(house).of(OfficeStandard.GROUND).stream()
                .map(space -> space.bounds())
                .reduce(Bounds::with)
                .orElseThrow();
        Vec middle = box.centre();
        int windows = 0;
        for (Wall wall : house.model().all(Wall.class)) {
            boolean partition = wall.setOut() instanceof SetOut.MiddleOfStructure;
            if (partition) house = done(door(wall.id()), house);
            else if (windows++ < 3) house = done(window(wall.id()), house);
        }
        double left = box.minX(), right = box.maxX(), low = box.minY(), high = box.maxY();
        house = done(fitting(house, "wc", left + 500, high - 100), house);
        house = done(fitting(house, "basin", left + 1600, high - 100), house);
        house = done(fitting(house, "bath", left + 1200, low + 100), house);
        house = done(fitting(house, "bed-double", right - 100, middle.y() + 900), house);
        house = done(fitting(house, "wardrobe", right - 1000, low + 100), house);
        house = done(fitting(house, "sofa", middle.x() + 1400, high - 100), house);
        if (houses < MEASURED) house = done(string(house, new Vec(left, low - 1500)), house);
        if (houses < FLOORED) house = done(floor(left, low, right, high), house);
        if (houses++ < NAMED) {
            house = done(room(new Vec(left + 800, middle.y())), house);
            house = done(room(new Vec(right - 800, middle.y())), house);
        }
        return house;
    }

    private static Building done(Edit edit, Building house) {
        Editing.Result result = Editing.run(edit, house);
        if (result.outcome() instanceof Refusal refusal) throw new IllegalStateException(refusal.sentence());
        return result.after();
    }

    private static Edit window(ElementId wall) {
        Opening.Window kind = new Opening.Window(2, 110, Lights.Opens.SIDE_HUNG);
        return new PlaceOpening(
                wall, OfficeStandard.LAYER_OPENINGS, Placing.from(End.START, 800), 1200, 1200, 900, kind);
    }

    private static Edit door(ElementId wall) {
        Opening.SwingDoor kind = new Opening.SwingDoor(End.START, Side.RIGHT);
        return new PlaceOpening(wall, OfficeStandard.LAYER_OPENINGS, Placing.from(End.START, 2500), 838, 2040, 0, kind);
    }

    private static Edit fitting(Building house, String symbol, double x, double y) {
        Symbol of = house.model().get(new ElementId("symbol-" + symbol), Symbol.class);
        return new PlaceFitting(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FITTINGS,
                of.id(),
                new PlaceFitting.Near(new Vec(x, y)),
                0,
                false,
                of.width().usualMm(),
                of.depth().usualMm());
    }

    private static Edit room(Vec at) {
        return new NameRoom(
                OfficeStandard.GROUND, OfficeStandard.LAYER_ROOMS, at, "", "Room", Room.Use.OTHER, Room.Finishes.NONE);
    }

    /** Along the house, to the outer faces of its walls and the middle of the one across. */
    private static Edit string(Building house, Vec at) {
        List<Hold> holds = new ArrayList<>();
        for (Wall w : house.model().all(Wall.class)) {
            Vec way = house.strip(w.id()).axis().directionAt(0);
            if (Math.abs(way.x()) < 0.1) holds.add(new Hold.OnFace(w.id(), 0));
        }
        return new DrawString(OfficeStandard.GROUND_PLAN, OfficeStandard.LAYER_DIMENSIONS, new Vec(1, 0), at, holds);
    }

    private static Edit floor(double left, double low, double right, double high) {
        List<Vec> ring = List.of(new Vec(left, low), new Vec(right, low), new Vec(right, high), new Vec(left, high));
        return new DrawFloor(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FLOORS,
                new ElementId("build-up-suspended-timber"),
                new Floor.Drawn(ring),
                0,
                0,
                new Floor.Level());
    }
}
