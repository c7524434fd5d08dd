package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/** A rectilinear storey at random: a shell with a wing or a recess, partitions between its walls, doors and windows. */
final class RandomHouse {

    private RandomHouse() {}

    static void in(Sketch sketch, Random random) {
        double width = 8000 + random.nextInt(80) * 100, depth = 6000 + random.nextInt(50) * 100;
        double x = 2500 + random.nextInt((int) width - 5000), y = 2500 + random.nextInt((int) depth - 4500);
        List<Wall> walls = new ArrayList<>(
                random.nextBoolean()
                        ? sketch.run(Sketch.SHELL, true, 0, 0, 0, depth, x, depth, x, y, width, y, width, 0)
                        : sketch.run(Sketch.SHELL, true, 0, 0, 0, depth, width, depth, width, 0));
        for (int i = 0; i < 6; i++) partition(sketch, random, walls);
        for (int i = 0; i < 14; i++) opening(sketch, random, walls.get(random.nextInt(walls.size())));
    }

    /** From a wall's side on to what it meets there; what cannot be drawn is left out. */
    private static void partition(Sketch sketch, Random random, List<Wall> walls) {
        Wall from = walls.get(random.nextInt(walls.size()));
        Strip strip = sketch.building().strip(from.id());
        double s = 700 + random.nextInt((int) Math.max(1, strip.length() - 1400));
        Vec at = strip.at(s, 0);
        Vec across = strip.axis().directionAt(0).left().times(random.nextBoolean() ? 1 : -1);
        Wall nearest = null;
        double best = Double.POSITIVE_INFINITY;
        for (Wall w : walls) {
            Strip other = sketch.building().strip(w.id());
            if (w == from || Math.abs(other.axis().directionAt(0).dot(across)) > 0.5) continue;
            double along = other.axis().s(at);
            double away = other.at(along, 0).minus(at).dot(across);
            if (along > 600 && along < other.length() - 600 && away > 900 && away < best) {
                best = away;
                nearest = w;
            }
        }
        if (nearest == null) return;
        Vec end = at.along(across, best);
        List<Pick> picks =
                List.of(new Pick(at, new Hold.OnFace(from.id(), 0)), new Pick(end, new Hold.OnFace(nearest.id(), 0)));
        if (sketch.tryRun(new DrawWalls(sketch.newWall(Sketch.PARTITION), picks, false)) instanceof Change change)
            walls.addAll(Sketch.made(change));
    }

    private static void opening(Sketch sketch, Random random, Wall wall) {
        double length = sketch.building().strip(wall.id()).length();
        double width = 600 + random.nextInt(10) * 100;
        if (length < width + 900) return;
        Opening.Kind kind = random.nextBoolean()
                ? new Opening.SwingDoor(End.START, Side.RIGHT)
                : new Opening.Window(1, 100, Lights.Opens.FIXED);
        double sill = kind instanceof Opening.Window ? 900 : 0;
        sketch.tryRun(new PlaceOpening(
                wall.id(),
                Sketch.LAYER,
                Placing.from(End.START, 400 + random.nextInt((int) (length - width - 700))),
                width,
                1200,
                sill,
                kind));
    }
}
