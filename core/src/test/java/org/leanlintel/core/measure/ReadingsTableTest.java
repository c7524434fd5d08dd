package org.leanlintel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * The table by which lengths are read here and on the page: what is typed, in which unit, and what it comes to. The page's
 * tests read the same file. Run with {@code -Dreadings.write=true} to write it anew after a change of the reader.
 */
class ReadingsTableTest {

    private static final Path TABLE = Path.of("src/test/resources/org/leanlintel/core/measure/readings.tsv");

    private static final List<String> BY_HAND = List.of(
            "3200",
            "3200.5",
            "3200,5",
            "3.2 m",
            "3,2m",
            "320cm",
            "3,200",
            "3.200",
            "-1,500",
            "1,234,567",
            "1.234.567",
            "12'6 1/2\"",
            "12-6 1/2",
            "12' 6.5",
            "12'6-1/2",
            "12-6",
            "12'-6 1/2\"",
            "6 1/2\"",
            "1/2",
            "12.5'",
            "12ft6in",
            "12ft 6in",
            "12 feet 6",
            "1foot",
            "6inches",
            "3m50",
            "2400+150",
            "7200/3",
            "2*450",
            "4000-112",
            "4000 - 112",
            "12' - 6\"",
            "-300",
            "- 300",
            "-300+50",
            "12''",
            "4..5",
            "abc",
            "",
            "  ",
            "1/200",
            "100/200",
            "3 4/200",
            "4000-1/2",
            "1/64",
            "5/0",
            "1/0\"",
            "12'13\"",
            "3 m * 2 m",
            "3/2 m",
            "2400+",
            "*3",
            "1e5",
            "6\u00BD\"",
            "\u00BC",
            "12\u20326\u2033",
            "\u22125",
            "3600 x 2700",
            "12' by 10'",
            "3600\u00D72700",
            "at 30",
            "3200 at 22.5",
            "3200 at 30\u00B0",
            "at -90 deg",
            "at",
            "3200 at north",
            "at 400",
            "12\u00A0345",
            "3\u2003m",
            "x",
            "3 x",
            "9999999999999999999999999",
            "0",
            "-0",
            ".5",
            "0,125",
            "1,2,3,4",
            "1".repeat(121),
            "1,".repeat(3000) + "1",
            "3 FT",
            "5 Furlongs");

    @Test
    void theTableIsWhatTheReaderSays() throws IOException {
        List<String> lines = new ArrayList<>();
        for (String typed : texts()) for (UnitSystem units : UnitSystem.values()) lines.add(line(typed, units));
        if (Boolean.getBoolean("readings.write")) Files.write(TABLE, lines);
        assertThat(Files.readAllLines(TABLE)).isEqualTo(lines);
    }

    private static List<String> texts() {
        List<String> texts = new ArrayList<>(BY_HAND);
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(14);
        String[] parts = {
            "0", "1", "2", "3", "6", "12", "64", "200", "450", "3,200", "1.5", ".5", "'", "\"", "''", "-", " - ", "+",
            " + ", "*", "/", " / ", " ", "ft", " in", "mm", " cm", "m", "1/2", " 3/16", "x", " x ", " by ", " at ",
            "45", "\u00BD", "\u2032", ",", "e"
        };
        while (texts.size() < 1500) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(1, 8); n > 0; n--) text.append(parts[random.nextInt(parts.length)]);
            texts.add(text.toString());
        }
        return texts;
    }

    private static String line(String typed, UnitSystem units) {
        Entry entry = Entry.read(typed, units);
        return List.of(
                        typed,
                        units.name(),
                        words(entry.length(), units),
                        words(entry.second(), units),
                        entry.degrees() == null ? "" : number(entry.degrees()),
                        entry.fault() == null ? "" : entry.fault())
                .stream()
                .map(ReadingsTableTest::escaped)
                .collect(Collectors.joining("\t"));
    }

    private static String words(LengthReading reading, UnitSystem units) {
        LengthPrinter printer = LengthPrinter.ofScreen(units);
        return switch (reading) {
            case null -> "";
            case LengthReading.Read read -> "= " + number(read.mm()) + " = " + printer.print(read.mm());
            case LengthReading.Asks asks ->
                "? " + number(asks.firstMm()) + " = " + printer.print(asks.firstMm()) + " ? " + number(asks.secondMm())
                        + " = " + printer.print(asks.secondMm());
            case LengthReading.Unreadable no -> "! " + no.reason();
        };
    }

    /** To a millionth of a millimetre; far too large ones by their size only. */
    private static String number(double value) {
        return Math.abs(value) < 1e9
                ? String.format(Locale.ROOT, "%.6f", value)
                : String.format(Locale.ROOT, "%.0e", value);
    }

    private static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray())
            out.append(c < 32 || c > 126 ? "\\u%04x".formatted((int) c) : String.valueOf(c));
        return out.toString();
    }
}
