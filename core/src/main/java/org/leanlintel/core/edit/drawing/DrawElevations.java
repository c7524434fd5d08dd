package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Compass;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;

/** Adds the elevations of the four sides of the house that are not there yet, each named by the way its faces look. */
public record DrawElevations(ElementId storey, ElementId lens, double scale) implements Edit {

    /** Radians: elevations of one side look so nearly the same way. */
    private static final double SAME_SIDE = Math.toRadians(20);

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, lens);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        if (model.all(Wall.class).isEmpty()) return Refusal.because("There are no walls to see yet.");
        NewIds ids = new NewIds(model);
        double main = mainDirection(building), order = Drawing.lastOrder(model);
        List<Element> made = new ArrayList<>();
        // the front first: the side that is at the foot of the plan, then round it
        for (int quarter = 3; quarter < 7; quarter++) {
            double angle = Math.IEEEremainder(main + quarter * Math.PI / 2, Math.TAU);
            if (model.all(Drawing.class).stream().anyMatch(d -> isOf(d, angle))) continue;
            made.add(new Drawing(
                    ids.next(),
                    freeName(model, made, name(angle, Site.of(model).north())),
                    Drawing.Kind.ELEVATION,
                    storey,
                    lens,
                    scale,
                    "",
                    new Drawing.Facing(angle),
                    order++,
                    new Drawing.All(),
                    List.of()));
        }
        if (made.isEmpty()) return Refusal.because("All four sides have their elevations already.");
        return Change.to(model, made.size() == 1 ? "draw an elevation" : "draw elevations", made, List.of());
    }

    /** What the elevation of a side is called, by the way that looks. @param angle the way; @param north as {@link Site} has it */
    public static String name(double angle, double north) {
        return Compass.words(angle, north) + " elevation";
    }

    private static boolean isOf(Drawing drawing, double angle) {
        return drawing.subject() instanceof Drawing.Facing f
                && Math.abs(Math.IEEEremainder(f.angle() - angle, Math.TAU)) < SAME_SIDE;
    }

    /** How the longest wall is turned, from 0 to less than a quarter. */
    private static double mainDirection(Building building) {
        double longest = 0, angle = 0;
        for (Wall w : building.model().all(Wall.class))
            if (building.strip(w.id()) instanceof Strip s && s.length() > longest) {
                longest = s.length();
                angle = s.axis().chord().direction().angle();
            }
        double quarter = Math.PI / 2, turned = angle - quarter * Math.floor(angle / quarter + 1e-9);
        return Math.abs(turned) < 1e-6 ? 0 : turned;
    }

    static String freeName(Model model, List<Element> made, String wish) {
        List<Element> all = new ArrayList<>(model.all(Drawing.class));
        all.addAll(made);
        String name = wish;
        for (int n = 2; isTaken(name, all); n++) name = wish + " " + n;
        return name;
    }

    private static boolean isTaken(String name, List<Element> drawings) {
        return drawings.stream()
                .anyMatch(e -> e instanceof Drawing d && d.name().equalsIgnoreCase(name));
    }
}
