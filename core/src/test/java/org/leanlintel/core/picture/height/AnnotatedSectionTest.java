package org.leanlintel.core.picture.height;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.edit.note.Picked;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Hold.AtLevel.Of;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Strings and notes on a section of a house of two storeys: what they hold to, say, and follow. */
class AnnotatedSectionTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Vec UP = new Vec(0, 1), ACROSS = new Vec(1, 0), SILL = new Vec(4355, 900);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;
    /** In the south wall, sill 900 and head 2,100. */
    private final Opening window = sketch.window(house.shell.get(3), 2500, 1000, 900, 1200);

    /** Through the window, from the south up, looking east: the south wall lies to the right. */
    private final ElementId section = sketch.section(new Vec(3000, -500), new Vec(3000, 4500), Side.RIGHT, 20_000);

    private Picture picture() {
        return DrawingPicture.of(sketch.building(), section, LETTERS).picture();
    }

    private Annotation string(Vec direction, Vec at, Hold... holds) {
        DrawString drawn = direction == null
                ? new DrawString(section, Sketch.LAYER, new DrawString.Found(), at, List.of(holds))
                : new DrawString(section, Sketch.LAYER, direction, at, List.of(holds));
        return (Annotation) sketch.run(drawn).after().iterator().next();
    }

    /** From the left, or from the bottom up. */
    private List<String> words(ElementId of) {
        return picture().groups().stream()
                .filter(g -> g.element().equals(of))
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .sorted(Comparator.comparingDouble(t -> t.at().x() + t.at().y()))
                .map(Item.Text::text)
                .toList();
    }

    private Hold storey(ElementId storey, Of level) {
        return new Hold.AtLevel(storey, level);
    }

    @Test
    void aStringUpTheHouseMeasuresItsLevels() {
        Annotation s = string(
                UP,
                new Vec(6000, 0),
                storey(Sketch.STOREY, Of.FLOOR),
                storey(Sketch.STOREY, Of.CEILING),
                storey(house.first.id(), Of.FLOOR),
                storey(house.first.id(), Of.HEADS));
        // 2,600 from floor to floor less 250 of floor, then that floor, then 2,500 of walls
        assertThat(words(s.id())).containsExactly("2350", "250", "2500");
    }

    @Test
    void aStringOnAWindowSaysItsSillAndItsHeight() {
        Annotation s = string(
                UP,
                new Vec(5000, 0),
                storey(Sketch.STOREY, Of.FLOOR),
                new Hold.AtLevel(window.id(), Of.SILL),
                new Hold.AtLevel(window.id(), Of.HEAD));
        assertThat(words(s.id())).containsExactly("900", "1200");
    }

    /** Brick from 500 to 600, air to 650, studs to 790: the line runs level through all of them. */
    @Test
    void aNoteThatSaysThePliesOfAWallHasADotInEach() {
        Wall north = house.shell.get(1);
        assertThat(dots(north, new Vec(590, 1500), "{plies}"))
                .containsExactly(new Vec(550, 1500), new Vec(625, 1500), new Vec(720, 1500));
        assertThat(dots(north, new Vec(590, 1500), "{build-up}")).containsExactly(new Vec(590, 1500));
    }

    /** A wall set 300 further, a sill 150 higher: the tips go along. */
    @Test
    void leadersFollowWhatTheyPointAtInSections() {
        Wall north = house.shell.get(1);
        ElementId atWall = note(north.id(), new Vec(590, 1500), "brick"), atSill = note(window.id(), SILL, "sill");
        assertThat(dots(atWall)).containsExactly(new Vec(590, 1500));
        assertThat(dots(atSill)).containsExactly(SILL);
        sketch.run(new Move(List.of(north.id()), new Vec(0, 300)));
        assertThat(dots(atWall)).containsExactly(new Vec(290, 1500));
        Opening o = sketch.model().get(window.id(), Opening.class);
        sketch.run(new Revise(new Opening(
                o.id(),
                o.layer(),
                o.mark(),
                o.wall(),
                o.placing(),
                o.widthMm(),
                o.heightMm(),
                1050,
                o.kind(),
                o.make(),
                o.typeMark(),
                o.words(),
                o.work())));
        assertThat(dots(atSill)).containsExactly(new Vec(SILL.x(), 1050));
        sketch.run(new Delete(List.of(window.id())));
        assertThat(sketch.model().get(atSill, Note.class).leaders().targets())
                .containsExactly(new Target.Lost(new Vec(SILL.x(), 1050)));
    }

    private List<Vec> dots(Wall wall, Vec at, String text) {
        return dots(note(wall.id(), at, text));
    }

    private ElementId note(ElementId thing, Vec at, String text) {
        return sketch.run(new PlaceNote(
                        section,
                        Sketch.LAYER,
                        new Vec(-2000, 2500),
                        text,
                        Sketch.LETTERS,
                        0,
                        Leaders.Shape.ELBOWED,
                        Leaders.Tip.DOT,
                        List.of(new Picked.Thing(thing, at))))
                .after()
                .getFirst()
                .id();
    }

    private List<Vec> dots(ElementId note) {
        return picture().groups().stream()
                .filter(g -> g.element().equals(note))
                .flatMap(g -> g.items().stream())
                .filter(Item.Arc.class::isInstance)
                .map(i -> ((Item.Arc) i).centre())
                .map(c -> new Vec(Math.round(c.x()), Math.round(c.y())))
                .sorted(Comparator.comparingDouble(Vec::x))
                .toList();
    }

    /** Looking east, north is at the left: y is 4,500 less x. */
    @Test
    void gridLinesThatCrossItStandUprightInIt() {
        sketch.run(new DrawGrid(
                Sketch.LAYER,
                new Vec(-2000, 1000),
                new Vec(9000, 1000),
                "1",
                GridLine.Bubbles.BOTH,
                Side.LEFT,
                List.of(2000.0)));
        sketch.run(new DrawGrid(
                Sketch.LAYER,
                new Vec(2000, -2000),
                new Vec(2000, 9000),
                "A",
                GridLine.Bubbles.BOTH,
                Side.LEFT,
                List.of()));
        List<GridLine> lines = sketch.model().all(GridLine.class);
        assertThat(words(lines.get(0).id())).containsExactly("1");
        assertThat(words(lines.get(1).id())).containsExactly("2");
        assertThat(words(lines.get(2).id())).isEmpty();
        assertThat(upright(lines.get(0))).containsOnly(3500L);
        assertThat(upright(lines.get(1))).containsOnly(1500L);
    }

    private List<Long> upright(GridLine line) {
        return picture().groups().stream()
                .filter(g -> g.element().equals(line.id()))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.GRID)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .flatMap(List::stream)
                .map(v -> Math.round(v.x()))
                .toList();
    }

    @Test
    void aStringAcrossMeasuresTheWallsWhereTheyAreCut() {
        Wall south = house.shell.get(3), north = house.shell.get(1);
        Annotation s = string(
                ACROSS,
                new Vec(0, -800),
                new Hold.OnFace(south.id(), 0),
                new Hold.OnFace(south.id(), 3),
                new Hold.OnFace(north.id(), 0),
                new Hold.OnFace(north.id(), 3));
        // 290 of wall, 4,000 less two walls of room, 290 of wall
        assertThat(words(s.id())).containsExactly("290", "3420", "290");
    }

    @Test
    void itMeasuresSquareToTheFirstItHoldsTo() {
        Annotation up =
                string(null, new Vec(6000, 0), storey(Sketch.STOREY, Of.FLOOR), storey(house.first.id(), Of.FLOOR));
        assertThat(words(up.id())).containsExactly("2600");
        Wall south = house.shell.get(3);
        Annotation across =
                string(null, new Vec(0, -800), new Hold.OnFace(south.id(), 0), new Hold.OnFace(south.id(), 3));
        assertThat(words(across.id())).containsExactly("290");
    }

    @Test
    void itFollowsWhatItHoldsTo() {
        Annotation s = string(
                UP,
                new Vec(6000, 0),
                storey(Sketch.STOREY, Of.FLOOR),
                new Hold.AtLevel(window.id(), Of.HEAD),
                storey(house.first.id(), Of.FLOOR));
        assertThat(words(s.id())).containsExactly("2100", "500");
        sketch.run(
                new ReviseStorey(sketch.model().get(Sketch.STOREY, Storey.class).high(2750)));
        assertThat(words(s.id())).containsExactly("2100", "650");
        sketch.run(new Delete(List.of(window.id())));
        assertThat(words(s.id())).as("where it was").containsExactly("2100", "650");
    }

    @Test
    void aStringThatWouldMeasureNothingIsRefused() {
        Hold floor = storey(Sketch.STOREY, Of.FLOOR), above = storey(house.first.id(), Of.FLOOR);
        DrawString along = new DrawString(section, Sketch.LAYER, ACROSS, new Vec(0, -800), List.of(floor, above));
        assertThat(sketch.refusal(along)).contains("would measure nothing");
        DrawString sill = new DrawString(
                section, Sketch.LAYER, UP, new Vec(0, 0), List.of(floor, new Hold.AtLevel(Sketch.STOREY, Of.SILL)));
        assertThat(sketch.refusal(sill)).as("a storey has no sill").contains("would measure nothing");
        DrawString inPlan = new DrawString(Sketch.PLAN, Sketch.LAYER, UP, new Vec(0, 0), List.of(floor, above));
        assertThat(sketch.refusal(inPlan)).as("a plan shows no heights").contains("would measure nothing");
    }

    @Test
    void aNoteStandsWhereItWasWritten() {
        Note note = (Note) sketch.run(
                        new PlaceNote(section, Sketch.LAYER, new Vec(1200, 1500), "Seal to the slab", Sketch.LETTERS))
                .after()
                .iterator()
                .next();
        Group group = picture().groups().stream()
                .filter(g -> g.element().equals(note.id()))
                .findFirst()
                .orElseThrow();
        assertThat(((Item.Text) group.items().getFirst()).text()).isEqualTo("Seal to the slab");
        assertThat(((Item.Text) group.items().getFirst()).at()).isEqualTo(new Vec(1200, 1500));
        assertThat(group.layer()).isEqualTo(Sketch.LAYER);
    }

    @Test
    void whatIsWrittenGoesWithItsLayer() {
        Note note = (Note) sketch.run(
                        new PlaceNote(section, Sketch.LAYER, new Vec(1200, 1500), "Seal to the slab", Sketch.LETTERS))
                .after()
                .iterator()
                .next();
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(lens.showing(List.of(new Lens.LayerShown(Sketch.LAYER, Lens.Shown.HIDDEN)))));
        assertThat(picture().groups()).noneMatch(g -> g.element().equals(note.id()));
    }

    @Test
    void thePointerHoldsToWhatTheCutShows() {
        sketch.put(Site.UNSAID);
        Wall south = house.shell.get(3), west = house.shell.get(0);
        List<Catch> ofSouth = new ArrayList<>(catches(south.id()));
        ofSouth.addAll(catches(window.id()));
        assertThat(ofSouth)
                .extracting(Catch::hold)
                .contains(
                        new Hold.OnFace(south.id(), 0),
                        new Hold.AtLevel(window.id(), Of.SILL),
                        new Hold.AtLevel(window.id(), Of.HEAD));
        Catch sill = ofSouth.stream()
                .filter(c -> c.hold().equals(new Hold.AtLevel(window.id(), Of.SILL)))
                .findFirst()
                .orElseThrow();
        assertThat(sill.words()).isEqualTo("sill of " + window.mark());
        assertThat(sill.from().y()).isEqualTo(900);
        // through the wall's thickness
        assertThat(Math.abs(sill.to().x() - sill.from().x())).isCloseTo(290, within(0.01));
        assertThat(catches(west.id())).as("it is behind one's back").isEmpty();
        assertThat(catches(section))
                .extracting(Catch::hold)
                .contains(storey(house.first.id(), Of.FLOOR), new Hold.AtLevel(Site.ID, Of.GROUND));
    }

    private List<Catch> catches(ElementId of) {
        return picture().groups().stream()
                .filter(g -> g.element().equals(of))
                .flatMap(g -> g.catches().stream())
                .toList();
    }

    /** Writing on a section does not draw it anew. */
    @Test
    void onlyWhatIsWrittenIsDrawnAnew() {
        List<Group> before = picture().groups();
        Element note = sketch.run(new PlaceNote(section, Sketch.LAYER, Vec.ORIGIN, "Here", Sketch.LETTERS))
                .after()
                .iterator()
                .next();
        List<Group> after = picture().groups();
        assertThat(after).hasSize(before.size() + 1);
        for (int i = 0; i < before.size(); i++) assertThat(after.get(i)).isSameAs(before.get(i));
        assertThat(after.getLast().element()).isEqualTo(note.id());
    }

    /** The house ends at 4,500 in the picture: upright strings 400 and 1,000 beside it stand between it and its levels, one further off beyond them. */
    @Test
    void levelsStepAsideFromStrings() {
        double free = levels();
        for (double x : List.of(4900.0, 5500.0))
            string(UP, new Vec(x, 0), storey(Sketch.STOREY, Of.FLOOR), storey(house.first.id(), Of.FLOOR));
        assertThat(levels()).isCloseTo(5500 + 8 * 50, within(0.1)).isGreaterThan(free);
        string(UP, new Vec(20_000, 0), storey(Sketch.STOREY, Of.FLOOR), storey(house.first.id(), Of.FLOOR));
        assertThat(levels()).isCloseTo(5500 + 8 * 50, within(0.1));
    }

    /** Where the lines of its levels begin. */
    private double levels() {
        return picture().groups().stream()
                .filter(g -> g.element().equals(section))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.LEVEL)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .mapToDouble(l -> l.getFirst().x())
                .min()
                .orElseThrow();
    }

    /** In the middle of where it is cut, 0.68 of the ceiling's height over the floor; the lens labels rooms by their names alone. */
    @Test
    void aSectionNamesTheRoomsItCuts() {
        Room room = (Room) sketch.run(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3000, 2000),
                        "0.01",
                        "Hall",
                        Room.Use.HALL,
                        Room.Finishes.NONE))
                .after()
                .getFirst();
        List<Item.Text> words = picture().groups().stream()
                .filter(g -> g.element().equals(room.id()))
                .flatMap(g -> g.items().stream())
                .map(Item.Text.class::cast)
                .toList();
        assertThat(words).extracting(Item.Text::text).containsExactly("Hall");
        double ceiling = sketch.building().space(Sketch.STOREY).ceilingMm();
        assertThat(words.getFirst().at().y()).isCloseTo(0.68 * ceiling, within(0.1));
    }
}
