package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TimberSize;

class OfficeStandardTest {

    private final Model model = project("UK"), american = project("US");

    private static Model project(String region) {
        TradeRegion of = OfficeStandard.region(region);
        return OfficeStandard.newProject(OfficeStandard.settings(of, "New", "", "", "", of.paper()));
    }

    static List<String> regions() {
        return OfficeStandard.regions().stream().map(TradeRegion::id).toList();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("regions")
    void everythingItRefersToIsThere(String region) {
        Model offered = project(region);
        assertThat(References.dangling(offered)).isNull();
        assertThat(offered.find(OfficeStandard.GROUND_PLAN)).isNotNull();
        TradeRegion of = OfficeStandard.region(region);
        for (ElementId first : List.of(of.outsideWall(), of.partition(), of.groundFloor(), of.upperFloor()))
            assertThat(offered.find(first, BuildUp.class)).as(first.value()).isNotNull();
        assertThat(offered.get(OfficeStandard.GROUND, Storey.class).heightMm())
                .as("a floor fits between ceiling and storey above")
                .isGreaterThan(of.storeys().ceilingMm() + 150);
        assertThat(OfficeStandard.offered(of).timber()).isNotEmpty();
        assertThat(of.roomNames()).containsOnlyKeys(Room.Use.values());
    }

    /** Whole sixteenths of an inch, as people there say them: nothing was converted. */
    @Test
    void whatIsOfferedInInchesIsWholeInThem() {
        TradeRegion us = OfficeStandard.region("US");
        List<Double> sizes = new ArrayList<>(List.of(
                us.storeys().heightMm(),
                us.storeys().ceilingMm(),
                us.windows().sillMm(),
                us.standOffMm(),
                us.postMm(),
                us.pierMm(),
                us.wellMm(),
                us.steps().goingMm(),
                us.steps().landingMm()));
        us.doors().leaves().forEach(sizes::addAll);
        us.doors().openMm().values().forEach(sizes::addAll);
        us.windows().sizes().forEach(sizes::addAll);
        for (Symbol s : american.all(Symbol.class))
            sizes.addAll(List.of(s.width().usualMm(), s.depth().usualMm()));
        assertThat(sizes).allSatisfy(mm -> {
            double sixteenths = mm / 25.4 * 16;
            assertThat(sixteenths).as("%s mm", mm).isCloseTo(Math.rint(sixteenths), within(1e-3));
        });
        assertThat(american.all(Symbol.class))
                .extracting(Symbol::name)
                .contains("Range", "Toilet", "Closet rod and shelf", "Laundry, stacked 24 in")
                .doesNotContain("WC", "Hob");
    }

    /** A leaf of 2'-8" by 6'-8" with 3/4 in jambs, 1/8 in gaps and 1/4 in of shims: 34 by 82. */
    @Test
    void aLeafAsksForItsOpening() {
        TradeRegion.Leaf usual =
                OfficeStandard.offered(OfficeStandard.region("US")).leaves().getFirst();
        assertThat(usual.leafWidthMm() / 25.4).isCloseTo(32, within(1e-9));
        assertThat(usual.widthMm() / 25.4).isCloseTo(34, within(1e-9));
        assertThat(usual.heightMm() / 25.4).as("80 + 1/2 + 1/8 + 3/4 + 1/4").isCloseTo(81.625, within(1e-9));
    }

    @Test
    void buildUpsHaveTheirTradeThicknesses() {
        assertThat(thickness(model, "frame-brick")).isCloseTo(354, within(1e-9));
        assertThat(thickness(model, "brick-cavity")).isCloseTo(365.5, within(1e-9));
        assertThat(thickness(model, "stud-partition")).isCloseTo(100, within(1e-9));
        assertThat(thickness(american, "frame-2x6")).as("6 3/4 in").isCloseTo(171.4, within(1e-9));
        assertThat(thickness(american, "partition-2x4")).as("4 1/2 in").isCloseTo(114.3, within(1e-9));
        assertThat(thickness(model, "panel-render")).isCloseTo(237.5, within(1e-9));
        assertThat(thickness(model, "block-insulated")).isCloseTo(381, within(1e-9));
        assertThat(thickness(model, "party-block")).isCloseTo(301, within(1e-9));
        assertThat(thickness(model, "loft-ceiling")).isCloseTo(362.5, within(1e-9));
    }

    /** Worked by hand from the plies: W/m2K. */
    @Test
    void buildUpsHaveTheUValuesOfTheirPlies() {
        assertThat(uValue(model, "frame-brick")).isCloseTo(0.182, within(0.0005));
        assertThat(uValue(model, "brick-cavity")).isCloseTo(0.187, within(0.0005));
        assertThat(uValue(american, "frame-2x6")).isCloseTo(0.356, within(0.0005));
        assertThat(uValue(model, "block-insulated")).isCloseTo(0.192, within(0.0005));
        assertThat(uValue(model, "loft-ceiling")).isCloseTo(0.123, within(0.0005));
    }

    private static double uValue(Model in, String name) {
        BuildUp buildUp = in.get(new ElementId("build-up-" + name), BuildUp.class);
        return ((HeatLoss.Worked) UValue.of(buildUp, in)).uValue();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("regions")
    void everyBuildUpHasAMarkOfItsOwnAndAUValueOrAReason(String region) {
        Model offered = project(region);
        List<BuildUp> all = offered.all(BuildUp.class);
        assertThat(all).extracting(BuildUp::mark).doesNotHaveDuplicates();
        assertThat(all).extracting(BuildUp::name).doesNotHaveDuplicates();
        assertThat(all)
                .filteredOn(b -> b.use() == BuildUp.Use.WALL)
                .allSatisfy(b -> assertThat(UValue.of(b, offered)).as(b.name()).isInstanceOf(HeatLoss.Worked.class));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("regions")
    void whatToolsStartWithIsInEveryNewProject(String region) {
        Model offered = project(region);
        OfficeStandard.UsualStock stock =
                OfficeStandard.usualStock(OfficeStandard.region(region).like());
        Roof.Trim trim = OfficeStandard.roofMakes(region).trim();
        assertThat(List.of(
                        stock.lining(),
                        stock.mass(),
                        stock.post(),
                        stock.steps(),
                        stock.board(),
                        stock.chimney(),
                        trim.material(),
                        trim.gutterOf(),
                        trim.flashingOf()))
                .allSatisfy(id -> assertThat(offered.find(id, Material.class)).isNotNull());
        assertThat(List.of(stock.sections(), stock.elevations(), stock.roofPlan()))
                .allSatisfy(id -> assertThat(offered.find(id, Lens.class)).isNotNull());
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

    private static double thickness(Model in, String name) {
        return in.get(new ElementId("build-up-" + name), BuildUp.class).thicknessMm();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("regions")
    void factsOfTheTradeNameTheirSource(String region) {
        Model model = project(region);
        assertThat(model.all(BuildUp.class))
                .allSatisfy(b -> assertThat(b.source()).as(b.name()).isNotBlank());
        assertThat(model.all(Material.class))
                .allSatisfy(m ->
                        assertThat(m.source().isBlank()).as(m.name()).isEqualTo(m.heat() instanceof Heat.Unstated));
    }
}
