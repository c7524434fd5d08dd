package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.PlanOf;

/** Labels of rooms and marks of openings and fittings that found no free place in a plan that stands on a sheet. */
public final class LabelFindings {

    private static final List<Stage> STAGES = List.of(Stage.OPENINGS, Stage.FITTINGS, Stage.OUTSIDE);

    private final Building building;
    private final Drawing plan;
    private final PlanOf of;
    private final Sheet sheet;
    private final List<Finding> findings;

    private LabelFindings(Building building, Drawing plan, Sheet sheet, Lettering lettering, List<Finding> findings) {
        this.building = building;
        this.plan = plan;
        this.sheet = sheet;
        this.findings = findings;
        of = PlanOf.of(plan.id(), lettering, building);
    }

    public static List<Finding> of(Building building, Lettering lettering) {
        List<Finding> findings = new ArrayList<>();
        for (Sheet s : building.model().all(Sheet.class))
            for (Sheet.Placed p : s.drawings()) {
                Drawing d = building.model().get(p.drawing(), Drawing.class);
                if (d.kind() == Drawing.Kind.PLAN) new LabelFindings(building, d, s, lettering, findings).find();
            }
        return findings;
    }

    private void find() {
        for (Stage stage : STAGES) {
            TreeSet<OnPlan> members = new TreeSet<>();
            for (Element e : building.model().elements()) members.addAll(new Stage.Of(of, stage).members(e));
            for (OnPlan m : members) find(stage, building.get(m));
        }
    }

    /** Its groups and boxes are one to one. */
    private void find(Stage stage, Shows shows) {
        for (int i = 0; i < shows.barred().size() && i < shows.groups().size(); i++) {
            Bounds box = shows.barred().get(i);
            ElementId id = shows.groups().get(i).element();
            boolean free = isOnItsFitting(id, box)
                    || new Taken(of, stage, building).within(box).isFree(box);
            if (!free) add(id, box);
        }
    }

    private boolean isOnItsFitting(ElementId id, Bounds box) {
        return building.model().find(id) instanceof Fitting
                && building.get(new PlacedFitting.Of(id)) instanceof PlacedFitting placed
                && Bounds.of(placed.outline()).covers(box);
    }

    private void add(ElementId id, Bounds box) {
        String what = building.model().find(id) instanceof Room room
                ? "the label of " + room.name()
                : "the mark of " + marked(building.model().find(id));
        findings.add(new Finding(
                Finding.Kind.SHEET,
                "On %s, %s finds no free place in %s.".formatted(sheet.number(), what, plan.name()),
                "Move it by hand, or show the drawing at a larger scale.",
                List.of(sheet.id(), plan.id(), id),
                plan.storey(),
                box.centre(),
                ""));
    }

    private static String marked(@Nullable Element of) {
        if (of instanceof Opening o) return o.noun() + " " + o.mark();
        return of instanceof Fitting f ? f.mark() : "something";
    }
}
