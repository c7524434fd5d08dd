package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.References;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;

class OfficeStandardTest {

    private final Model model = OfficeStandard.newProject(
            new Settings(Settings.ID, "New", "", "", "", UnitSystem.METRIC, PaperSize.A2, 1200));

    @Test
    void everythingItRefersToIsThere() {
        assertThat(References.dangling(model)).isNull();
        assertThat(model.find(OfficeStandard.GROUND_PLAN)).isNotNull();
    }

    @Test
    void buildUpsHaveTheirTradeThicknesses() {
        assertThat(thickness("frame-brick")).isCloseTo(354, within(1e-9));
        assertThat(thickness("brick-cavity")).isCloseTo(365.5, within(1e-9));
        assertThat(thickness("stud-partition")).isCloseTo(100, within(1e-9));
        assertThat(thickness("frame-2x6")).as("6 3/4 in").isCloseTo(171.4, within(1e-9));
        assertThat(thickness("partition-2x4")).as("4 1/2 in").isCloseTo(114.3, within(1e-9));
    }

    private double thickness(String name) {
        return model.get(new ElementId("build-up-" + name), BuildUp.class).thicknessMm();
    }

    @Test
    void factsOfTheTradeNameTheirSource() {
        assertThat(model.all(BuildUp.class))
                .allSatisfy(b -> assertThat(b.source()).as(b.name()).isNotBlank());
        assertThat(model.all(Material.class)).hasSizeGreaterThan(List.of(1).size());
    }
}
