package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;

/** What is different about a sheet itself and the drawings that stand on it, in words. */
final class SheetWords {

    private SheetWords() {}

    static List<String> of(Sheet was, Sheet is, Model before, Model after) {
        List<String> words = new ArrayList<>();
        if (!was.number().equals(is.number())) words.add("The sheet was numbered %s.".formatted(was.number()));
        if (!was.title().equals(is.title())) words.add("The sheet was called \"%s\".".formatted(was.title()));
        if (!was.set().equals(is.set()))
            words.add(
                    "The sheet was in %s.".formatted(was.set().isEmpty() ? "no set" : "the set \"" + was.set() + "\""));
        if (!was.paper().equals(is.paper())) words.add("The sheet is of another paper.");
        for (Sheet.Placed p : is.drawings()) {
            Sheet.Placed earlier = on(was, p.drawing());
            String name = after.get(p.drawing(), Drawing.class).name();
            if (earlier == null) words.add("%s came to the sheet.".formatted(name));
            else if (!before.get(p.drawing(), Drawing.class).name().equals(name))
                words.add("%s was called \"%s\"."
                        .formatted(name, before.get(p.drawing(), Drawing.class).name()));
            if (earlier == null) continue;
            if (!earlier.crop().equals(p.crop())) words.add("%s shows another part on the sheet.".formatted(name));
            if (earlier.quarters() != p.quarters()) words.add("%s was turned on the sheet.".formatted(name));
            else if (!liesAlike(earlier, p)) words.add("%s was moved on the sheet.".formatted(name));
        }
        for (Sheet.Placed p : was.drawings())
            if (on(is, p.drawing()) == null)
                words.add("%s left the sheet."
                        .formatted(before.get(p.drawing(), Drawing.class).name()));
        return words;
    }

    private static boolean liesAlike(Sheet.Placed one, Sheet.Placed other) {
        return Tolerance.same(one.at(), other.at()) && Tolerance.same(one.anchor(), other.anchor());
    }

    private static Sheet.@Nullable Placed on(Sheet sheet, ElementId drawing) {
        for (Sheet.Placed p : sheet.drawings()) if (p.drawing().equals(drawing)) return p;
        return null;
    }
}
