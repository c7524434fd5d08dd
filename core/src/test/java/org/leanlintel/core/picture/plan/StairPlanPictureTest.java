package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.Balustrade;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.storey.PlaceSteps;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A stair in plan on both its storeys, and in its own drawing. */
class StairPlanPictureTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Stair stair = house.stair(900, StairMake.Rails.BOTH, Stair.Above.FOUND);

    private Group group(ElementId drawing, ElementId element) {
        return DrawingPicture.of(house.sketch.building(), drawing, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(element))
                .findFirst()
                .orElseThrow();
    }

    private List<Item> items(ElementId drawing) {
        return group(drawing, stair.id()).items();
    }

    private static List<String> texts(List<Item> items) {
        return items.stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private static List<Double> across(List<Item> items, PenRole role) {
        return items.stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .filter(l -> l.size() == 2 && Math.abs(l.get(0).x() - l.get(1).x()) < 0.01)
                .map(l -> l.get(0).x())
                .distinct()
                .sorted()
                .toList();
    }

    /** Cut at 1,200: six risers of 200 lie below. The first stands at 1,000, and each 250 further. */
    @Test
    void itIsSolidBelowTheCutAndDashedAbove() {
        List<Item> below = items(Sketch.PLAN);
        assertThat(across(below, PenRole.STAIR)).contains(1000.0, 1250.0, 1500.0, 1750.0);
        assertThat(across(below, PenRole.STAIR)).doesNotContain(3000.0, 4000.0);
        assertThat(across(below, PenRole.OVERHEAD)).contains(3000.0, 3500.0, 4000.0);
        assertThat(texts(below)).contains("up 13R", "13 × 200 / 250");
        assertThat(texts(below))
                .containsAll(
                        IntStream.rangeClosed(1, 12).mapToObj(Integer::toString).toList());
    }

    /** Open from 4,000 back by (2,000 + 250) x 250 / 200 = 2,812.5. */
    @Test
    void theStoreyAboveShowsWhatIsSeenThroughTheOpening() {
        List<Item> above = items(house.planAbove());
        assertThat(across(above, PenRole.STAIR)).contains(1250.0, 4000.0).doesNotContain(1000.0);
        assertThat(above.stream()
                        .filter(i -> i instanceof Item.Strokes e && e.role() == PenRole.EDGE)
                        .flatMap(i -> ((Item.Strokes) i).lines().stream())
                        .flatMap(List::stream)
                        .map(Vec::x))
                .isNotEmpty()
                .allMatch(x -> Math.abs(x - (4000 - 2812.5)) < 0.02 || Math.abs(x - 4000) < 0.02);
        assertThat(texts(above)).contains("dn 13R").doesNotContain("1");
    }

    /** Round three sides of 2,812.5 by 900, 50 wide and 20 off the edge; the last riser is left clear by 100 before it. */
    @Test
    void aBalustradeStandsRoundTheVoidButWhereOneArrives() {
        BuiltStair built = BuiltStair.of(stair, house.sketch.model());
        Area round = Balustrade.of(built, house.sketch.building());
        // along the middle of it, 45 off the edge: both long sides as far as it goes past the last riser, and the end
        double longSide = 2812.5 + 45 + 70, end = 900 + 2 * 45;
        assertThat(round.mm2()).isCloseTo(50 * (2 * longSide + end), within(50 * 60.0));
        assertThat(round.covers(new Vec(4045, 1050))).as("where one arrives").isFalse();
        assertThat(round.covers(new Vec(4000 - 2812.5 - 45, 1050))).isTrue();
    }

    /** Three risers of 150 and two goings of 280 before a landing of 900, straight out of the south wall. */
    @Test
    void stepsBeforeADoorSayWhatTheirRisersAreWhereThereIsRoom() {
        Opening door = house.sketch.door(house.shell.get(3), 2000, 1000);
        house.sketch.put(new Site(Site.ID, "", 0, -450));
        ElementId brick = Sketch.id("brick");
        house.sketch.run(new PlaceSteps(door.id(), Sketch.LAYER, 1400, 900, new OutsideSteps.Steps(280), brick));
        ElementId steps =
                house.sketch.model().all(OutsideSteps.class).iterator().next().id();
        Group group = group(Sketch.PLAN, steps);
        assertThat(texts(group.items())).containsExactly("up 3R", "3 × 150 / 280");
        assertThat(wordsAt(steps).y()).as("on the landing").isBetween(-900.0, 0.0);
        assertThat(Area.of(group.ground().getFirst()).mm2()).isCloseTo(1400 * (900 + 2 * 280), within(1.0));

        house.sketch.put(door.of(new Opening.SwingDoor(End.START, Side.LEFT)));
        assertThat(wordsAt(steps).y()).as("its leaf opens over the landing").isLessThan(-900 - 2 * 280);

        Vec before = wordsAt(steps);
        house.sketch.put(new Note(
                Sketch.id("note"),
                Sketch.LAYER,
                Sketch.PLAN,
                before,
                "gravel",
                Sketch.LETTERS,
                0,
                Leaders.NONE,
                false));
        assertThat(Math.abs(wordsAt(steps).x() - before.x()))
                .as("words lie before the foot")
                .isGreaterThan(700);
    }

    private Vec wordsAt(ElementId steps) {
        return group(Sketch.PLAN, steps).items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).at())
                .findFirst()
                .orElseThrow();
    }

    /** Its words begin 80 off the last riser at 4,000, and would lie on a string at 4,500. */
    @Test
    void itsWordsGiveWayToAString() {
        Vec from = new Vec(4500, 400), to = new Vec(4500, 1700);
        assertThat(wayWords().isCrossedBy(from, to)).isTrue();
        house.sketch.run(new DrawString(
                house.planAbove(),
                Sketch.LAYER,
                new Vec(0, 1),
                from,
                List.of(new Hold.AtPoint(from), new Hold.AtPoint(to))));
        assertThat(wayWords().isCrossedBy(from, to)).isFalse();
        assertThat(wayWords().centre().distanceTo(new Vec(4000, 1050)))
                .as("no further than it has to")
                .isLessThan(1000);
    }

    private Bounds wayWords() {
        return items(house.planAbove()).stream()
                .filter(i -> i instanceof Item.Text t && t.text().equals("dn 13R"))
                .map(i -> TextBox.of((Item.Text) i, 50, LETTERS).bounds())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itIsPickedAnywhereOnItAndAboveWhereItIsSeen() {
        Area whole = Area.of(group(Sketch.PLAN, stair.id()).ground().getFirst());
        assertThat(whole.covers(new Vec(3900, 1050))).isTrue();
        Area seen = Area.of(group(house.planAbove(), stair.id()).ground().getFirst());
        assertThat(seen.mm2()).isCloseTo(2812.5 * 900, within(100.0));
    }

    @Test
    void itsOwnDrawingDimensionsTheEqualDivisions() {
        Drawing plan = house.sketch.model().get(Sketch.PLAN, Drawing.class);
        ElementId own = house.sketch
                .run(new AddDrawing(
                        "Stair",
                        Drawing.Kind.STAIR,
                        plan.storey(),
                        plan.lens(),
                        25,
                        new Drawing.One(stair.id()),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
        List<String> texts = texts(items(own));
        assertThat(texts)
                .contains("13 × 200 = 2600", "12 × 250 = 3000", "2000 headroom, 2000 needed", "+2.600")
                .anyMatch(t -> t.startsWith("ST1: pitch 38.7°, 2R+G 650"));
    }

    @Test
    void theArrowEndsAtTheLastRiser() {
        assertThat(items(Sketch.PLAN).stream()
                        .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.STAIR)
                        .flatMap(i -> ((Item.Strokes) i).lines().stream())
                        .flatMap(List::stream))
                .contains(new Vec(1000, 1050), new Vec(4000, 1050));
    }
}
