package org.leanlintel.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Dashes of ISO 128-2; the page's test says the same figures of the same table. */
class LineTypesTest {

    @Test
    void dashesAreInWidthsOfTheLineButNoneIsTooShortToSee() {
        assertThat(new Pen(0.5, Pen.Dash.DASHED).dashesMm()).containsExactly(6.0, 1.5);
        assertThat(new Pen(0.13, Pen.Dash.DASHED).dashesMm()).containsExactly(2.0, 0.5);
        assertThat(new Pen(0.25, Pen.Dash.LONG_DASHED_DOTTED).dashesMm()).containsExactly(6.0, 0.75, 0.125, 0.75);
        assertThat(new Pen(0.25, Pen.Dash.CONTINUOUS).dashesMm()).isEmpty();
    }

    @Test
    void everyLineTypeHasARow() {
        for (Pen.Dash dash : Pen.Dash.values())
            assertThat(new Pen(0.25, dash).dashesMm()).isNotNull();
    }
}
