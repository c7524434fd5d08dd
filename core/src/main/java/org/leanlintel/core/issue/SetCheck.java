package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.annotate.ElevationMark;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.sheet.SheetOrder;

/** What an officer or a builder would miss in a set: asked before it is issued. Each finding names the sheet it is about, where it is about one. */
public final class SetCheck {

    private static final String PRACTICE = "what permit officers ask of a set (check)";

    private final Model model;
    private final Function<Sheet.Placed, Footprint> footprints;
    private final List<Finding> findings = new ArrayList<>();
    /** Of each drawing, the first sheet it stands on. */
    private final Map<ElementId, Sheet> placed = new HashMap<>();

    private SetCheck(Model model, Function<Sheet.Placed, Footprint> footprints) {
        this.model = model;
        this.footprints = footprints;
        for (Sheet s : SheetOrder.of(model)) for (Sheet.Placed p : s.drawings()) placed.putIfAbsent(p.drawing(), s);
    }

    /** @param footprints how much of a sheet a drawing takes as it is placed */
    public static List<Finding> of(Model model, Function<Sheet.Placed, Footprint> footprints) {
        SetCheck check = new SetCheck(model, footprints);
        check.project();
        for (Sheet s : SheetOrder.of(model)) check.sheet(s);
        check.drawings();
        check.marks();
        check.elevations();
        check.schedules();
        return check.findings;
    }

    private void project() {
        Settings project = model.settings();
        Map<String, String> said = new LinkedHashMap<>();
        said.put("address", project.address());
        said.put("client", project.client());
        said.put("drafter", project.drawnBy());
        said.forEach((what, words) -> {
            if (words.isBlank())
                add(
                        "The title blocks have no %s.".formatted(what),
                        "Say it in the facts of the project.",
                        List.of(),
                        Vec.ORIGIN);
        });
    }

    private void sheet(Sheet sheet) {
        if (sheet.drawings().isEmpty())
            add(
                    "Nothing stands on %s.".formatted(sheet.number()),
                    "Place drawings on it, or delete it.",
                    List.of(sheet.id()),
                    Vec.ORIGIN);
        List<Bounds> taken = new ArrayList<>();
        for (int i = 0; i < sheet.drawings().size(); i++) {
            Sheet.Placed here = sheet.drawings().get(i);
            Drawing drawing = drawing(here);
            Bounds box = box(here);
            for (int k = 0; k < i; k++)
                if (taken.get(k).grown(-1).meets(box))
                    add(
                            "On %s, %s and %s lie on each other."
                                    .formatted(
                                            sheet.number(),
                                            drawing(sheet.drawings().get(k)).name(),
                                            drawing.name()),
                            "Move one of them.",
                            List.of(sheet.id()),
                            here.at());
            taken.add(box);
            boolean isWhole = drawing.kind() == Drawing.Kind.PLAN && drawing.frame() instanceof Drawing.All;
            if (isWhole && Drawing.workingPlan(model, drawing.storey()) == drawing) plan(drawing, sheet, here.at());
        }
    }

    private Drawing drawing(Sheet.Placed placed) {
        return model.get(placed.drawing(), Drawing.class);
    }

    private Bounds box(Sheet.Placed here) {
        Footprint print = footprints.apply(here);
        return print.at(here.onSheet(print.anchor(), drawing(here).scale()));
    }

    /** A storey's own plan says where north is and how high its floor lies. */
    private void plan(Drawing plan, Sheet sheet, Vec at) {
        if (!shows(plan, Sign.Says.NORTH))
            add(
                    "%s on %s does not say where north is.".formatted(plan.name(), sheet.number()),
                    "Put a north arrow on it.",
                    List.of(sheet.id(), plan.id()),
                    at);
        if (!shows(plan, Sign.Says.LEVEL))
            add(
                    "%s on %s has no level mark.".formatted(plan.name(), sheet.number()),
                    "Put one on its floor.",
                    List.of(sheet.id(), plan.id()),
                    at);
    }

    private boolean shows(Drawing plan, Sign.Says says) {
        for (Sign s : model.all(Sign.class)) if (s.says() == says && plan.shows(s, model)) return true;
        return false;
    }

    private void drawings() {
        for (Drawing d : Drawing.register(model))
            if (!d.kind().isSchedule() && !d.leftOut() && !placed.containsKey(d.id()))
                add(
                        "%s stands on no sheet.".formatted(d.name()),
                        "Place it, or say in the register that it is left out on purpose.",
                        List.of(d.id()),
                        Vec.ORIGIN);
    }

    /** Section lines whose section is not in the set. */
    private void marks() {
        for (SectionLine l : model.all(SectionLine.class)) {
            boolean leads = placed.keySet().stream()
                    .anyMatch(id -> model.get(id, Drawing.class).subject() instanceof Drawing.One one
                            && one.element().equals(l.id()));
            if (!leads)
                add(
                        "Section line %s leads to no sheet.".formatted(l.mark()),
                        "Place its section on a sheet, or delete the line.",
                        List.of(l.id()),
                        Vec.ORIGIN);
        }
    }

    /** Marks of elevations that are not in the set. */
    private void elevations() {
        for (Sign s : model.all(Sign.class)) {
            if (s.says() != Sign.Says.ELEVATION || !placed.containsKey(s.drawing())) continue;
            Drawing seen = ElevationMark.of(s, model);
            if (seen == null || !placed.containsKey(seen.id()))
                add(
                        "A mark of an elevation on %s leads to no sheet."
                                .formatted(model.get(s.drawing(), Drawing.class).name()),
                        "Place the elevation of that side on a sheet, or delete the mark.",
                        List.of(s.id()),
                        s.at());
        }
    }

    private void schedules() {
        boolean doors = false, windows = false;
        for (Opening o : model.all(Opening.class)) {
            windows |= o.kind() instanceof Opening.Window;
            doors |= !(o.kind() instanceof Opening.Window);
        }
        missing(doors, Drawing.Kind.DOORS, "doors");
        missing(windows, Drawing.Kind.WINDOWS, "windows");
        missing(!model.all(Wall.class).isEmpty(), Drawing.Kind.BUILD_UPS, "wall build-ups");
        missing(!model.all(KeyMark.class).isEmpty(), Drawing.Kind.CLAUSES, "keyed notes");
    }

    private void missing(boolean used, Drawing.Kind kind, String words) {
        boolean there = placed.keySet().stream()
                .anyMatch(id -> model.get(id, Drawing.class).kind() == kind);
        if (used && !there)
            add(
                    "The marks of %s are explained on no sheet.".formatted(words),
                    "Place their schedule or list on one.",
                    List.of(),
                    Vec.ORIGIN);
    }

    /** Told with the lowest storey: the set is of all. */
    private void add(String sentence, String remedy, List<ElementId> concerns, Vec at) {
        ElementId storey = model.all(Storey.class).getFirst().id();
        findings.add(new Finding(Finding.Kind.SHEET, sentence, remedy, concerns, storey, at, PRACTICE));
    }
}
