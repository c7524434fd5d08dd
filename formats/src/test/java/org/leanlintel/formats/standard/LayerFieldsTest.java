package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Names of layers by ISO 13567-2: two, six and two characters at least. */
class LayerFieldsTest {

    private final LayerFields known = OfficeStandard.layerFields();

    @Test
    void theFieldsThatEveryNameHasComeFirst() {
        assertThat(known.fields().stream().filter(LayerFields.Field::needed).map(LayerFields.Field::length))
                .containsExactly(2, 6, 2);
        assertThat(known.fields().stream().map(LayerFields.Field::needed))
                .isSortedAccordingTo((one, other) -> other.compareTo(one));
        assertThat(known.source()).contains("ISO 13567");
    }

    @Test
    void everyCodeFillsItsFieldAndIsThereOnce() {
        for (LayerFields.Field f : known.fields()) {
            assertThat(f.codes()).extracting(LayerFields.Code::code).doesNotHaveDuplicates();
            assertThat(f.codes()).allSatisfy(c -> {
                assertThat(c.code()).hasSize(f.length());
                assertThat(c.words()).isNotBlank();
            });
        }
    }
}
