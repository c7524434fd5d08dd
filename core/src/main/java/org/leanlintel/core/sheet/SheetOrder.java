package org.leanlintel.core.sheet;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Storey;

/** Sheets as they are bound: set by set, and in a set by their numbers, figures in them by what they count. */
public final class SheetOrder {

    private static final Pattern PARTS = Pattern.compile("\\d{1,15}|\\D+");

    private SheetOrder() {}

    public static List<Sheet> of(Model model) {
        return model.all(Sheet.class).stream().sorted(asBound()).toList();
    }

    /** Those that are bound with a sheet. */
    public static List<Sheet> with(Sheet sheet, Model model) {
        return of(model).stream()
                .filter(s -> s.set().equalsIgnoreCase(sheet.set()))
                .toList();
    }

    /** Of those asked for; of all, where none is. */
    public static List<Sheet> of(Model model, List<ElementId> asked) {
        return asked.isEmpty()
                ? of(model)
                : asked.stream()
                        .map(id -> model.get(id, Sheet.class))
                        .sorted(asBound())
                        .toList();
    }

    /** Drawings in the order a set has them: what is general, plans by storey, sections, stairs, schedules; none asked for, those on no sheet. */
    public static List<Drawing> ofTrade(Model model, List<ElementId> asked) {
        Set<ElementId> placed = new HashSet<>();
        for (Sheet s : model.all(Sheet.class)) for (Sheet.Placed p : s.drawings()) placed.add(p.drawing());
        List<Drawing> drawings = asked.isEmpty()
                ? Drawing.register(model).stream()
                        .filter(d -> !placed.contains(d.id()))
                        .toList()
                : asked.stream()
                        .distinct()
                        .map(id -> model.get(id, Drawing.class))
                        .toList();
        return drawings.stream()
                .sorted(Comparator.<Drawing>comparingInt(d -> place(d.kind()))
                        .thenComparingDouble(
                                d -> model.get(d.storey(), Storey.class).levelMm())
                        .thenComparing(d -> d.frame() instanceof Drawing.Part)
                        .thenComparingDouble(Drawing::order))
                .toList();
    }

    private static int place(Drawing.Kind kind) {
        return switch (kind) {
            case SHEETS, LEGEND, PICTURE -> 0;
            case TEXT, CLAUSES -> 1;
            case PLAN -> 2;
            case ELEVATION -> 2;
            case SECTION -> 3;
            case INTERIOR, STAIR, TRUSS -> 4;
            case BUILD_UPS, DOORS, WINDOWS, ROOMS, FITTINGS, ROOFS, FOUNDATIONS -> 5;
        };
    }

    public static Comparator<Sheet> asBound() {
        return Comparator.comparing(Sheet::set, String.CASE_INSENSITIVE_ORDER)
                .thenComparing(Sheet::number, SheetOrder::compare)
                .thenComparing(Sheet::id);
    }

    /** A-9 before A-10. */
    static int compare(String one, String other) {
        Matcher a = PARTS.matcher(one), b = PARTS.matcher(other);
        while (a.find()) {
            if (!b.find()) return 1;
            boolean figures = Character.isDigit(a.group().charAt(0))
                    && Character.isDigit(b.group().charAt(0));
            int order = figures
                    ? Long.compare(Long.parseLong(a.group()), Long.parseLong(b.group()))
                    : a.group().compareToIgnoreCase(b.group());
            if (order != 0) return order;
        }
        return b.find() ? -1 : 0;
    }
}
