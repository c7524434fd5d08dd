package org.leanlintel.formats;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Pen;
import org.leanlintel.formats.standard.LineTypes;

/** Dashes of ISO 128-2; the page's test says the same figures of the same table. */
class LineTypesTest {

    @Test
    void dashesAreInWidthsOfTheLineButNoneIsTooShortToSee() {
        assertThat(LineTypes.dashesMm(new Pen(0.5, Pen.Dash.DASHED))).containsExactly(6.0, 1.5);
        assertThat(LineTypes.dashesMm(new Pen(0.13, Pen.Dash.DASHED))).containsExactly(2.0, 0.5);
        assertThat(LineTypes.dashesMm(new Pen(0.25, Pen.Dash.LONG_DASHED_DOTTED)))
                .containsExactly(6.0, 0.75, 0.125, 0.75);
        assertThat(LineTypes.dashesMm(new Pen(0.25, Pen.Dash.CONTINUOUS))).isEmpty();
    }

    @Test
    void everyLineTypeHasARow() {
        for (Pen.Dash dash : Pen.Dash.values())
            assertThat(LineTypes.dashesMm(new Pen(0.25, dash))).isNotNull();
    }
}
