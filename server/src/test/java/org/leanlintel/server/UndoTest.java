package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Wall;
import org.leanlintel.formats.anyedit.AnyEdit;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.live.EditDesk;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.store.Journal;
import org.leanlintel.server.store.Journal.Sender;
import org.leanlintel.server.store.ProjectStore;

/** Undo and redo lead back to what was, for one person and among several. */
class UndoTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final UUID project = UUID.fromString(Api.newProject(SERVER, "Back").id());
    private final EditDesk desk = SERVER.bean(EditDesk.class);
    private final long first = SERVER.bean(Journal.class).localDrafter();
    private final long second = SERVER.addPerson("Second " + UUID.randomUUID());

    private Model model() {
        return SERVER.bean(ProjectStore.class).load(project);
    }

    private static Sender sender(long person) {
        return new Sender(person, UUID.randomUUID(), null);
    }

    private Change edit(long person, Edit edit) {
        Outcome outcome =
                desk.accept(project, sender(person), model().revision(), edit).outcome();
        assertThat(outcome).as("%s", outcome).isInstanceOf(Change.class);
        return (Change) outcome;
    }

    private void undo(long person) {
        Outcome outcome = desk.undo(project, sender(person)).outcome();
        assertThat(outcome).as("%s", outcome).isInstanceOf(Change.class);
    }

    private void redo(long person) {
        Outcome outcome = desk.redo(project, sender(person)).outcome();
        assertThat(outcome).as("%s", outcome).isInstanceOf(Change.class);
    }

    private String undoRefused(long person) {
        Outcome outcome = desk.undo(project, sender(person)).outcome();
        assertThat(outcome).as("%s", outcome).isInstanceOf(Refusal.class);
        return ((Refusal) outcome).sentence();
    }

    private <E extends Element> E last(Class<E> kind) {
        return model().all(kind).getLast();
    }

    private Storey upper() {
        return model().all(Storey.class).stream()
                .filter(s -> !s.id().equals(OfficeStandard.GROUND))
                .findFirst()
                .orElseThrow();
    }

    private void delete(Element element) {
        edit(first, new Delete(List.of(element.id())));
    }

    private Floor.Outline shell() {
        return new Floor.InsideShell(new Vec(2000, 2000), Floor.Edge.INNER_FACE);
    }

    /** A shell, a storey above with the same walls, a stair between them, a floor and a room. */
    private void house() {
        edit(first, Api.shell(0, 0, 9000, 6000));
        edit(
                first,
                new ReviseStorey(new Storey(
                        OfficeStandard.GROUND, "Ground", 0, 2600, new Storey.NotSaid(), new Rise.UnderStoreyAbove())));
        edit(
                first,
                new AddStorey(
                        OfficeStandard.GROUND,
                        true,
                        "First",
                        2500,
                        new Storey.Built(new ElementId("build-up-timber-floor")),
                        new AddStorey.Taking(true, false, false),
                        new AddStorey.NotLaid()));
        edit(first, AnyEdit.house().getLast());
        edit(
                first,
                new NameRoom(
                        upper().id(),
                        OfficeStandard.LAYER_ROOMS,
                        new Vec(7000, 4000),
                        "",
                        "Attic",
                        Room.Use.OTHER,
                        new Room.Finishes("", "", "")));
        edit(
                first,
                new DrawFloor(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_FLOORS,
                        new ElementId("build-up-slab"),
                        shell(),
                        0,
                        0,
                        new Floor.Level()));
    }

    /** Each was once accepted and could not be taken back, since what it led back to would not be accepted anew. */
    static Stream<Arguments> sequences() {
        return Stream.of(
                sequence("the upper storey, then the stair that leads nowhere", t -> {
                    t.delete(t.upper());
                    t.delete(t.last(Stair.class));
                }),
                sequence("an outside wall, then the floor", t -> {
                    t.delete(t.model().all(Wall.class).getFirst());
                    t.delete(t.last(Floor.class));
                }),
                sequence("all upper walls, then the storey", t -> {
                    ElementId storey = t.upper().id();
                    t.edit(
                            t.first,
                            new Delete(t.model().all(Wall.class).stream()
                                    .filter(w -> w.storey().equals(storey))
                                    .map(Wall::id)
                                    .toList()));
                    t.delete(t.upper());
                }),
                sequence("a room moved out, then its storey", t -> {
                    t.edit(t.first, new Move(List.of(t.last(Room.class).id()), new Vec(20_000, 0)));
                    t.delete(t.upper());
                }));
    }

    private static Arguments sequence(String name, Consumer<UndoTest> steps) {
        return Arguments.of(name, steps);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("sequences")
    void whatWasAcceptedCanBeTakenBack(String name, Consumer<UndoTest> steps) {
        house();
        Model before = model();
        steps.accept(this);
        Model after = model();
        undo(first);
        undo(first);
        assertThat(model()).isEqualTo(before);
        redo(first);
        redo(first);
        assertThat(model()).isEqualTo(after);
    }

    @Test
    void soItCanAmongOthersWhoDrawElsewhere() {
        house();
        Model before = model();
        delete(upper());
        delete(last(Stair.class));
        edit(second, note("Beware of the dog"));
        undo(first);
        undo(first);
        undo(second);
        assertThat(model()).isEqualTo(before);
    }

    @Test
    void aVersionIsHadBackWhateverItIs() {
        house();
        delete(upper());
        Model open = model();
        UUID version = SERVER.bean(ProjectStore.class)
                .nameVersion(project, "Open above")
                .id();
        delete(last(Stair.class));
        desk.goBack(project, sender(first), version);
        assertThat(model()).isEqualTo(open);
        assertThat(desk.goBack(project, sender(first), version).outcome()).isInstanceOf(Refusal.class);
    }

    @Test
    void whatOthersChangedSinceStays() {
        edit(first, Api.shell(0, 0, 9000, 6000));
        edit(first, Api.wall(4000, 354, 4000, 5646));
        ElementId partition = last(Wall.class).id();
        edit(first, new Delete(List.of(partition)));
        edit(second, Api.wall(3000, 3000, 5000, 3000));
        Model drawn = model();
        assertThat(undoRefused(first)).contains("for what others did since").contains("would lie on");
        assertThat(model()).isEqualTo(drawn);
        undo(second);
        undo(first);
        assertThat(model().find(partition)).isNotNull();

        edit(second, new Move(List.of(partition), new Vec(500, 0)));
        edit(first, note("Later"));
        undo(first);
        assertThat(undoRefused(first)).contains("was changed later");
    }

    /** Two persons draw, move and delete by turns; taken back in the order they were made, everything is as it was. */
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4})
    void twoPersonsTakeBackAllTheyDid(long seed) {
        house();
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        Model before = model();
        List<Long> who = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            long person = random.nextBoolean() ? first : second;
            Outcome outcome = desk.accept(project, sender(person), model().revision(), any(random))
                    .outcome();
            if (outcome instanceof Change) who.add(person);
        }
        Model after = model();
        assertThat(who).hasSizeGreaterThan(15).contains(first, second);
        who.reversed().forEach(this::undo);
        assertThat(model()).isEqualTo(before);
        who.forEach(this::redo);
        assertThat(model()).isEqualTo(after);
    }

    private Edit any(RandomGenerator random) {
        List<Element> things = model().elements().stream()
                .filter(e -> e instanceof Wall
                        || e instanceof Storey
                        || e instanceof Stair
                        || e instanceof Floor
                        || e instanceof Room
                        || e instanceof Note)
                .toList();
        ElementId thing = things.get(random.nextInt(things.size())).id();
        Vec by = new Vec(random.nextInt(-9, 10) * 50, random.nextInt(-9, 10) * 50);
        double x = random.nextInt(20, 80) * 100, y = random.nextInt(20, 50) * 100;
        return switch (random.nextInt(5)) {
            case 0 -> Api.wall(x, y, x + 1500, y);
            case 1 -> note("Note " + random.nextInt(99));
            case 2 -> new Delete(List.of(thing));
            case 3 -> Api.wall(x, y, x, y + random.nextInt(4, 20) * 100);
            default -> new Move(List.of(thing), by);
        };
    }

    private static PlaceNote note(String text) {
        return new PlaceNote(
                OfficeStandard.GROUND_PLAN,
                OfficeStandard.LAYER_NOTES,
                new Vec(-3000, 0),
                text,
                OfficeStandard.LETTERS_NOTE);
    }

    /** What the office standard has too does not come back by itself when the project is read again. */
    @Test
    void aSymbolThatWasDeletedStaysDeletedAndCanBeHadBack() {
        Symbol bed = model().all(Symbol.class).getFirst();
        edit(first, new Delete(List.of(bed.id())));
        SERVER.bean(LiveProjects.class).forget(project);
        assertThat(model().find(bed.id())).isNull();
        undo(first);
        assertThat(model().find(bed.id())).isEqualTo(bed);
    }

    /** A project of an earlier form is given what later forms added, once. */
    @Test
    void whatALaterFormAddsIsAddedOnce() {
        Symbol bed = model().all(Symbol.class).getFirst();
        String of = " = '" + project + "'";
        SERVER.execute("delete from element where id = '" + bed.id() + "' and project_id" + of);
        SERVER.execute("update project set format = 3 where id" + of);
        SERVER.bean(LiveProjects.class).forget(project);
        assertThat(model().find(bed.id())).isEqualTo(bed);
        edit(first, new Delete(List.of(bed.id())));
        SERVER.bean(LiveProjects.class).forget(project);
        assertThat(model().find(bed.id())).isNull();
    }
}
