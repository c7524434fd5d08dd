package org.leanlintel.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.TimberSize;

class UValueTest {

    private static final TimberSize STUD = new TimberSize("38x140", 38, 140, "");

    private final Sketch sketch = new Sketch();

    UValueTest() {
        sketch.put(new HeatRule(HeatRule.ID, 0.04, 0.13, 0.10, 0.2, "ISO 6946"));
        material("facing", new Heat.Conducts(0.77));
        material("cavity", new Heat.StillAir(0.18));
        material("vented", new Heat.Ventilated());
        material("boarding", new Heat.Conducts(0.13));
        material("wool", new Heat.Conducts(0.035));
        material("timber", new Heat.Conducts(0.13));
        material("foam", new Heat.Conducts(0.022));
        material("lining", new Heat.Conducts(0.21));
    }

    private void material(String name, Heat heat) {
        sketch.put(new Material(
                Sketch.id(name),
                name,
                name,
                new Hatch(Hatch.Pattern.NONE, 1),
                "#ffffff",
                heat,
                new Surface.Plain(),
                0,
                ""));
    }

    private static Ply framed(double part) {
        Framing timbers = new Framing.Timbers(STUD, 600, Sketch.id("timber"), part);
        return new Ply(Sketch.id("wool"), 140, Does.CARRIES, timbers);
    }

    private HeatLoss of(BuildUp.Use use, Ply... plies) {
        return UValue.of(new BuildUp(Sketch.id("b"), "1", "b", use, List.of(plies), "", "", ""), sketch.model());
    }

    private HeatLoss.Worked worked(BuildUp.Use use, Ply... plies) {
        return (HeatLoss.Worked) of(use, plies);
    }

    /** Paths R 6.430 (85 %) and 3.507 (15 %): upper 5.715, lower 5.273, total 5.494, U 0.182. */
    @Test
    void aFramedWallByTheCombinedMethod() {
        HeatLoss.Worked sum = worked(
                BuildUp.Use.WALL,
                Sketch.ply("facing", 102.5, Does.FACING),
                Sketch.ply("cavity", 50, Does.AIR_GAP),
                Sketch.ply("boarding", 9, Does.BOARDS),
                framed(0.15),
                Sketch.ply("foam", 40, Does.INSULATES),
                Sketch.ply("air", 0, Does.SHEET),
                Sketch.ply("lining", 12.5, Does.LINING));
        assertThat(sum.upper()).isCloseTo(5.715, within(0.0006));
        assertThat(sum.lower()).isCloseTo(5.273, within(0.0006));
        assertThat(sum.total()).isCloseTo(5.494, within(0.0006));
        assertThat(sum.uValue()).isCloseTo(0.182, within(0.0005));
        assertThat(sum.error()).isCloseTo(0.040, within(0.0005));
        assertThat(sum.rows())
                .as("two surfaces and six plies; the membrane does not count")
                .hasSize(8);
        HeatLoss.Row stud = sum.rows().get(4);
        assertThat(stud.resistance()).isCloseTo(4.0, within(1e-9));
        assertThat(stud.framingResistance()).isCloseTo(1.077, within(0.0005));
        assertThat(stud.combined()).isCloseTo(2.843, within(0.0005));
    }

    /** 0.04 + 0.1025/0.77 + 0.13 = 0.303116...: without framing both limits are the plain sum. */
    @Test
    void solidPliesAddUp() {
        HeatLoss.Worked sum = worked(BuildUp.Use.WALL, Sketch.ply("facing", 102.5, Does.CARRIES));
        assertThat(sum.total()).isCloseTo(0.17 + 0.1025 / 0.77, within(1e-12));
        assertThat(sum.upper()).isCloseTo(sum.lower(), within(1e-12));
        assertThat(sum.error()).isCloseTo(0, within(1e-12));
    }

    /** A ventilated cavity: it and the facing outside it do not count, and the outer surface is a sheltered one. */
    @Test
    void whatLiesOutsideAVentilatedCavityDoesNotCount() {
        HeatLoss.Worked sum = worked(
                BuildUp.Use.WALL,
                Sketch.ply("facing", 102.5, Does.FACING),
                Sketch.ply("vented", 38, Does.AIR_GAP),
                Sketch.ply("foam", 110, Does.CARRIES));
        assertThat(sum.total()).isCloseTo(0.13 + 5 + 0.13, within(1e-9));
    }

    /** Two framed plies make four paths. Worked: parts 0.5, wool 4 and timber 1.0769 each, 0.17 of surfaces. */
    @Test
    void everyPathThroughTwoFramedPliesCounts() {
        HeatLoss.Worked sum = worked(BuildUp.Use.WALL, framed(0.5), framed(0.5));
        double wool = 4, timber = 0.14 / 0.13;
        double upper = 1 / (0.25 / (8.17) + 0.5 / (wool + timber + 0.17) + 0.25 / (2 * timber + 0.17));
        double lower = 0.17 + 2 / (0.5 / wool + 0.5 / timber);
        assertThat(sum.upper()).isCloseTo(upper, within(1e-9));
        assertThat(sum.lower()).isCloseTo(lower, within(1e-9));
    }

    /** Ceiling: 0.10 + 0.04 of surfaces, 0.2 of roof space. */
    @Test
    void aCeilingHasTheRoofSpaceOverIt() {
        HeatLoss.Worked sum = worked(BuildUp.Use.CEILING, Sketch.ply("foam", 22, Does.CARRIES));
        assertThat(sum.total()).isCloseTo(0.14 + 0.2 + 1, within(1e-9));
        HeatLoss.Worked roof = worked(BuildUp.Use.ROOF, Sketch.ply("foam", 22, Does.CARRIES));
        assertThat(roof.total()).isCloseTo(0.14 + 1, within(1e-9));
    }

    @Test
    void whatIsNotKnownIsSaid() {
        assertThat(of(BuildUp.Use.WALL, Sketch.ply("brick", 100, Does.CARRIES)))
                .isEqualTo(new HeatLoss.Unknown("brick has no stated conductivity."));
        Framing joints = new Framing.Joints(Sketch.id("stud"), 0.1);
        assertThat(of(BuildUp.Use.WALL, new Ply(Sketch.id("facing"), 100, Does.CARRIES, joints)))
                .isEqualTo(new HeatLoss.Unknown("stud has no stated conductivity."));
        assertThat(((HeatLoss.Unknown) of(BuildUp.Use.GROUND_FLOOR, Sketch.ply("foam", 22, Does.CARRIES))).reason())
                .contains("ISO 13370");
    }

    @Test
    void aFramedPlyIsAsThickAsItsTimberReallyIs() {
        assertThatThrownBy(() -> new Ply(
                        Sketch.id("wool"),
                        152.4,
                        Does.CARRIES,
                        new Framing.Timbers(new TimberSize("2x6", 38.1, 139.7, ""), 406.4, Sketch.id("timber"), 0.25)))
                .hasMessage("2x6 is 139.7 mm deep, so its ply is that thick, not 152.4 mm.");
    }
}
