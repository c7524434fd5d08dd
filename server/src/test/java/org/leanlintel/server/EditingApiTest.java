package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.office.AddBuildUp;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Side;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;
import org.leanlintel.server.live.EditDesk;
import org.leanlintel.server.store.Journal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** Edits, undo, previews and faults over HTTP. */
class EditingApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Editing");

    @Test
    void anEditIsStoredNamedAndDrawn() {
        Answer answer = api.post(
                "/edits?drawing=" + OfficeStandard.GROUND_PLAN,
                Api.body(UUID.randomUUID(), 0, Api.shell(0, 0, 7200, 4800)));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("name").asString()).isEqualTo("draw 4 walls");
        assertThat(answer.json().path("undo").asString()).isEqualTo("draw 4 walls");
        assertThat(answer.json().path("picture").path("changed")).hasSize(4);
        assertThat(api.get("/state").json().path("elements").findValuesAsString("mark"))
                .contains("WA1", "WA2", "WA3", "WA4");
    }

    @Test
    void anEditSentTwiceCountsOnce() {
        UUID id = UUID.randomUUID();
        assertThat(api.edit(id, 0, Api.shell(0, 0, 7200, 4800)).status()).isEqualTo(200);
        assertThat(api.edit(id, 0, Api.shell(0, 0, 7200, 4800)).status()).isEqualTo(200);
        assertThat(api.revision()).isEqualTo(1);
    }

    @Test
    void undoAndRedoSurviveARestart() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        api.edit(note("Kitchen"));
        JsonNode before = elements();
        SERVER.restart();
        assertThat(api.undo().json().path("name").asString()).isEqualTo("write note \"Kitchen\"");
        assertThat(api.undo().json().path("redo").asString()).isEqualTo("draw 4 walls");
        assertThat(api.undo().detail()).isEqualTo("There is nothing to undo.");
        SERVER.restart();
        api.redo();
        api.redo();
        assertThat(elements()).isEqualTo(before);
        assertThat(api.redo().detail()).isEqualTo("There is nothing to redo.");
    }

    /** In the order of their ids, as an undo may store them in another. */
    private JsonNode elements() {
        return api.get("/file").json().path("elements");
    }

    @Test
    void aNewEditEndsWhatCouldBeRedone() {
        api.edit(note("One"));
        api.undo();
        api.edit(note("Two"));
        assertThat(api.redo().detail()).isEqualTo("There is nothing to redo.");
    }

    @Test
    void aPreviewStoresNothingAndNamesWhatItWouldDo() {
        Answer preview =
                api.post("/previews?drawing=" + OfficeStandard.GROUND_PLAN, Api.json(Api.shell(0, 0, 7200, 4800)));
        assertThat(preview.json().path("name").asString()).isEqualTo("draw 4 walls");
        assertThat(preview.json().path("picture").path("changed")).hasSize(4);
        assertThat(api.revision()).isZero();
    }

    @Test
    void aPreviewOfSomethingImpossibleSaysWhy() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        Answer preview = api.post("/previews", Api.json(Api.wall(100, 1000, 100, 3000)));
        assertThat(preview.json().path("refusal").asString()).isEqualTo("WA5 would lie on WA1.");
    }

    @Test
    void anotherWindowsEditIsNotOverwritten() {
        api.edit(Api.wall(0, 0, 3000, 0));
        api.edit(Api.wall(0, 2000, 3000, 2000));
        long seen = api.revision();
        ElementId first = wall("WA1"), second = wall("WA2");
        api.edit(new Move(List.of(first), new Vec(0, 100)));

        Answer stale = api.edit(UUID.randomUUID(), seen, new Move(List.of(first), new Vec(0, 200)));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().path("type").asString()).endsWith(":overtaken");
        assertThat(stale.detail()).contains("Meanwhile").contains("move wall WA1");
        assertThat(api.edit(UUID.randomUUID(), seen, new Move(List.of(second), new Vec(0, 200)))
                        .status())
                .as("untouched meanwhile")
                .isEqualTo(200);
    }

    @Test
    void goingBackToAVersionIsOneEdit() {
        api.edit(Api.wall(0, 0, 3000, 0));
        String version = api.post("/versions", Map.of("name", "one wall"))
                .json()
                .path("id")
                .asString();
        api.edit(new Delete(List.of(wall("WA1"))));
        api.post("/versions/" + version + "/go-back", Map.of("editId", UUID.randomUUID(), "window", "test"));
        assertThat(api.undo().json().path("name").asString()).isEqualTo("go back to \"one wall\"");
        assertThat(api.undo().json().path("name").asString()).isEqualTo("delete wall WA1");
        assertThat(api.undo().json().path("name").asString()).isEqualTo("draw wall WA1");
    }

    @Test
    void undoOfWhatAnotherPersonChangedLaterIsRefused() {
        long other = SERVER.addPerson("Other");
        api.edit(Api.wall(0, 0, 3000, 0));
        SERVER.bean(EditDesk.class)
                .accept(
                        UUID.fromString(api.id()),
                        new Journal.Sender(other, UUID.randomUUID(), null),
                        1,
                        new Move(List.of(wall("WA1")), new Vec(0, 100)));
        Answer refused = api.undo();
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .isEqualTo("\"draw wall WA1\" cannot be taken back: what it touched was changed later.");
    }

    private ElementId wall(String mark) {
        for (JsonNode e : api.get("/state").json().path("elements")) {
            if (e.path("mark").asString("").equals(mark))
                return new ElementId(e.path("id").asString());
        }
        throw new AssertionError("no " + mark);
    }

    @Test
    void badRequestsGetAClearSentenceAndChangeNothing() {
        assertProblem(api.post("/edits", "{"), 400, "line 1");
        assertProblem(api.post("/edits", "{\"editId\":\"x\"}"), 400, "editId");
        assertProblem(api.post("/previews", "{\"type\":\"conjure\"}"), 400, "conjure");
        assertProblem(
                api.post("/previews", "{\"type\":\"move\",\"elements\":[],\"labels\":[],\"by\":[\"NaN\",0]}"),
                400,
                "two numbers");
        assertProblem(
                api.post("/previews", "{\"type\":\"move\",\"elements\":[],\"labels\":[],\"by\":[1e999,0]}"),
                400,
                "within 2 km");
        assertProblem(api.edit(new Delete(List.of(new ElementId("nothing")))), 422, "no element \"nothing\"");
        assertProblem(api.edit(Api.wall(0, 0, 5, 0)), 422, "at least 10 mm");
        assertProblem(api.post("/previews", Api.json(Api.wall(0, 0, 3000, 0)).replace("3000", "1500000")), 400, "1 km");
        assertProblem(SERVER.get("/api/v1/projects/" + UUID.randomUUID() + "/state"), 404, "no such project");
        assertProblem(SERVER.get("/api/v1/no-such-thing"), 404, "There is nothing at this address.");
        assertProblem(SERVER.get("/api/v1/projects/none/state"), 400, "");
        assertProblem(api.get("/drawings/none/picture"), 404, "no drawing \"none\"");
        assertThat(api.revision()).isZero();
    }

    /** A build-up or wall that cannot be: said in words, nothing changed. */
    @Test
    void absurdBuildUpsAndWallsAreRefusedInWords() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        long before = api.revision();
        String buildUp = Json.mapper()
                .writerFor(Edit.class)
                .writeValueAsString(new AddBuildUp(new BuildUp(
                        new ElementId("new"),
                        "99",
                        "Test wall",
                        BuildUp.Use.WALL,
                        List.of(Ply.solid(new ElementId("material-stud"), 140, Does.CARRIES)),
                        "",
                        "",
                        "")));
        assertProblem(
                api.post("/previews", buildUp.replace("140.0", "-140")), 400, "between 0.5 and 2000 mm, not -140");
        assertProblem(api.post("/previews", buildUp.replace("140.0", "5e9")), 400, "No length is more than 2 km");
        assertProblem(api.post("/previews", buildUp.replace("140.0", "\"NaN\"")), 400, "A number is written here");
        assertProblem(api.post("/previews", buildUp.replace("CARRIES", "LINING")), 400, "no ply that carries");
        assertThat(api.post("/previews", buildUp.replace("material-stud", "material-none"))
                        .json()
                        .path("refusal")
                        .asString())
                .contains("material-none");
        assertProblem(api.edit(Api.wall(0, 100, 0, 4000)), 422, "past its end or in its corner");
        assertProblem(api.edit(Api.wall(1000, 1000, 1000, 1000)), 422, "at least 10 mm");
        ElementId wall = new ElementId("r1-5");
        assertProblem(
                api.edit(new CurveWall(wall, new CurveWall.Radius(Double.MIN_VALUE, Side.LEFT))), 422, "A radius");
        assertThat(api.revision()).isEqualTo(before);
    }

    /** What an editor shows of a build-up that is not stored: 100 mm of stud wall, still air between the studs. */
    @Test
    void aBuildUpIsLookedAtBeforeItIsStored() {
        JsonNode partition = elements()
                .valueStream()
                .filter(e -> e.path("id").asString().equals("build-up-brick-cavity"))
                .findFirst()
                .orElseThrow();
        JsonNode look = api.post("/build-ups/look", partition.toString()).json();
        assertThat(look.path("heat").path("type").asString()).isEqualTo("worked");
        assertThat(look.path("heat").path("uValue").asDouble()).isBetween(0.1865, 0.1875);
        assertThat(look.path("picture").path("groups").path(0).path("items")).isNotEmpty();
        JsonNode regions = SERVER.get("/api/v1/regions").json();
        assertThat(regions.path(0).path("timber").findValuesAsString("name"))
                .contains("38x140 CLS")
                .doesNotContain("2x6");
        assertThat(regions.path(1).path("timber").findValuesAsString("name"))
                .contains("2x6")
                .doesNotContain("38x140 CLS");
    }

    private static void assertProblem(Answer answer, int status, String detail) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.detail()).contains(detail).doesNotContain("Exception").doesNotContain("org.leanlintel");
    }

    private static PlaceNote note(String text) {
        return new PlaceNote(
                OfficeStandard.GROUND_PLAN,
                OfficeStandard.LAYER_NOTES,
                new Vec(0, 0),
                text,
                OfficeStandard.LETTERS_NAME);
    }

    /** Of a partition up the middle of a shell of 7,200 in 354 mm; one that is kept says so, and a preview shows the new ones. */
    @Test
    void gapsAreMeasuredPreviewedAndKept() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        Answer drawn = api.edit(Api.wall(3600, 800, 3600, 4000));
        String wall = drawn.json()
                .path("put")
                .valueStream()
                .filter(e -> e.path("type").asString().equals("wall"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        JsonNode gap = api.get("/gaps?wall=" + wall + "&faces=FINISH").json().path(0);
        assertThat(gap.path("printed").asString()).isEqualTo("3196");
        Answer preview = api.post(
                "/previews?gapsOf=" + wall,
                "{\"type\":\"move\",\"elements\":[\"%s\"],\"labels\":[],\"by\":[100,0]}".formatted(wall));
        assertThat(preview.json().path("gaps").path(0).path("printed").asString())
                .isEqualTo("3296");
        String keep =
                "{\"type\":\"keepGap\",\"gap\":%s,\"faces\":\"FINISH\",\"clearMm\":3196}".formatted(gap.path("gap"));
        String body =
                "{\"editId\":\"%s\",\"seen\":2,\"window\":\"test\",\"edit\":%s}".formatted(UUID.randomUUID(), keep);
        assertThat(api.post("/edits", body).status()).isEqualTo(200);
        assertThat(api.get("/gaps?wall=" + wall).json().path(0).path("kept").isString())
                .isTrue();
    }

    @Test
    void entriesAndMeasuresAreReadOrRefusedInWords() {
        JsonNode entry = SERVER.post("/api/v1/entries", "{\"text\":\"3200 at 30\",\"units\":\"METRIC\"}")
                .json();
        assertThat(entry.path("degrees").asDouble()).isEqualTo(30);
        assertThat(entry.path("length").path("printed").path(0).asString()).isEqualTo("3200");
        String square = "{\"points\":[[0,0],[3048,0],[3048,3048],[0,3048]],\"units\":\"FEET_INCHES\"}";
        JsonNode measured = SERVER.post("/api/v1/measures", square).json();
        assertThat(measured.path("area").asString()).isEqualTo("100.0 sq ft");
        assertThat(measured.path("total").asString()).isEqualTo("30'-0\"");
        Answer one = SERVER.post("/api/v1/measures", "{\"points\":[[0,0]],\"units\":\"METRIC\"}");
        assertThat(one.status()).isEqualTo(400);
        assertThat(one.detail()).isEqualTo("Measuring needs two points.");
    }

    /** Addresses that never reach the application are answered in words too. */
    @Test
    void whatCannotBeReadAtAllIsAProblemInWords() throws IOException {
        int port = URI.create(SERVER.address()).getPort();
        for (String address : List.of("/api/v1/projects/%ZZ", "/api/v1/projects/a%00b", "/api/v1/projects?q=\\")) {
            try (Socket socket = new Socket("127.0.0.1", port)) {
                socket.getOutputStream()
                        .write("GET %s HTTP/1.1\r\nHost: 127.0.0.1:%d\r\nConnection: close\r\n\r\n"
                                .formatted(address, port)
                                .getBytes(StandardCharsets.US_ASCII));
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                assertThat(answer).startsWith("HTTP/1.1 400").contains("application/problem+json", "cannot be read");
                assertThat(answer).doesNotContain("Tomcat", "Exception", "<html");
            }
        }
    }

    /** An edit that names something else as its drawing is refused before anything is stored. */
    @Test
    void whatARequestNamesIsLookedAtFirst() {
        Answer refused = api.post(
                "/edits?drawing=layer-walls", Api.body(UUID.randomUUID(), api.revision(), Api.wall(0, 0, 3000, 0)));
        assertProblem(refused, 404, "no drawing \"layer-walls\"");
        assertThat(api.revision()).isZero();
        assertThat(api.post("/edits?drawing=gone", Api.body(UUID.randomUUID(), api.revision(), Api.wall(0, 0, 3000, 0)))
                        .status())
                .isEqualTo(200);
    }

    /** A second window is told what came, went and became different since it looked last, and how its drawing did. */
    @Test
    void whatOthersChangedComesAsWhatChanged() {
        api.edit(Api.shell(0, 0, 9000, 6000));
        long seen = api.revision();
        List<ElementId> before = wallsNow();
        api.edit(Api.wall(0, 9000, 3000, 9000));
        api.edit(new Move(List.of(before.getFirst()), new Vec(200, 0)));
        ElementId added =
                wallsNow().stream().filter(w -> !before.contains(w)).findFirst().orElseThrow();
        api.edit(new Delete(List.of(before.getLast())));

        JsonNode changes = api.get("/changes?seen=" + seen + "&drawing=" + OfficeStandard.GROUND_PLAN)
                .json();
        assertThat(changes.path("revision").asLong()).isEqualTo(api.revision());
        assertThat(ids(changes.path("put"))).contains(added.value());
        assertThat(changes.path("removed").toString())
                .contains(before.getLast().value())
                .doesNotContain(added.value());
        assertThat(changes.path("picture").path("gone").toString())
                .contains(before.getLast().value());
        assertThat(changes.path("picture").path("changed").toString()).contains("\"element\":\"" + added.value());

        JsonNode none = api.get("/changes?seen=" + api.revision()).json();
        assertThat(none.path("put")).isEmpty();
        assertThat(none.path("removed")).isEmpty();
        assertProblem(api.get("/changes?seen=" + (api.revision() + 1)), 422, "Too much has changed");
        for (int i = 0; i < 60; i++) api.edit(new Move(List.of(added), new Vec(0, i % 2 == 0 ? 100 : -100)));
        assertProblem(api.get("/changes?seen=" + seen), 422, "Too much has changed");
    }

    private List<ElementId> wallsNow() {
        List<ElementId> walls = new ArrayList<>();
        for (JsonNode e : api.get("/state").json().path("elements"))
            if (e.path("type").asString().equals("wall"))
                walls.add(new ElementId(e.path("id").asString()));
        return walls;
    }

    private static List<String> ids(JsonNode elements) {
        List<String> ids = new ArrayList<>();
        for (JsonNode e : elements) ids.add(e.path("id").asString());
        return ids;
    }

    @Test
    void whatAProjectCannotDoWithoutStays() {
        for (String id : List.of("drawing-ground-plan", "site"))
            assertProblem(api.edit(new Delete(List.of(new ElementId(id)))), 422, "A project needs");
        List<ElementId> layers = OfficeStandard.elements().stream()
                .filter(Layer.class::isInstance)
                .map(Element::id)
                .toList();
        assertProblem(api.edit(new Delete(layers)), 422, "A project needs a layer to draw on");
        assertThat(api.edit(new Delete(layers.subList(1, layers.size()))).status())
                .isEqualTo(200);
    }

    @Test
    void aFileOfWhatCannotBeDrawnIsRefusedWithThePlace() {
        api.edit(Api.shell(0, 0, 9000, 6000));
        String file = new String(api.get("/file").body(), StandardCharsets.UTF_8);
        assertThat(SERVER.post("/api/v1/projects/file", file).status()).isEqualTo(201);
        JsonNode root = Json.mapper().readTree(file);
        List<JsonNode> twice = new ArrayList<>();
        for (JsonNode e : root.path("elements"))
            if (List.of("wall", "corner").contains(e.path("type").asString())) twice.add(e);
        for (JsonNode e : twice)
            ((ArrayNode) root.path("elements"))
                    .add(Json.mapper()
                            .readTree(e.toString().replaceAll("\"r1-", "\"r9-").replaceAll("\"WA(\\d)", "\"WA9$1")));
        Answer refused = SERVER.post("/api/v1/projects/file", root.toString());
        assertProblem(refused, 422, "would lie on W");
        String late = file.replaceFirst("\"revision\" ?: ?\\d+", "\"revision\": 9223372036854775806");
        Answer made = SERVER.post("/api/v1/projects/file", late);
        assertThat(made.status()).isEqualTo(201);
        assertThat(made.json().path("revision").asLong()).isLessThan(10);
    }

    @Test
    void aScheduleOfDoorsIsSavedAndAPlanIsNone() {
        String add =
                "{\"type\":\"addDrawing\",\"name\":\"Doors\",\"kind\":\"DOORS\",\"storey\":\"%s\",\"lens\":\"lens-building-plan\",\"scale\":10,\"subject\":{\"type\":\"whole\"},\"frame\":{\"type\":\"all\"},\"also\":[]}"
                        .formatted(OfficeStandard.GROUND);
        String body =
                "{\"editId\":\"%s\",\"seen\":0,\"window\":\"test\",\"edit\":%s}".formatted(UUID.randomUUID(), add);
        String id =
                api.post("/edits", body).json().path("put").path(0).path("id").asString();
        Answer csv = api.get("/drawings/" + id + "/schedule.csv");
        assertThat(csv.type()).startsWith("text/csv");
        assertThat(new String(csv.body(), StandardCharsets.UTF_8)).startsWith("Mark,Type,Kind,");
        String version = api.post("/versions", Map.of("name", "No doors"))
                .json()
                .path("id")
                .asString();
        api.edit(Api.wall(0, 0, 5000, 0));
        api.edit(new PlaceOpening(
                wall("WA1"),
                OfficeStandard.LAYER_OPENINGS,
                Placing.from(End.START, 1000),
                838,
                2040,
                0,
                new Opening.SwingDoor(End.START, Side.LEFT)));
        assertThat(linesOf("/drawings/" + id + "/schedule.csv")).isEqualTo(2);
        assertThat(linesOf("/drawings/" + id + "/schedule.csv?version=" + version))
                .isEqualTo(1);
        Answer plan = api.get("/drawings/" + OfficeStandard.GROUND_PLAN + "/schedule.csv");
        assertThat(plan.status()).isEqualTo(400);
        assertThat(plan.detail()).endsWith("is not a table that can be saved as CSV.");
    }

    private long linesOf(String csv) {
        return new String(api.get(csv).body(), StandardCharsets.UTF_8).lines().count();
    }
}
