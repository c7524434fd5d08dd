package org.leanlintel.formats.xlsx;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** Schedules as a workbook: a worksheet each, titles fixed at the top, sums last; what reads as a plain number is one. */
public final class ScheduleXlsx {

    /** As the form allows (ISO/IEC 29500-1, 18.2.19). */
    private static final int LONGEST_NAME = 31;

    private static final Pattern NOT_IN_NAMES = Pattern.compile("[\\[\\]:*?/\\\\]");
    private static final Pattern NUMBER = Pattern.compile("-?[0-9]{1,3}(,[0-9]{3})*(\\.[0-9]+)?|-?[0-9]+(\\.[0-9]+)?");
    /** Characters of a column for each millimetre on paper. */
    private static final double CHARACTERS = 0.62;

    private ScheduleXlsx() {}

    /** @param schedules one at least; @throws Unusable for a drawing that is no such schedule */
    public static byte[] write(Building building, List<Drawing> schedules) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(bytes, "Lean Lintel", null)) {
            List<String> names = new ArrayList<>();
            for (Drawing d : schedules) fill(book.newWorksheet(name(d.name(), names)), Tables.of(d, building));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** Short enough, without signs that are not allowed, and like no other. */
    private static String name(String of, List<String> taken) {
        String plain = NOT_IN_NAMES.matcher(of).replaceAll("-");
        String name = plain.substring(0, Math.min(LONGEST_NAME, plain.length()));
        for (int n = 2; taken.contains(name.toLowerCase(Locale.ROOT)); n++) {
            String end = " (" + n + ")";
            name = plain.substring(0, Math.min(LONGEST_NAME - end.length(), plain.length())) + end;
        }
        taken.add(name.toLowerCase(Locale.ROOT));
        return name;
    }

    private static void fill(Worksheet sheet, Table table) {
        for (int c = 0; c < table.columns().size(); c++) {
            Table.Column column = table.columns().get(c);
            sheet.value(0, c, column.title());
            sheet.style(0, c).bold().set();
            sheet.width(c, Math.max(6, column.widthMm() * CHARACTERS));
        }
        sheet.freezePane(0, 1);
        int row = 1;
        for (Table.Row r : table.rows()) line(sheet, row++, r, false);
        for (Table.Row r : table.sums()) line(sheet, row++, r, true);
    }

    private static void line(Worksheet sheet, int row, Table.Row of, boolean strong) {
        for (int c = 0; c < of.cells().size(); c++) {
            String text = of.cells().get(c).text();
            if (text.isEmpty()) continue;
            if (NUMBER.matcher(text).matches()) sheet.value(row, c, Double.parseDouble(text.replace(",", "")));
            else sheet.value(row, c, text);
            if (strong) sheet.style(row, c).bold().set();
        }
    }
}
