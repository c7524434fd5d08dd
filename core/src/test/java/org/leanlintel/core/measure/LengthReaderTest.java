package org.leanlintel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.measure.UnitSystem.FEET_INCHES;
import static org.leanlintel.core.measure.UnitSystem.METRIC;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthReaderTest {

    @ParameterizedTest(name = "metric {0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3200 | 3200",
                "3200.5 | 3200.5",
                "3200,5 | 3200.5",
                "3.2 m | 3200",
                "3,2m | 3200",
                "320cm | 3200",
                "3200 mm | 3200",
                "12'6 1/2\" | 3822.7",
                "12-6 1/2 | 3822.7",
                "12' 6.5 | 3822.7",
                "12'6-1/2 | 3822.7",
                "12'6-1/2\" | 3822.7",
                "6 1/2\" | 165.1",
                "1/2\" | 12.7",
                "12.5' | 3810",
                "12' | 3657.6",
                "6 in | 152.4",
                "12 ft 6 in | 3810",
                "2400+150 | 2550",
                "7200/3 | 2400",
                "2*450 | 900",
                "4000-112 | 3888",
                "4000 - 112 | 3888",
                "7200 / 3 | 2400",
                "12' - 6\" | 3505.2",
                "3 m + 450 | 3450",
                "2*450+100 | 1000",
                "100+2*450 | 1000",
                "3*1.2 m | 3600",
                "-300 | -300",
                "-300+50 | -250",
                "- 300 | -300",
                "0 | 0",
                ".5 | 0.5",
                "0,125 | 0.125",
                "1234,567 | 1234.567",
                "1,234,567 | 1234567",
                "12\u20326\u2033 | 3810",
                "6\u00BD\" | 165.1",
                "1'-0\" | 304.8",
                "\u22125 | -5"
            })
    void readsMetric(String typed, double mm) {
        assertReads(typed, METRIC, mm);
    }

    @ParameterizedTest(name = "feet and inches {0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3200 | 81280",
                "3200.5 | 81292.7",
                "3200,5 | 81292.7",
                "3.2 m | 3200",
                "3,2m | 3200",
                "320cm | 3200",
                "12'6 1/2\" | 3822.7",
                "12-6 1/2 | 3822.7",
                "12' 6.5 | 3822.7",
                "12'6-1/2 | 3822.7",
                "12-6 | 3810",
                "12'-6 1/2\" | 3822.7",
                "6 1/2\" | 165.1",
                "6 1/2 | 165.1",
                "1/2 | 12.7",
                "12.5' | 3810",
                "6-1/2 | 165.1",
                "2400+150 | 64770",
                "7200 / 3 | 60960",
                "2*450 | 22860",
                "4000 - 112 | 98755.2",
                "12' - 6\" | 3505.2",
                "12'6 + 3 | 3886.2",
                "2 * 4' | 2438.4",
                "12' / 2 | 1828.8",
                "-300 | -7620",
                "-6 1/2 | -165.1"
            })
    void readsFeetAndInches(String typed, double mm) {
        assertReads(typed, FEET_INCHES, mm);
    }

    private static void assertReads(String typed, UnitSystem units, double mm) {
        assertThat(LengthReader.read(typed, units))
                .isInstanceOfSatisfying(
                        LengthReading.Read.class, read -> assertThat(read.mm()).isCloseTo(mm, within(1e-9)));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {"3,200 | 3200 | 3.2", "3.200 | 3200 | 3.2", "-1,500 | -1500 | -1.5", "1,500+2 | 1502 | 3.5"})
    void asksWhereThreeDigitsFollow(String typed, double first, double second) {
        assertThat(LengthReader.read(typed, METRIC)).isEqualTo(new LengthReading.Asks(first, second));
    }

    @Test
    void asksInInchesToo() {
        assertThat(LengthReader.read("3,200", FEET_INCHES)).isEqualTo(new LengthReading.Asks(3200 * 25.4, 3.2 * 25.4));
    }

    @ParameterizedTest(name = "\"{0}\"")
    @ValueSource(
            strings = {
                "12''",
                "4..5",
                "abc",
                "",
                "  ",
                "3200 3",
                "1/2",
                "6 1/2",
                "12'13\"",
                "1/0\"",
                "5/0",
                "2400+",
                "*3",
                "3 m * 2 m",
                "3/2 m",
                "1e5",
                "NaN",
                "Infinity",
                "12\"6'",
                "--5",
                "'",
                "\"",
                "5 furlongs",
                "9999999999999999999999999999999999999999999999'9'"
            })
    void refusesWithASentence(String typed) {
        assertThat(LengthReader.read(typed, METRIC))
                .isInstanceOfSatisfying(
                        LengthReading.Unreadable.class,
                        no -> assertThat(no.reason()).endsWith(".").doesNotContain("Exception"));
    }

    @Test
    void saysWhatToDoAboutTwoFootMarksAndBareFractions() {
        assertThat(reason("12''", FEET_INCHES)).contains("Two foot marks");
        assertThat(reason("1/2", METRIC)).contains("1/2\"");
        assertThat(reason("12-14", FEET_INCHES)).contains("spaces");
    }

    private static String reason(String typed, UnitSystem units) {
        return ((LengthReading.Unreadable) LengthReader.read(typed, units)).reason();
    }

    @ParameterizedTest(name = "to 1/{0} in")
    @ValueSource(ints = {2, 4, 8, 16, 32, 64})
    void printedInchesReadBack(int perInch) {
        LengthPrinter printer = new LengthPrinter(FEET_INCHES, 25.4 / perInch);
        for (int parts = 0; parts <= 30 * perInch; parts++) {
            double mm = parts * 25.4 / perInch;
            assertReads(printer.print(mm), FEET_INCHES, mm);
            assertReads(printer.print(-mm), FEET_INCHES, -mm);
        }
    }

    @Test
    void printedMillimetresReadBack() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        LengthPrinter printer = LengthPrinter.ofScreen(METRIC);
        for (int i = 0; i < 2000; i++) {
            double mm = Math.rint(random.nextDouble(-50_000, 50_000) * 10) / 10;
            assertReads(printer.print(mm), METRIC, mm);
        }
    }

    /** Any text at all gets an answer. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void neverThrows(UnitSystem units) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        String letters = "0123456789.,'\"-+*/ mcftin()x\u00BD\n";
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(12); n >= 0; n--) text.append(letters.charAt(random.nextInt(letters.length())));
            assertThat(LengthReader.read(text.toString(), units))
                    .as(text.toString())
                    .isNotNull();
        }
    }
}
