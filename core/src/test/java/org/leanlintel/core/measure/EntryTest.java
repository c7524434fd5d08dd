package org.leanlintel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths, pairs of lengths and angles as they are typed. */
class EntryTest {

    private static Double mm(LengthReading reading) {
        return reading instanceof LengthReading.Read read ? read.mm() : null;
    }

    @ParameterizedTest
    @CsvSource({
        "3200, 3200, , ",
        "3600 x 2700, 3600, 2700, ",
        "3600x2700, 3600, 2700, ",
        "3.6m by 2.7m, 3600, 2700, ",
        "3200 at 30, 3200, , 30",
        "at 22.5, , , 22.5",
        "at -45\u00B0, , , -45",
        "1200+150 at 90 deg, 1350, , 90",
    })
    void readsLengthsPairsAndAngles(String typed, Double first, Double second, Double degrees) {
        Entry entry = Entry.read(typed, UnitSystem.METRIC);
        assertThat(mm(entry.length())).isEqualTo(first);
        assertThat(mm(entry.second())).isEqualTo(second);
        assertThat(entry.degrees()).isEqualTo(degrees);
        assertThat(entry.fault()).isNull();
    }

    @Test
    void readsPairsInFeetAndInches() {
        Entry entry = Entry.read("12' x 10'6", UnitSystem.FEET_INCHES);
        assertThat(mm(entry.length())).isEqualTo(3657.6);
        assertThat(mm(entry.second())).isEqualTo(3200.4);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3200 at steep | \"steep\" is not an angle: type degrees, as in \"at 30\" or \"at 22.5\".",
                "3200 at 400 | An angle lies between -360 and 360 degrees.",
            })
    void saysWhatIsWrongWithAnAngle(String typed, String fault) {
        assertThat(Entry.read(typed, UnitSystem.METRIC).fault()).isEqualTo(fault);
    }

    @Test
    void whatIsNoLengthSaysSoItself() {
        Entry entry = Entry.read("12'' x 4..5", UnitSystem.METRIC);
        assertThat(entry.length()).isInstanceOf(LengthReading.Unreadable.class);
        assertThat(entry.second()).isInstanceOf(LengthReading.Unreadable.class);
    }
}
