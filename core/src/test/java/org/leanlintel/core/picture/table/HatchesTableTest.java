package org.leanlintel.core.picture.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;

/**
 * What {@code hatches.tsv} says of every hatch is what is drawn; the page is held to the same table, so that board and print cannot
 * part. Written anew with {@code -Drefresh=true}.
 */
class HatchesTableTest {

    private static final Path TABLE = Path.of("src/test/resources/org/leanlintel/core/picture/hatches.tsv");
    private static final Pen PEN = new Pen(0.18, Pen.Dash.CONTINUOUS);

    @Test
    void everyRowIsDrawnAsItSays() throws IOException {
        List<String> rows = Files.readAllLines(TABLE), drawn = new ArrayList<>(List.of(rows.getFirst()));
        for (String row : rows.subList(1, rows.size())) {
            String[] cells = row.split("\t");
            drawn.add(String.join("\t", cells[0], cells[1], cells[2], cells[3], lines(drawn(cells))));
        }
        if (Boolean.getBoolean("refresh")) Files.write(TABLE, drawn);
        assertThat(drawn).isEqualTo(rows);
    }

    private static List<List<Vec>> drawn(String[] cells) {
        List<List<Vec>> area = Arrays.stream(cells[2].split(";"))
                .map(ring -> Arrays.stream(ring.split(" "))
                        .map(HatchesTableTest::point)
                        .toList())
                .toList();
        List<Double> facts =
                Arrays.stream(cells[3].split(",")).map(Double::valueOf).toList();
        if (cells[0].equals("hatch"))
            return HatchLines.of(new Item.Hatch(
                    PEN, area, facts.subList(3, facts.size()), new Vec(facts.get(1), facts.get(2)), facts.getFirst()));
        List<Vec> way = area.getFirst();
        return List.of(HatchLines.of(new Item.Wave(
                PEN,
                way.get(0),
                way.get(1),
                way.get(2),
                facts.get(0).intValue(),
                facts.get(1).intValue())));
    }

    private static Vec point(String text) {
        String[] xy = text.split(",");
        return new Vec(Double.parseDouble(xy[0]), Double.parseDouble(xy[1]));
    }

    /** Without a minus before nothing. */
    private static double rounded(double value) {
        return Math.rint(value * 1000) / 1000 + 0.0;
    }

    private static String lines(List<List<Vec>> lines) {
        return lines.stream()
                .map(line -> line.stream()
                        .map(p -> String.format(Locale.ROOT, "%.3f,%.3f", rounded(p.x()), rounded(p.y())))
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(";"));
    }
}
