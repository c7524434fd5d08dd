package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** One of each thing that can stand already, go or come, on the ground floor of a house 6,000 by 4,000, its shell 290 thick. */
class WorkStatesTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId TABLE = Sketch.id("table");

    enum Thing {
        POST,
        PIER,
        FITTING,
        STAIR,
        FLOOR
    }

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;
    private final Wall north = house.shell.get(1);
    private final Map<Thing, InWork> things = new EnumMap<>(Thing.class);

    WorkStatesTest() {
        sketch.put(new Symbol(
                TABLE,
                "Table",
                Symbol.Kind.OTHER,
                "Test",
                false,
                new Vec(300, 300),
                Symbol.Extent.fixed(600),
                Symbol.Extent.fixed(600),
                0,
                750,
                List.of(),
                List.of(),
                List.of(new Symbol.Rounded(Vec.ORIGIN, 600, 600, 20)),
                List.of(),
                ""));
        ElementId stud = Sketch.id("stud");
        put(
                Thing.POST,
                new PlacePost(
                        Sketch.STOREY, Sketch.LAYER, new Vec(5000, 3000), 0, 200, new WallPiece.Solid(stud, 100)));
        put(
                Thing.PIER,
                new PlacePiece(
                        north.id(),
                        Sketch.LAYER,
                        Side.RIGHT,
                        new WallPiece.Part(Placing.from(End.START, 1000), 400),
                        0,
                        2300,
                        new WallPiece.Solid(stud, 300)));
        Fitting.Free free = new Fitting.Free(new Vec(3000, 3000), 0);
        put(
                Thing.FITTING,
                new PlaceFitting(
                        Sketch.STOREY, Sketch.LAYER, TABLE, new PlaceFitting.Seated(free), 0, false, 600, 600));
        things.put(Thing.STAIR, house.stair(900, StairMake.Rails.NONE, Stair.Above.FOUND));
        List<Vec> porch = List.of(new Vec(0, -2000), new Vec(2000, -2000), new Vec(2000, -1000), new Vec(0, -1000));
        put(
                Thing.FLOOR,
                new DrawFloor(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        HouseOfTwo.FLOOR,
                        new Floor.Drawn(porch),
                        0,
                        0,
                        new Floor.Level()));
    }

    private void put(Thing thing, Edit edit) {
        things.put(thing, (InWork) sketch.run(edit).after().getFirst());
    }

    private ElementId id(Thing thing) {
        return things.get(thing).id();
    }

    private void is(Thing thing, WorkState state) {
        sketch.run(new Revise(((InWork) sketch.model().get(id(thing), Element.class)).in(state)));
    }

    private void shows(WorkState state, Lens.StateLook as) {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        Map<WorkState, Lens.StateLook> states = new EnumMap<>(lens.states());
        states.put(state, as);
        sketch.put(with(lens, "states", states));
    }

    private Picture plan(ElementId drawing) {
        return DrawingPicture.of(sketch.building(), drawing, LETTERS).picture();
    }

    private static List<Item> items(Picture picture, ElementId element) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(element))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<Item> items(Thing thing) {
        return items(plan(Sketch.PLAN), id(thing));
    }

    private static Stream<Pen> pens(List<Item> items) {
        return items.stream().flatMap(i -> switch (i) {
            case Item.Strokes s -> Stream.of(s.pen());
            case Item.Arc a -> Stream.of(a.pen());
            default -> Stream.empty();
        });
    }

    private static boolean isHatched(Item item) {
        return item.rank() == Item.Rank.HATCH;
    }

    /** Paper under words is none. */
    private static Stream<String> tints(List<Item> items) {
        return items.stream()
                .flatMap(i -> i instanceof Item.Fill f && !f.over() ? Stream.of(f.tint()) : Stream.empty());
    }

    @ParameterizedTest
    @EnumSource(Thing.class)
    void whatStandsAlreadyIsGreyWhereTheLensSaysSo(Thing thing) {
        List<Item> before = items(thing);
        assertThat(before).isNotEmpty();
        is(thing, WorkState.EXISTING);
        shows(WorkState.EXISTING, Lens.StateLook.FULL);
        assertThat(items(thing)).isEqualTo(before);
        shows(WorkState.EXISTING, Lens.StateLook.GREY);
        List<Item> grey = items(thing);
        assertThat(pens(grey)).isNotEmpty().allMatch(p -> p.ink().equals(Inks.STANDING));
        assertThat(tints(grey)).allMatch(Inks.STANDING_TINT::equals);
        assertThat(grey).noneMatch(WorkStatesTest::isHatched);
    }

    @ParameterizedTest
    @EnumSource(Thing.class)
    void whatGoesIsDashedOrLeftOut(Thing thing) {
        is(thing, WorkState.REMOVED);
        shows(WorkState.REMOVED, Lens.StateLook.DASHED);
        List<Item> dashed = items(thing);
        Pen removed = sketch.model().get(Sketch.LENS, Lens.class).pens().get(PenRole.REMOVED);
        assertThat(pens(dashed)).isNotEmpty().allMatch(p -> p.equals(removed));
        assertThat(tints(dashed)).isEmpty();
        assertThat(dashed).noneMatch(WorkStatesTest::isHatched);
        shows(WorkState.REMOVED, Lens.StateLook.HIDDEN);
        Picture without = plan(Sketch.PLAN);
        assertThat(items(without, id(thing))).isEmpty();
        sketch.run(new Delete(List.of(id(thing))));
        assertThat(plan(Sketch.PLAN)).as("as if it were not there").isEqualTo(without);
    }

    /** 5,420 by 3,420 inside, less a post of 200 by 100, a pier of 400 by 300 and nothing for what is furniture. */
    @Test
    void roomsAreThoseOfTheFinishedWork() {
        double bare = 5420 * 3420;
        assertThat(roomMm2()).isCloseTo(bare - 200 * 100 - 400 * 300, within(5.0));
        is(Thing.POST, WorkState.REMOVED);
        assertThat(roomMm2()).isCloseTo(bare - 400 * 300, within(5.0));
        is(Thing.PIER, WorkState.REMOVED);
        assertThat(roomMm2()).isCloseTo(bare, within(5.0));
    }

    private double roomMm2() {
        RoomSpace space = Rooms.in(sketch.building()).at(Sketch.STOREY, new Vec(500, 500));
        return space == null ? 0 : space.net().mm2();
    }

    @Test
    void aStairThatGoesLeavesNoVoidAndIsStillSeenWhereTheLensShowsIt() {
        assertThat(FloorAreas.openings(sketch.building(), house.first.id()).isEmpty())
                .isFalse();
        List<Item> seen = items(plan(house.planAbove()), id(Thing.STAIR));
        is(Thing.STAIR, WorkState.REMOVED);
        shows(WorkState.REMOVED, Lens.StateLook.FULL);
        assertThat(FloorAreas.openings(sketch.building(), house.first.id()).isEmpty())
                .isTrue();
        assertThat(items(plan(house.planAbove()), id(Thing.STAIR))).isEqualTo(seen);
    }

    /** Another table in the place of the first. */
    @Test
    void whatGoesIsInNobodysWay() {
        Fitting.Free there = new Fitting.Free(new Vec(3200, 3000), 0);
        put(
                Thing.FITTING,
                new PlaceFitting(
                        Sketch.STOREY, Sketch.LAYER, TABLE, new PlaceFitting.Seated(there), 0, false, 600, 600));
        assertThat(Findings.of(sketch.building())).anyMatch(this::isOfTable);
        is(Thing.FITTING, WorkState.REMOVED);
        assertThat(Findings.of(sketch.building())).noneMatch(this::isOfTable);
    }

    /** A door where a pier stands that goes, and a post in the place of another. */
    @Test
    void whatComesMayStandInThePlaceOfWhatGoes() {
        PlacePost there = new PlacePost(
                Sketch.STOREY, Sketch.LAYER, new Vec(5050, 3000), 0, 200, new WallPiece.Solid(Sketch.id("stud"), 100));
        assertThat(sketch.refusal(there)).contains("would stand in the post");
        is(Thing.POST, WorkState.REMOVED);
        sketch.run(there);
        is(Thing.PIER, WorkState.REMOVED);
        sketch.door(north, 900, 900);
        sketch.run(new Revise(sketch.model().all(Opening.class).getFirst().in(Opening.Work.NEW)));
        assertThat(sketch.refusal(
                        new Revise(((InWork) sketch.model().get(id(Thing.PIER), Element.class)).in(WorkState.NEW))))
                .contains("in the way of");
    }

    private boolean isOfTable(Finding finding) {
        return finding.sentence().contains("Table");
    }

    @Test
    void aSectionLeavesOutWhatGoesUnlessTheLensShowsIt() {
        ElementId section = sketch.section(new Vec(5000, -500), new Vec(5000, 4500), Side.LEFT, 0);
        List<Item> cut = items(plan(section), id(Thing.POST));
        assertThat(cut).isNotEmpty();
        is(Thing.POST, WorkState.REMOVED);
        assertThat(items(plan(section), id(Thing.POST))).isEmpty();
        shows(WorkState.REMOVED, Lens.StateLook.FULL);
        assertThat(items(plan(section), id(Thing.POST))).isEqualTo(cut);
    }

    @Test
    void aNoteShowsInThePlansOfItsLensWhereItSaysSo() {
        Note note = (Note)
                sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(2000, 1000), "gravel", Sketch.LETTERS))
                        .after()
                        .getFirst();
        ElementId alike = another("Alike", Sketch.LENS);
        ElementId lens = Sketch.id("other-lens");
        sketch.put(with(sketch.model().get(Sketch.LENS, Lens.class), "id", lens));
        ElementId other = another("Other", lens);
        assertThat(items(plan(alike), note.id())).isEmpty();
        sketch.run(new Revise(new Note(
                note.id(),
                note.layer(),
                note.drawing(),
                note.at(),
                note.text(),
                note.style(),
                0,
                note.leaders(),
                true)));
        assertThat(items(plan(alike), note.id()))
                .isEqualTo(items(plan(Sketch.PLAN), note.id()))
                .isNotEmpty();
        assertThat(items(plan(other), note.id())).isEmpty();
    }

    private ElementId another(String name, ElementId lens) {
        return sketch.run(new AddDrawing(
                        name,
                        Drawing.Kind.PLAN,
                        Sketch.STOREY,
                        lens,
                        50,
                        new Drawing.Whole(),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }
}
