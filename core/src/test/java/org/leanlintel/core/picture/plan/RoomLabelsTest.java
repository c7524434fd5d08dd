package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.leanlintel.core.Records.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawInterior;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.drawing.Plan;

/** What room labels say, and where they stand, in a room of 5,420 by 3,420 clear. */
class RoomLabelsTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);

    private Room name(double x, double y, String name) {
        Room.Finishes finishes = new Room.Finishes("Oak", "", "Paint");
        return (Room) sketch.run(new NameRoom(
                        Sketch.STOREY, Sketch.LAYER, new Vec(x, y), "0.01", name, Room.Use.LIVING, finishes))
                .after()
                .getFirst();
    }

    private void say(LabelPart... parts) {
        Lens l = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.put(with(l, "roomLabels", List.of(parts)));
    }

    private List<Item> items(Room room) {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(room.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private static List<String> texts(List<Item> items) {
        return items.stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    /** Where the name starts. */
    private Vec nameAt(Room room) {
        return items(room).stream()
                .filter(i -> i instanceof Item.Text t && t.text().equals(room.name()))
                .map(i -> ((Item.Text) i).at())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theLensSaysWhatALabelSays() {
        Room room = name(3000, 2000, "Living");
        assertThat(texts(items(room))).containsExactly("Living");
        say(LabelPart.NUMBER, LabelPart.AREA);
        assertThat(texts(items(room))).containsExactlyInAnyOrder("0.01", "Living", "18.54 m\u00b2");
        say(LabelPart.SIZE, LabelPart.CEILING_HEIGHT, LabelPart.FINISHES);
        assertThat(texts(items(room))).containsExactlyInAnyOrder("Living", "5420 x 3420", "CH 2500", "Oak / - / Paint");
    }

    @Test
    void itStandsInTheMiddleUnlessSomethingStandsThere() {
        Room room = name(1500, 1000, "Living");
        Vec free = nameAt(room);
        assertThat(free.distanceTo(new Vec(3000, 2000))).isLessThan(700);
        Post post = new Post(
                Sketch.id("post"),
                Sketch.STOREY,
                Sketch.LAYER,
                "P1",
                new Vec(3000, 2000),
                0,
                600,
                new WallPiece.Solid(Sketch.id("stud"), 600),
                WorkState.NEW);
        sketch.put(post);
        Vec moved = nameAt(room);
        assertThat(moved).isNotEqualTo(free);
        assertThat(textBox(room).meets(Bounds.of(post.corners()))).isFalse();
    }

    /** An L of six walls: those that are seen the same way share a point of the mark, and its numbers stand beside each other. */
    @Test
    void wallsThatAreSeenTheSameWayShareAPointOfTheMark() {
        sketch.run(Sketch.SHELL, true, 20_000, 0, 20_000, 5000, 27_000, 5000, 27_000, 2500, 23_500, 2500, 23_500, 0);
        Room room = name(22_000, 3500, "Living");
        sketch.run(new DrawInterior(room.id(), Sketch.LENS, 20));
        List<Item.Text> numbers = items(room).stream()
                .filter(i -> i instanceof Item.Text t && t.text().matches("[0-9,]+"))
                .map(Item.Text.class::cast)
                .toList();
        assertThat(numbers).extracting(Item.Text::text).anyMatch(t -> t.contains(","));
        List<Bounds> boxes =
                TakenBoxes.marks(List.of(new Group(room.id(), Sketch.LAYER, List.copyOf(numbers), List.of())), 50);
        for (int i = 0; i < boxes.size(); i++)
            for (Bounds other : boxes.subList(i + 1, boxes.size()))
                assertThat(boxes.get(i).meets(other)).isFalse();
    }

    /** The mark of the walls is wider than the closet: its words stand there, the mark outside with a leader into it. */
    @Test
    void whereItsWordsAloneHaveRoomTheMarkOfItsWallsStandsOutside() {
        sketch.across(shell, 1100);
        Room room = name(600, 2000, "WC");
        Bounds inside = Rooms.in(sketch.building()).of(room).bounds();
        assertThat(inside.width()).isLessThan(2 * 8.4 * 50);
        assertThat(items(room)).noneMatch(Item.Arc.class::isInstance);
        sketch.run(new DrawInterior(room.id(), Sketch.LENS, 20));
        assertThat(inside.covers(nameAt(room))).isTrue();
        List<Item> arcs =
                items(room).stream().filter(Item.Arc.class::isInstance).toList();
        assertThat(arcs).singleElement().satisfies(dot -> assertThat(inside.covers(((Item.Arc) dot).centre()))
                .isTrue());
        List<Vec> marks = texts(items(room), "1", "2", "3", "4");
        assertThat(marks).hasSize(4).noneMatch(inside::covers);
    }

    private static List<Vec> texts(List<Item> items, String... those) {
        return items.stream()
                .filter(i -> i instanceof Item.Text t && List.of(those).contains(t.text()))
                .map(i -> ((Item.Text) i).at())
                .toList();
    }

    /** About: half a type size to a letter. */
    private Bounds textBox(Room room) {
        Vec at = nameAt(room);
        double height = Lettering.NAME_MM * 50, width = room.name().length() * 0.5 * height / 0.7;
        return Bounds.of(List.of(at, at.plus(new Vec(width, height))));
    }

    /** A cupboard beside a box that takes the middle of it: the leader ends beside the box and does not run over it. */
    @Test
    void aLeaderEndsClearOfWhatStandsInTheRoom() {
        sketch.across(shell, 900);
        Room room = name(500, 2000, "A cupboard with a long name");
        Vec middle = Rooms.in(sketch.building()).of(room).net().middle();
        sketch.put(new Post(
                Sketch.id("post"),
                Sketch.STOREY,
                Sketch.LAYER,
                "P1",
                middle,
                0,
                300,
                new WallPiece.Solid(Sketch.id("stud"), 300),
                WorkState.NEW));
        Bounds taken = Bounds.of(sketch.model().all(Post.class).getFirst().corners());
        List<Vec> leader = items(room).stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.ROOM)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .filter(l -> l.size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(taken.isCrossedBy(leader.getFirst(), leader.getLast())).isFalse();
        assertThat(Rooms.in(sketch.building()).of(room).covers(leader.getLast())
                        || Rooms.in(sketch.building()).of(room).covers(leader.getFirst()))
                .isTrue();
    }

    @Test
    void aRoomTooSmallForItHasItOutsideWithALeaderIntoTheRoom() {
        Wall across = sketch.across(shell, 900);
        Room room = name(500, 2000, "A cupboard with a long name");
        assertThat(Rooms.in(sketch.building()).of(room).net().bounds().width()).isLessThan(600);
        List<Item> items = items(room);
        assertThat(Rooms.in(sketch.building()).of(room).covers(nameAt(room))).isFalse();
        List<List<Vec>> lines = items.stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.ROOM)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
        assertThat(lines.stream().flatMap(List::stream))
                .as("the leader of it ends in the room")
                .anyMatch(p -> Rooms.in(sketch.building()).of(room).covers(p));
        Area box = Area.rectangle(
                textBox(room).minX(),
                textBox(room).minY(),
                textBox(room).width(),
                textBox(room).height());
        assertThat(Stream.concat(shell.stream(), Stream.of(across))
                        .mapToDouble(w -> sketch.building()
                                .solid(w.id())
                                .footprint()
                                .and(box)
                                .mm2())
                        .sum())
                .as("clear of walls")
                .isZero();
    }

    /** As wide as "room", not as "Wet room". */
    @Test
    void aNameOfTwoWordsStandsOneOverTheOtherWhereTheRoomIsNarrow() {
        sketch.across(shell, 1100);
        Room room = name(500, 2000, "Wet room");
        assertThat(texts(items(room))).containsExactly("Wet", "room");
        assertThat(items(room))
                .filteredOn(Item.Text.class::isInstance)
                .allMatch(t -> Rooms.in(sketch.building()).of(room).covers(((Item.Text) t).at()));
    }

    /** A room of 1,220, too narrow for its label beside the string up its middle: the line stops at paper under the label. */
    @Test
    void overTheLineOfAStringItStandsRatherThanOutsideItsRoom() {
        sketch.across(shell, 1550);
        say(LabelPart.NUMBER, LabelPart.AREA);
        Room room = name(500, 2000, "Bathroom");
        double middle = Rooms.in(sketch.building()).of(room).net().middle().x();
        assertThat(grounds(room)).as("free as it is").isEmpty();
        DimensionString string = (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new DrawString.Along(new Vec(0, 1)),
                        new Vec(middle, 2000),
                        List.of(new Hold.AtPoint(new Vec(middle, 290)), new Hold.AtPoint(new Vec(middle, 3710)))))
                .after()
                .getFirst();
        Bounds name = textBox(room);
        assertThat(name.minX()).isLessThan(middle);
        assertThat(name.maxX()).isGreaterThan(middle);
        assertThat(Rooms.in(sketch.building()).of(room).bounds().covers(name)).isTrue();
        assertThat(grounds(room)).anySatisfy(g -> assertThat(g.covers(name)).isTrue());
        assertThat(name.meets(figure(string))).isFalse();
    }

    /** What paper of its own covers that is larger than its words take. */
    private List<Bounds> grounds(Room room) {
        Bounds name = textBox(room);
        return items(room).stream()
                .filter(i -> i instanceof Item.Fill f && f.over())
                .map(i -> Bounds.of(((Item.Fill) i).ring()))
                .filter(b -> b.height() > name.height() * 1.5)
                .toList();
    }

    private Bounds figure(DimensionString string) {
        return TakenBoxes.texts(
                        Plan.of(sketch.building(), Sketch.PLAN, LETTERS).picture().groups().stream()
                                .filter(g -> g.element().equals(string.id()))
                                .toList(),
                        50)
                .getFirst();
    }

    /** A room of 1,300, of which posts leave 635 of its height: the number has a place neither beside the name nor over it. */
    @Test
    void itsNumberStandsBeforeItsAreaWhereThatTakesLeast() {
        sketch.across(shell, 1650);
        say(LabelPart.NUMBER, LabelPart.AREA);
        Room room = name(500, 2000, "Bathroom");
        sketch.put(post("low", new Vec(940, 1000), 1330, 1200), post("high", new Vec(940, 3000), 1400, 1200));
        List<Item.Text> said = items(room).stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
        assertThat(Rooms.in(sketch.building()).of(room).covers(nameAt(room))).isTrue();
        assertThat(base(said, "0.01")).isEqualTo(base(said, "m\u00b2")).isLessThan(base(said, "Bathroom"));
    }

    private static double base(List<Item.Text> said, String words) {
        return said.stream()
                .filter(t -> t.text().contains(words))
                .mapToDouble(t -> t.at().y())
                .findFirst()
                .orElseThrow();
    }

    /** A post fills the room but for its upper end, and one outside stands between that and the label. */
    @Test
    void aLeaderBendsRoundWhatItMayNotCross() {
        sketch.across(shell, 900);
        Room room = name(500, 3500, "Store");
        Post inside = post("inside", new Vec(570, 1600), 2600, 540),
                outside = post("outside", new Vec(-300, 2400), 700, 700);
        sketch.put(inside, outside);
        sketch.run(new Revise(room.worded(room.words().put(new Vec(-1500, 1500)))));
        List<Vec> leader = items(room).stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.ROOM)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .findFirst()
                .orElseThrow();
        assertThat(leader).hasSize(3);
        assertThat(Rooms.in(sketch.building()).of(room).covers(leader.getLast()))
                .isTrue();
        for (Post post : List.of(inside, outside))
            for (int i = 1; i < leader.size(); i++)
                assertThat(Bounds.of(post.corners()).isCrossedBy(leader.get(i - 1), leader.get(i)))
                        .as(post.mark())
                        .isFalse();
    }

    private static Post post(String name, Vec at, double high, double wide) {
        WallPiece.Mass timber = new WallPiece.Solid(Sketch.id("stud"), high);
        return new Post(Sketch.id(name), Sketch.STOREY, Sketch.LAYER, name, at, 0, wide, timber, WorkState.NEW);
    }

    /** Moved with the whole house it stands where it is clear as before; moved alone it is put. */
    @Test
    void itIsPutByMovingItAlone() {
        Room room = name(3000, 2000, "Living");
        List<ElementId> house = new ArrayList<>(shell.stream().map(Wall::id).toList());
        house.add(room.id());
        sketch.run(new Move(house, new Vec(500, 0)));
        assertThat(sketch.model().get(room.id(), Room.class).words()).isEqualTo(room.words());
        sketch.run(new Move(List.of(room.id()), new Vec(500, 0)));
        assertThat(sketch.model().get(room.id(), Room.class).words().elsewhere())
                .isInstanceOf(WordsAt.PutAt.class);
    }

    /** Nearly as far as anything may lie: only what lies about the room is looked at for its leader. */
    @Test
    void itCanBePutFarOff() {
        Room room = name(3000, 2000, "Living");
        sketch.run(new Revise(room.worded(room.words().put(new Vec(600_000, -600_000)))));
        assertThat(nameAt(room).distanceTo(new Vec(600_000, -600_000))).isLessThan(700);
    }

    @Test
    void whereTheDrafterPutsItItStays() {
        Room room = name(3000, 2000, "Living");
        sketch.run(new Revise(room.worded(room.words().put(new Vec(1500, 3000)))));
        Vec at = nameAt(room);
        sketch.across(shell, 4500);
        assertThat(nameAt(room)).isEqualTo(at);
        assertThat(at.distanceTo(new Vec(1500, 3000))).isLessThan(700);
    }
}
