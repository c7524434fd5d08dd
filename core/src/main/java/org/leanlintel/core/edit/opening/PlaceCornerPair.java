package org.leanlintel.core.edit.opening;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WordsAt;

/**
 * Places two windows that meet at a corner of two walls, with a post between them.
 *
 * @param end of {@code wall} at which the corner is
 * @param widthMm of the opening in {@code wall}, from the inside corner
 * @param otherWidthMm of the opening in the other wall, likewise
 * @param window what stands in both; its form is given by the edit
 */
public record PlaceCornerPair(
        ElementId wall,
        End end,
        ElementId layer,
        double widthMm,
        double otherWidthMm,
        double heightMm,
        double sillMm,
        Opening.Window window,
        OpeningMake make)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall first = model.get(wall, Wall.class);
        List<WallEndRef> met =
                first.at(end) instanceof WallEnd.AtCorner c ? model.relations().endsAt(c.corner()) : List.of();
        if (met.size() != 2)
            return Refusal.because(
                    "%s does not share that end with just one other wall.".formatted(first.mark()), wall);
        WallEndRef other = met.get(0).wall().id().equals(wall) ? met.get(1) : met.get(0);
        NewIds ids = new NewIds(model);
        Marks marks = new Marks(model);
        String letter = model.settings().letters().windows();
        Opening one = opening(ids.next(), marks.next(letter), first, end, widthMm),
                two = opening(ids.next(), marks.next(letter), other.wall(), other.end(), otherWidthMm);
        return Change.to(model, "place windows round a corner", List.of(one, two), List.of());
    }

    private Opening opening(ElementId id, String mark, Wall in, End at, double width) {
        Stop corner = new Stop.WallsEnd(at, Stop.Line.of(in.outside().other(), Stop.Of.FINISH));
        Opening.Window kind = window.in(new Opening.ToCorner(at));
        Placing placing = new Placing.Off(corner, Placing.Edge.NEAR, 0);
        return new Opening(
                id,
                layer,
                mark,
                in.id(),
                placing,
                width,
                heightMm,
                sillMm,
                kind,
                make,
                "",
                WordsAt.CLEAR,
                Opening.Work.AS_WALL);
    }
}
