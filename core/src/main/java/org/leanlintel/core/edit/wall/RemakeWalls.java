package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Wall;

/**
 * Makes walls of another build-up. Each keeps its set-out line where it is drawn.
 *
 * @param line where in the new build-up that line lies
 */
public record RemakeWalls(List<ElementId> walls, ElementId buildUp, Line line) implements Edit {

    /** Where a set-out line comes to lie. */
    public sealed interface Line {}

    /** On the same physical face as before. */
    public record Kept() implements Line {}

    public record At(SetOut setOut) implements Line {}

    public RemakeWalls(List<ElementId> walls, ElementId buildUp) {
        this(walls, buildUp, new Kept());
    }

    public RemakeWalls {
        walls = List.copyOf(walls);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(buildUp);
    }

    @Override
    public Outcome on(Building building) {
        if (walls.isEmpty()) return Refusal.because("No wall is selected.");
        Model model = building.model();
        BuildUp next = model.get(buildUp, BuildUp.class);
        List<Element> put = new ArrayList<>();
        for (ElementId id : walls) {
            Wall wall = model.get(id, Wall.class);
            BuildUp was = model.get(wall.buildUp(), BuildUp.class);
            SetOut setOut =
                    switch (line) {
                        case Kept kept -> wall.setOut().keptIn(was, next);
                        case At at -> at.setOut();
                    };
            put.add(wall.madeOf(buildUp, setOut, wall.outside()));
        }
        String what = put.size() == 1 ? Naming.of(put.getFirst()) : put.size() + " walls";
        return Change.to(model, "make %s of %s".formatted(what, next.name()), put, List.of());
    }
}
