package org.leanlintel.benchmarks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.formats.standard.OfficeStandard;

/**
 * Small houses side by side: a closed shell of four walls and a partition across each.
 *
 * @param moved the first wall of a house in the middle: the same in a storey of any size
 * @param partition that stands across that house
 */
record Houses(Model model, ElementId moved, ElementId partition) {

    private static final int WALLS_A_CELL = 5;
    private static final double CELL_MM = 6000, SPACING_MM = 8000;

    static Houses of(int walls) {
        return of(walls, UnaryOperator.identity());
    }

    /** The same with rooms, openings, fittings, strings and drawn floors: 60, 320, 480, 50 and 5 in 400 walls. */
    static Houses fitted(int walls) {
        return of(walls, new FittingOut()::fitOut);
    }

    /** Moves of so many walls by 10 mm both ways that a building accepts, in a random order. */
    static List<Edit> moves(Building building, int count) {
        List<Wall> walls = new ArrayList<>(building.model().all(Wall.class));
        Collections.shuffle(walls, new Random(1));
        List<Edit> moves = new ArrayList<>();
        for (Wall w : walls) {
            Edit move = new Move(List.of(w.id()), new Vec(10, 10));
            if (moves.size() < count && !(Editing.run(move, building).outcome() instanceof Refusal)) moves.add(move);
        }
        return moves;
    }

    static Move back(Move move) {
        return new Move(move.elements(), new Vec(-move.by().x(), -move.by().y()));
    }

    private static Houses of(int walls, UnaryOperator<Building> fitOut) {
        Settings settings = new Settings(
                Settings.ID,
                "Benchmark",
                "",
                "",
                "",
                UnitSystem.METRIC,
                PaperSize.A2,
                1200,
                "UK",
                Settings.RoomNumbering.FROM_ZERO,
                MarkLetters.PLAIN);
        List<Element> elements =
                new ArrayList<>(OfficeStandard.newProject(settings).elements());
        Building cell = Building.of(Model.of(0, elements));
        int cells = walls / WALLS_A_CELL, row = (int) Math.ceil(Math.sqrt(cells));
        long revision = 0;
        ElementId moved = null, partition = null;
        for (int i = 0; i < cells; i++) {
            int column = i % row, line = i / row;
            double x = column * SPACING_MM, y = line * SPACING_MM;
            Building drawn = fitOut.apply(
                    cell(Building.of(Model.of(revision, cell.model().elements())), x, y));
            revision = drawn.model().revision();
            for (Element e : drawn.model().elements()) if (cell.model().find(e.id()) == null) elements.add(e);
            if (i != cells / 2) continue;
            moved = firstSetOut(drawn, SetOut.OnFace.class);
            partition = firstSetOut(drawn, SetOut.MiddleOfStructure.class);
        }
        if (moved == null || partition == null) throw new IllegalArgumentException("Too few walls: " + walls);
        return new Houses(Model.of(revision, elements), moved, partition);
    }

    private static ElementId firstSetOut(Building house, Class<? extends SetOut> setOut) {
        return house.model().all(Wall.class).stream()
                .filter(w -> setOut.isInstance(w.setOut()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Building cell(Building empty, double x, double y) {
        List<Pick> shell = List.of(
                Pick.bare(x, y),
                Pick.bare(x, y + CELL_MM),
                Pick.bare(x + CELL_MM, y + CELL_MM),
                Pick.bare(x + CELL_MM, y));
        Editing.Result closed = Editing.run(walls("build-up-frame-brick", new SetOut.OnFace(0), shell, true), empty);
        List<Wall> made = ((Change) closed.outcome())
                .after().stream()
                        .filter(Wall.class::isInstance)
                        .map(Wall.class::cast)
                        .toList();
        double middle = x + CELL_MM / 2;
        List<Pick> across = List.of(
                new Pick(new Vec(middle, y), new Hold.OnFace(made.get(3).id(), 0)),
                new Pick(
                        new Vec(middle, y + CELL_MM),
                        new Hold.OnFace(made.get(1).id(), 0)));
        return Editing.run(
                        walls("build-up-stud-partition", new SetOut.MiddleOfStructure(), across, false), closed.after())
                .after();
    }

    private static DrawWalls walls(String buildUp, SetOut setOut, List<Pick> picks, boolean close) {
        return new DrawWalls(
                NewWall.of(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_WALLS,
                        new ElementId(buildUp),
                        setOut,
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                picks,
                close);
    }
}
