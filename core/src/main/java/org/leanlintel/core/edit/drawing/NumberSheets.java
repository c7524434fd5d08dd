package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.SheetSeries;

/**
 * Numbers all sheets anew; whatever speaks of them follows. Sheets keep their order within what they are numbered by.
 *
 * @param before what every number begins with: "A-"
 * @param by how they are counted
 */
public record NumberSheets(String before, By by) implements Edit {

    public enum By {
        /** One after another: 101, 102. */
        ORDER,
        /** By what stands first on them: plans from 101, elevations from 201. */
        KIND
    }

    private static final int LONGEST = 20;

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        if (before.length() > LONGEST)
            return Refusal.because("What numbers begin with has %d characters at most.".formatted(LONGEST));
        List<Sheet> sheets = new ArrayList<>(SheetOrder.of(model));
        if (sheets.isEmpty()) return Refusal.because("There are no sheets to number.");
        if (by == By.KIND) sheets.sort(Comparator.comparing(s -> series(s, model)));
        Map<SheetSeries, Integer> counted = new EnumMap<>(SheetSeries.class);
        List<Element> put = new ArrayList<>();
        for (Sheet s : sheets) {
            SheetSeries series = by == By.KIND ? series(s, model) : SheetSeries.PLANS;
            int count = counted.merge(series, 1, Integer::sum);
            Sheet numbered = s.numbered(before.strip() + "%03d".formatted(series.figure() * 100 + count));
            if (!numbered.equals(s)) put.add(numbered);
        }
        if (put.isEmpty()) return Refusal.because("They are numbered so already.");
        return Change.to(model, "number sheets", put, List.of());
    }

    /** By the first drawing; an empty sheet is a general one. */
    private static SheetSeries series(Sheet sheet, Model model) {
        return sheet.drawings().isEmpty()
                ? SheetSeries.GENERAL
                : SheetSeries.of(model.get(sheet.drawings().getFirst().drawing(), Drawing.class));
    }
}
