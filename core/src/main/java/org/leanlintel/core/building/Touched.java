package org.leanlintel.core.building;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Which walls a change reaches: those whose line or build-up it may alter, and those that have to be fitted anew because
 * a wall they meet was altered. Both before and after count, so that what a wall no longer meets is healed.
 */
final class Touched {

    private final List<Model> models;
    private final Set<ElementId> strips = new LinkedHashSet<>();
    private final Set<ElementId> solids = new TreeSet<>();

    Touched(Change change, Model before, Model after) {
        models = List.of(before, after);
        change.before().forEach(this::add);
        change.after().forEach(this::add);
        for (ElementId wall : List.copyOf(strips)) for (Model m : models) addStanding(m, wall);
    }

    private void add(Element element) {
        switch (element) {
            case Wall w -> strips.add(w.id());
            case Corner c -> {
                for (Model m : models) {
                    for (WallEndRef ref : m.relations().endsAt(c.id())) {
                        strips.add(ref.wall().id());
                        solids.add(ref.wall().id());
                    }
                }
            }
            case Opening o -> solids.add(o.wall());
            case WallPiece p -> altered(p.wall());
            case BuildUp b -> madeOf(b);
            case Material m -> {
                models.getLast().all(BuildUp.class).stream()
                        .filter(b ->
                                b.plies().stream().anyMatch(p -> p.material().equals(m.id())))
                        .forEach(this::madeOf);
                models.getLast().all(WallPiece.class).forEach(p -> altered(p.wall()));
            }
            case Storey s -> models.getLast().all(Wall.class).forEach(w -> solids.add(w.id()));
            default -> {}
        }
    }

    private void madeOf(BuildUp buildUp) {
        for (Storey s : models.getLast().all(Storey.class))
            if (s.floor() instanceof Storey.Built b && b.buildUp().equals(buildUp.id())) add(s);
        for (Wall wall : models.getLast().all(Wall.class))
            if (wall.buildUp().equals(buildUp.id())) strips.add(wall.id());
        for (WallPiece piece : models.getLast().all(WallPiece.class)) {
            boolean ofIt =
                    piece.make() instanceof WallPiece.Built b && b.buildUp().equals(buildUp.id());
            if (ofIt) altered(piece.wall());
        }
    }

    private void addStanding(Model model, ElementId host) {
        model.relations().endsOn(host).forEach(ref -> strips.add(ref.wall().id()));
    }

    /** Walls whose strips may differ. */
    Set<ElementId> strips() {
        return strips;
    }

    /** The strip of {@code wall} does differ, or has gone: it and all it met or meets are to be fitted anew. */
    void altered(ElementId wall) {
        solids.add(wall);
        for (Model m : models) {
            addStandingOn(m, wall);
            if (m.find(wall, Wall.class) instanceof Wall w) for (End end : End.values()) addMet(m, w.at(end));
        }
    }

    private void addMet(Model model, WallEnd end) {
        switch (end) {
            case WallEnd.AtCorner c -> {
                for (WallEndRef ref : model.relations().endsAt(c.corner())) {
                    solids.add(ref.wall().id());
                    addStandingOn(model, ref.wall().id());
                }
            }
            case WallEnd.OnSide s -> {
                solids.add(s.wall());
                boolean through = model.relations().endsOn(s.wall()).stream().anyMatch(Touched::goesThrough);
                if (through) addStandingOn(model, s.wall());
            }
        }
    }

    private void addStandingOn(Model model, ElementId host) {
        for (WallEndRef ref : model.relations().endsOn(host))
            solids.add(ref.wall().id());
    }

    private static boolean goesThrough(WallEndRef ref) {
        return ref.wall().at(ref.end()) instanceof WallEnd.OnSide s && s.reach() == WallEnd.Reach.THROUGH;
    }

    /** Walls whose openings are in line with openings of walls that are fitted anew, and so on from there. */
    void addInLine() {
        Model after = models.getLast();
        boolean more = after.all(Opening.class).stream().anyMatch(o -> o.placing() instanceof Placing.InLine);
        while (more) {
            more = false;
            for (Opening o : after.all(Opening.class)) {
                if (!(o.placing() instanceof Placing.InLine line)) continue;
                Opening leads = after.find(line.opening(), Opening.class);
                if (leads == null || solids.contains(leads.wall())) more |= solids.add(o.wall());
            }
        }
    }

    /** Walls to fit anew, in the order of their ids; some of them may have gone. */
    Set<ElementId> solids() {
        return solids;
    }
}
