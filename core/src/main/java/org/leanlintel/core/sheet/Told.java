package org.leanlintel.core.sheet;

import java.util.List;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;

/** An issue as title blocks tell of it. @param sheets which it is of; none named stands for all */
public record Told(Issued issued, List<ElementId> sheets) {

    public Told {
        sheets = List.copyOf(sheets);
    }

    /** Of all sheets there are. */
    public static Told ofAll(Issued issued) {
        return new Told(issued, List.of());
    }

    private boolean isOf(Sheet sheet) {
        return sheets.isEmpty() || sheets.contains(sheet.id());
    }

    /** Those that a sheet was handed out in, in their order. */
    public static List<Issued> on(Sheet sheet, List<Told> all) {
        return all.stream().filter(t -> t.isOf(sheet)).map(Told::issued).toList();
    }
}
