package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.WorkState;

/**
 * Adds a storey above or below another, with a plan of its own, and copies of what stands on that one where asked.
 * Storeys beyond it move out of its way.
 *
 * @param beside the storey it is put next to
 * @param heightMm from its level to the next
 * @param laid whether its floor is laid inside the shell that is copied
 */
public record AddStorey(
        ElementId beside,
        boolean above,
        String name,
        double heightMm,
        Storey.Underfoot floor,
        Taking taking,
        Laying laid)
        implements Edit {

    /** Names that are half a name: the first what? */
    private static final Set<String> ORDINALS =
            Set.of("ground", "first", "second", "third", "fourth", "lower", "upper");

    /** Whether a floor is laid. */
    public sealed interface Laying {}

    public record NotLaid() implements Laying {}

    public record LaidOn(ElementId layer) implements Laying {}

    /** What is copied from the storey it is put next to. */
    public record Taking(boolean shell, boolean partitions, boolean openings) {}

    @Override
    public Set<ElementId> reads() {
        return laid instanceof LaidOn on ? Set.of(on.layer(), beside) : Set.of(beside);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Storey from = model.get(beside, Storey.class);
        for (Storey s : model.all(Storey.class))
            if (s.name().equalsIgnoreCase(name.strip()))
                return Refusal.because("There is a storey \"%s\" already.".formatted(s.name()), s.id());
        NewIds ids = new NewIds(model);
        double level = above ? from.topMm() : from.levelMm() - heightMm;
        Storey made = new Storey(ids.next(), name, level, heightMm, floor, new Rise.UnderStoreyAbove());
        List<Element> put = new ArrayList<>(List.of(made));
        for (Storey s : StoreySpace.stack(model)) {
            if (above && s.levelMm() > from.levelMm()) put.add(s.at(s.levelMm() + heightMm));
            if (!above && s.levelMm() < from.levelMm()) put.add(s.at(s.levelMm() - heightMm));
        }
        Drawing plan = plan(model, from, made, ids);
        put.add(plan);
        List<ElementId> things = StoreyCopy.chosen(building, from, taking);
        String name = "add storey " + made.name();
        if (things.isEmpty()) return Change.to(model, name, put, List.of());
        Outcome copied = StoreyCopy.into(building, Change.to(model, name, put, List.of()), things, from, made, taking);
        return copied instanceof Change change ? withFloors(building, change, made) : copied;
    }

    /** Its floor is laid in all that the copied walls close round. */
    private Outcome withFloors(Building building, Change change, Storey made) {
        if (!(laid instanceof LaidOn on) || !(floor instanceof Storey.Built built)) return change;
        Model model = building.model(), next = model.after(change).at(model.revision());
        NewIds ids = new NewIds(next);
        List<Element> floors = new ArrayList<>();
        for (Vec seed : FloorAreas.shells(building.after(change, model.after(change)), made.id()))
            floors.add(new Floor(
                    ids.next(),
                    made.id(),
                    on.layer(),
                    Naming.nextMark(next, "FL", floors.size() + 1),
                    built.buildUp(),
                    new Floor.InsideShell(seed, Floor.Edge.STRUCTURE_OUTER),
                    0,
                    Math.PI / 2,
                    new Floor.Level(),
                    WorkState.NEW));
        return change.then(model, Change.to(next, change.name(), floors, List.of()));
    }

    private static Drawing plan(Model model, Storey from, Storey made, NewIds ids) {
        Drawing like = Drawing.workingPlan(model, from.id());
        if (like == null) throw new Unusable("%s has no plan to take the scale from.".formatted(from.name()));
        String whole = ORDINALS.contains(made.name().toLowerCase(Locale.ROOT)) ? made.name() + " floor" : made.name();
        String name = whole + " plan";
        for (int i = 2; isTaken(model, name); i++) name = "%s plan %d".formatted(whole, i);
        return new Drawing(
                ids.next(),
                name,
                Drawing.Kind.PLAN,
                made.id(),
                like.lens(),
                like.scale(),
                "",
                new Drawing.Whole(),
                Drawing.lastOrder(model),
                new Drawing.All(),
                List.of());
    }

    private static boolean isTaken(Model model, String name) {
        return model.all(Drawing.class).stream().anyMatch(d -> d.name().equalsIgnoreCase(name));
    }
}
