package org.leanlintel.core.picture.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Derived;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.picture.Covers;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InFrame;
import org.leanlintel.core.picture.InStates;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.Region;
import org.leanlintel.core.picture.annotate.BreakLines;
import org.leanlintel.core.picture.plan.BehindPlan;
import org.leanlintel.core.picture.plan.OnPlan;
import org.leanlintel.core.picture.plan.Stage;

/**
 * The plan of a storey: a level cut through its walls, each opening's symbol, and the drawing's own strings and notes,
 * drawn stage by stage ({@link Stage}).
 */
public final class Plan implements DrawingPicture {

    private final Building building;
    private final PlanOf plan;
    private final Look look;
    private @Nullable Picture picture;

    private Plan(Building building, PlanOf plan) {
        this.building = building;
        this.plan = plan;
        look = plan.look(building);
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static Plan of(Building building, ElementId id, Lettering lettering) {
        return new Plan(building, PlanOf.of(id, lettering, building));
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        return known == null ? picture = drawn() : known;
    }

    private Picture drawn() {
        Map<ElementId, Group> walls = new LinkedHashMap<>(), others = new LinkedHashMap<>();
        for (Stage stage : Stage.values()) {
            Set<OnPlan> members = new TreeSet<>();
            for (Element e : building.model().elements()) members.addAll(new Stage.Of(plan, stage).members(e));
            building.lay(new Stage.Of(plan, stage));
            for (OnPlan m : members) add(building.get(m).groups(), stage.isOfWalls() ? walls : others);
        }
        List<Group> groups = new ArrayList<>(walls.values());
        groups.addAll(others.values());
        List<Group> shown = new ArrayList<>(shown(groups));
        shown.addAll(drawings());
        return new Picture(look.drawing().scale(), shown);
    }

    /** What the lens shows and the frame takes in; what is written in the drawing shows wherever it stands. */
    private List<Group> shown(List<Group> groups) {
        List<Group> layered = look.layering().shown(new InStates(look, building.model()).ofPlan(groups));
        List<Group> seen = covers().cut(layered, look.drawing().inFront(), g -> isOwn(g.element()));
        return look.drawing().frame() instanceof Drawing.Part part ? framed(seen, part) : seen;
    }

    private List<Group> framed(List<Group> groups, Drawing.Part part) {
        InFrame frame = new InFrame(Region.within(part.ring()));
        List<Group> left = new ArrayList<>();
        for (Group g : groups) {
            Group cut = isOwn(g.element()) ? g : frame.of(g);
            if (cut != null) left.add(cut);
        }
        return left;
    }

    private Covers covers() {
        return Covers.blanks(building.model(), look.drawing())
                .with(look.drawing().inFront(), this::ground);
    }

    /** Where something lies that stands in front. */
    private List<List<Vec>> ground(ElementId id) {
        Element element = building.model().find(id);
        if (element == null) return List.of();
        if (element instanceof Blank b) return List.of(b.ring());
        List<List<Vec>> rings = new ArrayList<>();
        for (Stage stage : new Stage[] {Stage.STANDING, Stage.WALLS})
            for (OnPlan m : new Stage.Of(plan, stage).members(element))
                for (Group g : building.get(m).groups()) if (g.element().equals(id)) rings.addAll(g.ground());
        return rings;
    }

    /** Under the drawing's own name: what another storey shows behind it, and the break lines of a part plan. */
    private List<Group> drawings() {
        Drawing of = look.drawing();
        List<Item> behind = building.get(new BehindPlan.Of(plan)).items();
        List<Group> own = behind.isEmpty() ? List.of() : shown(List.of(new Group(of.id(), of.id(), behind, List.of())));
        if (!(of.frame() instanceof Drawing.Part part && part.broken())) return own;
        Group broken = BreakLines.of(of, part, look);
        return own.isEmpty() ? List.of(broken) : List.of(own.getFirst().with(broken.items()));
    }

    private boolean isOwn(ElementId id) {
        return building.model().find(id) instanceof Annotation a && a.drawing().equals(plan.drawing());
    }

    /** An element that is drawn at several stages is one group. */
    private static void add(List<Group> groups, Map<ElementId, Group> all) {
        for (Group g : groups) all.merge(g.element(), g, (one, more) -> one.with(more.items()));
    }

    /** Where this was drawn of a building made from the other's by one change, only what that bears on is compared. */
    @Override
    public Picture.Difference since(DrawingPicture drawing) {
        Derived is = building.derived();
        boolean next = drawing instanceof Plan p
                && p.plan.equals(plan)
                && is.follows(p.building.derived())
                && isKnown(is)
                && covers().equals(p.covers());
        return next ? since((Plan) drawing, is) : picture().since(drawing.picture());
    }

    private boolean isKnown(Derived is) {
        for (Stage stage : Stage.values()) if (!is.wasLaid(new Stage.Of(plan, stage))) return false;
        return true;
    }

    private Picture.Difference since(Plan other, Derived is) {
        for (Stage stage : Stage.values()) is.lay(new Stage.Of(plan, stage));
        Set<ElementId> looked = new TreeSet<>(is.changed());
        looked.add(plan.drawing());
        for (Key<?> key : is.reached()) {
            if (!(key instanceof OnPlan on) || !on.plan().equals(plan)) continue;
            if (on.stage() == Stage.WAYS) for (Plan p : List.of(this, other)) looked.addAll(p.ways());
            else looked.add(on.element());
        }
        List<Group> changed = new ArrayList<>();
        Set<ElementId> gone = new HashSet<>();
        for (ElementId id : looked) Picture.compare(other.shown(id), shown(id), changed, gone);
        changed.forEach(g -> gone.remove(g.element()));
        return new Picture.Difference(look.drawing().scale(), changed, List.copyOf(gone));
    }

    private Set<ElementId> ways() {
        Set<ElementId> ways = new HashSet<>();
        for (Stair s : building.model().all(Stair.class)) ways.add(s.id());
        for (OutsideSteps s : building.model().all(OutsideSteps.class)) ways.add(s.id());
        return ways;
    }

    /** All that an element shows, with what is drawn together with it. */
    private List<Group> shown(ElementId id) {
        if (id.equals(plan.drawing())) return drawings();
        Element element = building.model().find(id);
        if (element == null) return List.of();
        Map<ElementId, Group> all = new LinkedHashMap<>();
        for (Stage stage : Stage.values())
            for (OnPlan m : new Stage.Of(plan, stage).members(element))
                add(
                        building.get(m).groups().stream()
                                .filter(g -> stage != Stage.WAYS || g.element().equals(id))
                                .toList(),
                        all);
        return shown(List.copyOf(all.values()));
    }
}
