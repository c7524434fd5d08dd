package org.leanlintel.core.picture.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;

/** What the fields of a sheet's title block say: those of ISO 7200 that a house plan needs, and the project's own. */
public final class TitleFields {

    private static final Pattern FIELD = Pattern.compile("\\{([^{}]+)}");

    private final Map<String, String> values = new LinkedHashMap<>();

    public TitleFields(Sheet sheet, Model model, TitleFacts facts) {
        Settings project = model.settings();
        List<Sheet> set = SheetOrder.with(sheet, model);
        int at = set.indexOf(sheet);
        Issued last = facts.issues().isEmpty() ? null : facts.issues().getLast();
        values.put("title", sheet.title());
        values.put("sheet", sheet.number());
        values.put("set", sheet.set());
        values.put("place in set", at < 0 ? "" : "Sheet %d of %d".formatted(at + 1, set.size()));
        values.put("scale", scale(sheet, model));
        values.put("paper", sheet.paper().label());
        values.put("units", units(project.units()));
        values.put("printed", facts.printed());
        values.put("issue", last == null ? "" : last.number());
        values.put("issue date", last == null ? "" : last.date().toString());
        values.put("issued for", last == null ? "" : last.purpose().words());
        values.putAll(project.fields());
    }

    /** The names of what can be asked for without fields of one's own, as they stand in braces. */
    public static List<String> known() {
        return List.of(
                "project",
                "address",
                "client",
                "drawn by",
                "title",
                "sheet",
                "set",
                "place in set",
                "scale",
                "paper",
                "units",
                "printed",
                "issue",
                "issue date",
                "issued for");
    }

    /** Words with their fields filled; what nothing fills stays as it stands. */
    public String filled(String words) {
        Matcher m = FIELD.matcher(words);
        StringBuilder filled = new StringBuilder();
        while (m.find()) {
            String value = values.get(m.group(1).strip().toLowerCase(Locale.ROOT));
            m.appendReplacement(filled, Matcher.quoteReplacement(value == null ? m.group() : value));
        }
        return m.appendTail(filled).toString();
    }

    private static String units(UnitSystem units) {
        return units == UnitSystem.METRIC ? "Dimensions in millimetres" : "Dimensions in feet and inches";
    }

    private static String scale(Sheet sheet, Model model) {
        List<Drawing> drawings = sheet.drawings().stream()
                .map(p -> model.get(p.drawing(), Drawing.class))
                .toList();
        double[] scales = drawings.stream()
                .filter(d -> !d.kind().isSchedule())
                .mapToDouble(Drawing::scale)
                .distinct()
                .toArray();
        if (scales.length == 0)
            return drawings.stream().anyMatch(d -> d.kind() == Drawing.Kind.BUILD_UPS) ? "as shown" : "none";
        return scales.length == 1 ? ScaleLabel.of(scales[0], model.settings().units()) : "as shown";
    }
}
