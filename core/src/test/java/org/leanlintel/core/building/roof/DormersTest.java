package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.roof.RoofShape;

/** Dormers in a slope of 40 degrees with its eaves at x 0, their plates 2,100 over those; and in the roof of a house. */
class DormersTest {

    private static final Offset<Double> NEAR = within(0.1);
    private static final double TAN = Math.tan(Math.toRadians(40)), FRONT_AT = 800;
    private static final RoofShape.Face SLOPE = new RoofShape.Face(
            0, 0, Area.rectangle(0, -5000, 5000, 10_000), Plane.rising(Vec.ORIGIN, 0, new Vec(1, 0), TAN));

    private static RoofPart.Dormer dormer(RoofPart.Form form, double degrees, double over) {
        return new RoofPart.Dormer(form, Pitch.degrees(degrees), over, 100, 600, 700, 300, Sketch.id("brick"));
    }

    /** 1,600 wide, its front at x 800 and so 2,100 - 800 tan 40 = 1,428.7 high. */
    private static DormerShape shape(RoofPart.Form form, double degrees, double over) {
        RoofPart.Dormer dormer = dormer(form, degrees, over);
        RoofPart part = new RoofPart(
                new ElementId("d"),
                new ElementId("r"),
                Sketch.LAYER,
                "DO1",
                new Vec(FRONT_AT, 0),
                1600,
                2100 - FRONT_AT * TAN,
                dormer,
                WorkState.NEW);
        return DormerShape.of(part, dormer, SLOPE);
    }

    /** Its ridge is 800 tan 40 over its plates, and dies where the slope is as high. */
    @Test
    void aGabledDormerDiesWhereItWasWorkedOut() {
        DormerShape shape = shape(RoofPart.Form.GABLED, 40, 0);
        assertThat(shape.topMm()).isCloseTo(2771.3, NEAR);
        assertThat(shape.covered().bounds().maxX()).isCloseTo(3302.7, NEAR);
        assertThat(FRONT_AT + shape.cheekMm()).as("where its valleys begin").isCloseTo(2502.7, NEAR);
        double valley = Math.hypot(3302.7 - 2502.7, 800);
        assertThat(valley).isCloseTo(1131.4, NEAR);
        assertThat(shape.hole().mm2()).isCloseTo(1600 * 1702.7 + 800 * 800, within(300.0));
    }

    @Test
    void aShedDormerDiesWhereItWasWorkedOut() {
        DormerShape shape = shape(RoofPart.Form.SHED, 15, 0);
        assertThat(shape.covered().bounds().maxX()).isCloseTo(3301.5, NEAR);
        assertThat(shape.topMm()).isCloseTo(2770.3, NEAR);
        assertThat(shape.faces()).hasSize(1);
    }

    /** Hipped over its front: its ridge begins 800 behind that. */
    @Test
    void aHippedDormerHasThreeSlopes() {
        DormerShape shape = shape(RoofPart.Form.HIPPED, 40, 0);
        assertThat(shape.faces()).hasSize(3);
        assertThat(shape.topMm()).isCloseTo(2771.3, NEAR);
    }

    /** An overhang of 200 hangs 200 tan 40 lower, and takes nothing of the slope beside the cheeks. */
    @Test
    void itsOverhangsStandOutOverTheSlope() {
        DormerShape shape = shape(RoofPart.Form.GABLED, 40, 200);
        Bounds covered = shape.covered().bounds();
        assertThat(covered.minX()).isCloseTo(FRONT_AT - 200, NEAR);
        assertThat(covered.height()).isCloseTo(2000, NEAR);
        assertThat(shape.hole().bounds().height()).isCloseTo(1600, NEAR);
        assertThat(shape.hole().bounds().minX()).isCloseTo(FRONT_AT, NEAR);
    }

    @Test
    void aDormerThatNeverDiesIsNone() {
        assertThat(shape(RoofPart.Form.SHED, 45, 0)).isNull();
        assertThat(shape(RoofPart.Form.GABLED, 75, 0))
                .as("it would end past the slope")
                .isNull();
    }

    private final RoofedHouse house = new RoofedHouse();

    /** In the roof of 35 degrees over 4,000: 800 wide, 500 high. */
    @Test
    void itCutsItsRoofAndShowsInElevation() {
        Roof roof = house.gabled();
        double whole = covered(roof);
        RoofPart made = (RoofPart) house.sketch
                .run(new PlaceRoofPart(
                        Sketch.LAYER, new Vec(3000, 700), 800, 500, dormer(RoofPart.Form.GABLED, 35, 100)))
                .after()
                .getFirst();
        assertThat(made.mark()).isEqualTo("DO1");
        PlacedRoofPart placed = house.sketch.building().get(new PlacedRoofPart.Of(made.id()));
        assertThat(placed).isNotNull();
        assertThat(whole - covered(roof)).isCloseTo(placed.hole().mm2(), within(200.0));
        assertThat(placed.hole().bounds().maxY())
                .isCloseTo(700 + 500 / Math.tan(Math.toRadians(35)) + 400, within(1.0));
        assertThat(materials(made)).contains("glass", "frame").anyMatch(m -> m.equals("brick"));
        ElementId south = house.elevation(-90);
        var picture = DrawingPicture.of(house.sketch.building(), south, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                .picture();
        assertThat(picture.groups())
                .filteredOn(g -> g.element().equals(made.id()))
                .singleElement()
                .satisfies(g -> {
                    assertThat(g.items()).hasAtLeastOneElementOfType(Item.Strokes.class);
                    assertThat(g.items())
                            .as("its glass and frame are tinted, its walls and its roof are not")
                            .filteredOn(Item.Fill.class::isInstance)
                            .extracting(i -> ((Item.Fill) i).tint())
                            .contains(Panel.GLASS.tint(), Panel.FRAME.tint())
                            .isSubsetOf(Panel.GLASS.tint(), Panel.FRAME.tint());
                });
    }

    private double covered(Roof roof) {
        JoinedRoof joined = house.sketch.building().get(new JoinedRoof.Of(roof.id()));
        assertThat(joined).isNotNull();
        return joined.faces().stream().mapToDouble(f -> f.plan().mm2()).sum();
    }

    private List<String> materials(RoofPart part) {
        return new Bodies(house.sketch.building())
                .on(house.sketch.model().get(part.roof(), Roof.class).storey()).stream()
                        .filter(b -> b.element().equals(part.id()))
                        .map(b -> b.material().joinsAs())
                        .distinct()
                        .toList();
    }

    @Test
    void whatDoesNotEndInItsSlopeIsRefused() {
        house.gabled();
        assertThat(house.sketch.refusal(new PlaceRoofPart(
                        Sketch.LAYER, new Vec(3000, 1500), 1200, 900, dormer(RoofPart.Form.GABLED, 45, 0))))
                .contains("does not end in its slope");
    }
}
