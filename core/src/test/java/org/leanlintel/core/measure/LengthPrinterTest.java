package org.leanlintel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthPrinterTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3822.7 | 12'-6 1/2\"",
                "0 | 0\"",
                "12.7 | 1/2\"",
                "165.1 | 6 1/2\"",
                "3657.6 | 12'-0\"",
                "304.8 | 1'-0\"",
                "311.15 | 1'-0 1/4\"",
                "-3822.7 | -12'-6 1/2\"",
                "304.79 | 1'-0\"",
                "0.1 | 0\"",
                "-0.1 | 0\""
            })
    void printsFeetAndInches(double mm, String text) {
        assertThat(LengthPrinter.ofDrawings(UnitSystem.FEET_INCHES).print(mm)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"7200, 7200", "886.5, 887", "-886.5, -887", "0.4, 0", "-0.4, 0", "1000000, 1000000"})
    void printsMillimetres(double mm, String text) {
        assertThat(LengthPrinter.ofDrawings(UnitSystem.METRIC).print(mm)).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
    void refusesAStepThatIsNone(double step) {
        assertThatThrownBy(() -> new LengthPrinter(UnitSystem.METRIC, step)).hasMessageContaining(String.valueOf(step));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "48 | FEET_INCHES | 1/4\" = 1'-0\"",
                "50 | METRIC | 1:50",
                "48 | METRIC | 1:48",
                "50 | FEET_INCHES | 1:50"
            })
    void labelsScales(double scale, UnitSystem units, String label) {
        assertThat(ScaleLabel.of(scale, units)).isEqualTo(label);
    }
}
