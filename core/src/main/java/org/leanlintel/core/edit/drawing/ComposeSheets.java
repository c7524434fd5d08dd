package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;

/** Adds several sheets at once, with drawings on them, and places drawings on sheets there are. */
public record ComposeSheets(List<AddSheet> sheets, List<Onto> onto) implements Edit {

    /** Drawings that come to stand on a sheet beside what is there. */
    public record Onto(ElementId sheet, List<Sheet.Placed> drawings) {
        public Onto {
            drawings = List.copyOf(drawings);
        }
    }

    private static final int MOST = 200;

    public ComposeSheets {
        sheets = List.copyOf(sheets);
        onto = List.copyOf(onto);
        if (sheets.size() > MOST) throw new Unusable("At most %d sheets are added at once.".formatted(MOST));
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>();
        for (AddSheet s : sheets) reads.addAll(s.reads());
        for (Onto o : onto) {
            reads.add(o.sheet());
            for (Sheet.Placed p : o.drawings()) reads.add(p.drawing());
        }
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        if (sheets.isEmpty() && onto.isEmpty()) return Refusal.because("There is nothing to lay out.");
        Steps steps = new Steps(building);
        for (AddSheet s : sheets) if (steps.then(s) instanceof Refusal refusal) return refusal;
        for (Onto o : onto) if (steps.then(place(o, steps.now().model())) instanceof Refusal refusal) return refusal;
        int all = sheets.size() + onto.size();
        return steps.as(all == 1 ? "lay out a sheet" : "lay out %d sheets".formatted(all));
    }

    private static Outcome place(Onto onto, Model model) {
        Sheet sheet = model.get(onto.sheet(), Sheet.class);
        List<Sheet.Placed> all = new ArrayList<>(sheet.drawings());
        all.addAll(onto.drawings());
        return Change.to(model, "place drawings on " + Naming.of(sheet), List.of(sheet.with(all)), List.of());
    }
}
