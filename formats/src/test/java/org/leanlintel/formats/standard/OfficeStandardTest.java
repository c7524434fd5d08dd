package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.References;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.TimberSize;

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
        assertThat(thickness("panel-render")).isCloseTo(237.5, within(1e-9));
        assertThat(thickness("block-insulated")).isCloseTo(381, within(1e-9));
        assertThat(thickness("party-block")).isCloseTo(301, within(1e-9));
        assertThat(thickness("loft-ceiling")).isCloseTo(362.5, within(1e-9));
    }

    /** Worked by hand from the plies: W/m2K. */
    @Test
    void buildUpsHaveTheUValuesOfTheirPlies() {
        assertThat(uValue("frame-brick")).isCloseTo(0.182, within(0.0005));
        assertThat(uValue("brick-cavity")).isCloseTo(0.187, within(0.0005));
        assertThat(uValue("frame-2x6")).isCloseTo(0.356, within(0.0005));
        assertThat(uValue("block-insulated")).isCloseTo(0.192, within(0.0005));
        assertThat(uValue("loft-ceiling")).isCloseTo(0.123, within(0.0005));
    }

    private double uValue(String name) {
        BuildUp buildUp = model.get(new ElementId("build-up-" + name), BuildUp.class);
        return ((HeatLoss.Worked) UValue.of(buildUp, model)).uValue();
    }

    @Test
    void everyBuildUpHasAMarkOfItsOwnAndAUValueOrAReason() {
        List<BuildUp> all = model.all(BuildUp.class);
        assertThat(all).extracting(BuildUp::mark).doesNotHaveDuplicates();
        assertThat(all).extracting(BuildUp::name).doesNotHaveDuplicates();
        assertThat(all)
                .filteredOn(b -> b.use() == BuildUp.Use.WALL)
                .allSatisfy(b -> assertThat(UValue.of(b, model)).as(b.name()).isInstanceOf(HeatLoss.Worked.class));
    }

    @Test
    void timberIsNotWhatItIsCalled() {
        TimberSize twoBySix = OfficeStandard.timber().stream()
                .filter(t -> t.name().equals("2x6"))
                .findFirst()
                .orElseThrow();
        assertThat(twoBySix.widthMm()).isCloseTo(38.1, within(1e-9));
        assertThat(twoBySix.depthMm()).isCloseTo(139.7, within(1e-9));
        assertThat(OfficeStandard.timber()).extracting(TimberSize::name).doesNotHaveDuplicates();
    }

    private double thickness(String name) {
        return model.get(new ElementId("build-up-" + name), BuildUp.class).thicknessMm();
    }

    @Test
    void factsOfTheTradeNameTheirSource() {
        assertThat(model.all(BuildUp.class))
                .allSatisfy(b -> assertThat(b.source()).as(b.name()).isNotBlank());
        assertThat(model.all(Material.class))
                .allSatisfy(m ->
                        assertThat(m.source().isBlank()).as(m.name()).isEqualTo(m.heat() instanceof Heat.Unstated));
    }
}
