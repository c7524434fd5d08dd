package org.leanlintel.core.sheet;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;

/** Numbers and titles for new sheets. */
public final class SheetNames {

    private static final Pattern ENDS_IN_FIGURES = Pattern.compile("^(.*?)(\\d{1,9})$");
    private static final String FIRST = "A-101";
    private static final int LONGEST = 60;

    private final Set<String> taken = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
    private String last;

    /** @param after the number that new ones follow; the highest there is, where it is blank */
    public SheetNames(Model model, String after) {
        List<Sheet> sheets = SheetOrder.of(model);
        for (Sheet s : sheets) taken.add(s.number());
        last = after.isBlank() ? sheets.isEmpty() ? "" : sheets.getLast().number() : after.strip();
    }

    /** The next number that is free: A-107 after A-106. The first is the one that was asked for, where that is free. */
    public String next() {
        do last = following(last);
        while (!taken.add(last));
        return last;
    }

    private static String following(String number) {
        if (number.isEmpty()) return FIRST;
        Matcher m = ENDS_IN_FIGURES.matcher(number);
        if (!m.matches()) return number + "-1";
        String counted = Long.toString(Long.parseLong(m.group(2)) + 1);
        return m.group(1) + "0".repeat(Math.max(0, m.group(2).length() - counted.length())) + counted;
    }

    /** What stands on a sheet, as its title: the names of as many of its drawings as are read at a glance. */
    public static String title(List<Drawing> drawings) {
        List<String> names = drawings.stream().map(Drawing::name).toList();
        String all = names.stream().collect(Collectors.joining(", "));
        if (all.length() <= LONGEST) return all;
        String first = names.getFirst();
        String more = names.size() == 1 ? "" : " and %d more".formatted(names.size() - 1);
        int room = LONGEST - more.length();
        return (first.length() <= room ? first : first.substring(0, room - 1) + "\u2026") + more;
    }
}
