package org.leanlintel.formats.xlsx;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;
import org.leanlintel.formats.demo.QuarryBankHouse;

/** Read back by a reader of its own. */
class ScheduleXlsxTest {

    private final Building house = Building.of(QuarryBankHouse.draw());

    private List<Drawing> schedules() {
        Model model = house.model();
        return Drawing.register(model).stream().filter(d -> d.kind().isTable()).toList();
    }

    @Test
    void everyScheduleIsAWorksheetWithTheCellsItShows() throws IOException {
        List<Drawing> schedules = schedules();
        assertThat(schedules).hasSizeGreaterThan(3);
        try (ReadableWorkbook book =
                new ReadableWorkbook(new ByteArrayInputStream(ScheduleXlsx.write(house, schedules)))) {
            assertThat(book.getSheets().map(Sheet::getName))
                    .containsExactlyElementsOf(
                            schedules.stream().map(Drawing::name).toList());
            for (Drawing d : schedules) {
                Table table = Tables.of(d, house);
                List<Row> rows = book.findSheet(d.name()).orElseThrow().read();
                assertThat(rows).hasSize(1 + table.rows().size() + table.sums().size());
                for (int r = 0; r < table.rows().size(); r++)
                    for (int c = 0; c < table.columns().size(); c++)
                        assertSame(
                                rows.get(r + 1),
                                c,
                                table.rows().get(r).cells().get(c).text());
            }
        }
    }

    private static void assertSame(Row row, int column, String text) {
        Optional<org.dhatim.fastexcel.reader.Cell> cell = row.getOptionalCell(column);
        if (text.isEmpty())
            assertThat(cell.map(c -> c.getType() == CellType.EMPTY).orElse(true))
                    .isTrue();
        else if (cell.orElseThrow().getType() == CellType.NUMBER)
            assertThat(cell.orElseThrow().asNumber()).isEqualByComparingTo(new BigDecimal(text.replace(",", "")));
        else assertThat(cell.orElseThrow().asString()).isEqualTo(text);
    }

    @Test
    void lengthsAreNumbersThatCanBeAddedUp() throws IOException {
        Drawing doors = schedules().stream()
                .filter(d -> d.kind() == Drawing.Kind.DOORS)
                .findFirst()
                .orElseThrow();
        try (ReadableWorkbook book =
                new ReadableWorkbook(new ByteArrayInputStream(ScheduleXlsx.write(house, List.of(doors))))) {
            Row first = book.getFirstSheet().read().get(1);
            assertThat(first.stream().filter(c -> c != null && c.getType() == CellType.NUMBER))
                    .hasSizeGreaterThan(2);
        }
    }

    /** Names as the form allows them, and no two alike. */
    @Test
    void namesOfWorksheetsAreMadeToFit() throws IOException {
        Drawing one = schedules().getFirst();
        List<Drawing> alike = List.of(
                named(one, "Doors: ground/first floor and everything above it"),
                named(one, "Doors: ground/first floor and everything below it"));
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(ScheduleXlsx.write(house, alike)))) {
            assertThat(book.getSheets().map(Sheet::getName))
                    .containsExactly("Doors- ground-first floor and e", "Doors- ground-first floor a (2)");
        }
    }

    private static Drawing named(Drawing of, String name) {
        return new Drawing(
                of.id(),
                name,
                of.kind(),
                of.storey(),
                of.lens(),
                of.scale(),
                "",
                of.subject(),
                1,
                of.frame(),
                List.of());
    }
}
