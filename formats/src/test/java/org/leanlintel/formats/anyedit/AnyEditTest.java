package org.leanlintel.formats.anyedit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.picture.Boards;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.json.JsonErrors;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.PdfWriter;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.standard.TradeRegion;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/** Edits of every kind in any order, with values nobody should type among them. */
class AnyEditTest {

    private static final int EDITS = Integer.getInteger("edits", 300);

    private Building building;
    private final Boards boards = new Boards(DrawingLettering.get());
    private final List<Change> done = new ArrayList<>();
    private final Map<Class<?>, Integer> accepted = new HashMap<>();

    private static Building house() {
        TradeRegion uk = OfficeStandard.region("UK");
        Building house =
                Building.of(OfficeStandard.newProject(OfficeStandard.settings(uk, "Any", "", "", "", uk.paper())));
        for (Edit edit : AnyEdit.house()) {
            Editing.Result result = Editing.run(edit, house);
            assertThat(result.outcome()).isInstanceOf(Change.class);
            house = result.after();
        }
        return house;
    }

    static LongStream seeds() {
        long first = Long.getLong("seed", 0) * 8 + 1;
        return LongStream.range(first, first + 8);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    @Timeout(value = 10, unit = TimeUnit.MINUTES, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    void whatIsAcceptedIsDrawnKeptAndTakenBack(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        building = house();
        Model first = building.model();
        boards.hear(building);
        for (int i = 0; i < EDITS; i++) {
            Edit edit = new AnyEdit(random, building, seed % 2 == 0 ? 4 : 0).next(accepted);
            if (edit != null && sent(edit) instanceof Edit read) run(read, seed);
        }
        Model last = building.model();
        assertThat(accepted).as("accepted: %s", accepted).hasSizeGreaterThan(15);
        assertDrawable(Building.of(last), seed);
        assertDrawnAsFromNothing(Building.of(last));
        for (Change change : done.reversed()) {
            building = Editing.restore(readBack(change).inverse(), building).after();
            if (random.nextInt(4) == 0) boards.hear(building);
        }
        assertThat(building.model()).isEqualTo(first);
        boards.hear(building);
        assertDrawnAsFromNothing(Building.of(first));
        for (Change change : done)
            building = Editing.restore(readBack(change), building).after();
        assertThat(building.model()).isEqualTo(last);
    }

    /** Each was once accepted and could not be drawn. */
    @ParameterizedTest(name = "{0} risers through {1} radians, {2} wide, by a pole of {3}")
    @CsvSource({
        "2, 6.28, 900, 100",
        "3, 6.28, 900, 100",
        "2, 12.5, 900, 50",
        "4, 6.28, 400, 1000",
        "60, 0.6, 900, 100",
        "13, 6.28, 2400, 50"
    })
    void spiralsOfAnyNumberOfRisersAreDrawnOrRefused(int risers, double sweep, double width, double pole) {
        building = house();
        ElementId known = building.model().all(Stair.class).getFirst().id();
        building = Editing.run(new Delete(List.of(known)), building).after();
        run(
                new DrawStair(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_FLOORS,
                        new Vec(4000, 2500),
                        0,
                        width,
                        new Stair.Spiral(pole, sweep, Side.LEFT),
                        new Stair.FixedRisers(risers),
                        new Stair.GoingByRule(),
                        OfficeStandard.stairMakes("UK").make(),
                        Stair.Above.FOUND),
                0);
        for (Stair stair : building.model().all(Stair.class))
            run(
                    new AddDrawing(
                            "Stair",
                            Drawing.Kind.STAIR,
                            OfficeStandard.GROUND,
                            OfficeStandard.LENS_BUILDING_PLAN,
                            20,
                            new Drawing.One(stair.id()),
                            new Drawing.All(),
                            List.of()),
                    0);
    }

    /** As it arrives over the wire; null where it is refused as it is read. */
    private static Edit sent(Edit edit) {
        try {
            return Json.mapper().readValue(Json.mapper().writeValueAsString(edit), Edit.class);
        } catch (JacksonException refused) {
            assertThat(JsonErrors.sentence(refused)).isNotBlank().doesNotContain("org.leanlintel", "java.");
            return null;
        }
    }

    private void run(Edit edit, long seed) {
        try {
            Editing.Result result = Editing.run(edit, building);
            if (!(result.outcome() instanceof Change change)) return;
            boards.preview(result.after());
            building = result.after();
            boards.hear(building);
            done.add(change);
            accepted.merge(edit.getClass(), 1, Integer::sum);
            assertDrawable(building, seed);
        } catch (RuntimeException | StackOverflowError | AssertionError fault) {
            throw new AssertionError("seed %d, edit %d: %s".formatted(seed, done.size(), cut(edit)), fault);
        }
    }

    private static String cut(Object edit) {
        String all = edit.toString();
        return all.length() > 2000 ? all.substring(0, 2000) : all;
    }

    /** What was worked out edit by edit is what the last model gives by itself, and what boards show that heard of differences. */
    private void assertDrawnAsFromNothing(Building anew) {
        boards.assertShow(anew);
        for (Drawing d : anew.model().all(Drawing.class))
            assertThat(DrawingPicture.of(building, d.id(), DrawingLettering.get())
                            .picture()
                            .groups())
                    .as("%s", d)
                    .containsExactlyInAnyOrderElementsOf(DrawingPicture.of(anew, d.id(), DrawingLettering.get())
                            .picture()
                            .groups());
        assertThat(Findings.of(building)).isEqualTo(Findings.of(anew));
    }

    /** Every drawing and sheet, the findings and the project's file. */
    private static void assertDrawable(Building building, long seed) {
        Model model = building.model();
        for (Drawing d : model.all(Drawing.class))
            assertThat(DrawingPicture.of(building, d.id(), DrawingLettering.get())
                            .picture()
                            .inOrder())
                    .as("nothing is marked for a fault")
                    .noneMatch(i -> i instanceof Item.Text t && t.text().endsWith("cannot be drawn"));
        for (Sheet s : model.all(Sheet.class)) {
            Picture picture = SheetPicture.of(
                    s,
                    model,
                    id -> DrawingPicture.of(building, id, DrawingLettering.get())
                            .picture(),
                    DrawingLettering.get(),
                    TitleFacts.printed("2026-01-01"));
            byte[] pdf = PdfWriter.pages(List.of(picture), s.paper(), s.title(), DrawingLettering.get());
            assertThat(pdf).isNotEmpty();
        }
        assertThat(Findings.of(building)).isNotNull();
        if (seed % 4 == 0)
            assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** As the journal keeps it. */
    private static Change readBack(Change change) {
        return new Change(change.name(), readBack(change.before()), readBack(change.after()));
    }

    private static List<Element> readBack(List<Element> elements) {
        String json =
                Json.mapper().writerFor(new TypeReference<List<Element>>() {}).writeValueAsString(elements);
        return ProjectFile.readElements(json, ProjectFile.VERSION);
    }
}
