package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Inks;

/** All drawings of a project. They are not looked at: what is there counts as shown, by those that could show it. */
record LegendOfProject(Model model) implements LegendScope {

    @Override
    public String empty() {
        return "Nothing is drawn yet.";
    }

    @Override
    public List<Drawing> drawings() {
        return model.all(Drawing.class);
    }

    @Override
    public List<Drawing.Frame> frames() {
        List<Drawing.Frame> frames = new ArrayList<>();
        for (Drawing d : drawings()) frames.add(d.frame());
        for (Sheet s : model.all(Sheet.class)) for (Sheet.Placed p : s.drawings()) frames.add(p.crop());
        return frames;
    }

    @Override
    public boolean shows(Element element, Predicate<Drawing> which) {
        return drawings().stream().anyMatch(which);
    }

    @Override
    public boolean draws(PenRole role) {
        return switch (role) {
            case REMOVED -> has(Wall.class, w -> w.state() == WorkState.REMOVED);
            case OVERHEAD -> has(Roof.class, Roof::stays);
            case GROUND -> drawings().stream().anyMatch(d -> d.kind().isUpright());
            case BOUNDARY -> has(BoundaryLine.class, b -> true);
            default -> true;
        };
    }

    @Override
    public boolean fills(ElementId element, String tint) {
        return !tint.equals(Inks.STANDING_TINT)
                || model.find(element) instanceof Wall w && w.state() == WorkState.EXISTING;
    }

    private <E extends Element> boolean has(Class<E> kind, Predicate<E> which) {
        return model.all(kind).stream().anyMatch(which);
    }
}
