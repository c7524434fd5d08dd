package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;

/** The list of projects, project files, versions, events, and who is let in. */
class ProjectsApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Listed");

    @Test
    void aDeletedProjectCanBeHadBack() {
        assertThat(SERVER.delete(api.path("")).status()).isEqualTo(204);
        assertThat(api.get("/state").status()).isEqualTo(404);
        assertThat(ids("/api/v1/projects")).doesNotContain(api.id());
        assertThat(ids("/api/v1/projects?deleted=true")).contains(api.id());
        api.post("/restore", "{}");
        assertThat(api.get("/state").status()).isEqualTo(200);
    }

    private static String ids(String path) {
        return SERVER.get(path).json().findValuesAsString("id").toString();
    }

    @Test
    void aDuplicateHasItsOwnHistory() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        Answer copy = api.post("/duplicate", "{}");
        assertThat(copy.json().path("name").asString()).isEqualTo("Listed (copy)");
        Api other = Api.of(SERVER, copy.json().path("id").asString());
        assertThat(other.undo().detail()).isEqualTo("There is nothing to undo.");
        assertThat(other.edit(Api.wall(1000, 1000, 3000, 1000)).status()).isEqualTo(200);
        assertThat(api.revision()).isEqualTo(1);
    }

    @Test
    void aProjectFileComesBackAsTheSameProject() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        byte[] file = api.get("/file").body();
        Answer imported = SERVER.post("/api/v1/projects/file", new String(file, StandardCharsets.UTF_8));
        assertThat(imported.status()).isEqualTo(201);
        Api other = Api.of(SERVER, imported.json().path("id").asString());
        assertThat(other.get("/file").body()).isEqualTo(file);
    }

    @Test
    void aBrokenFileNamesThePlaceAndAddsNothing() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        String file = new String(api.get("/file").body(), StandardCharsets.UTF_8);
        int before = SERVER.get("/api/v1/projects").json().size();
        assertThat(refusal(file.replaceFirst("\"thicknessMm\" : 102.5", "\"thicknessMm\" : -3")))
                .contains("plies[0]")
                .contains("-3");
        assertThat(refusal(file.substring(0, file.length() / 2))).contains("line");
        assertThat(refusal(file.replaceFirst("\"type\" : \"wall\"", "\"type\" : \"hedge\"")))
                .contains("hedge")
                .contains("elements[");
        assertThat(refusal(file.replace("\"id\" : \"build-up-frame-brick\"", "\"id\" : \"other\"")))
                .contains("build-up-frame-brick");
        assertThat(refusal("{\"a\":1}")).contains("not a Lean Lintel project");
        assertThat(refusal(file.replaceFirst("\"version\" : \\d+", "\"version\" : 99")))
                .contains("version 99");
        assertThat(SERVER.get("/api/v1/projects").json().size()).isEqualTo(before);
    }

    private static String refusal(String file) {
        Answer answer = SERVER.post("/api/v1/projects/file", file);
        assertThat(answer.status()).as(answer.detail()).isBetween(400, 422);
        return answer.detail();
    }

    @Test
    void aNamedVersionCanBeLookedAtAndGoneBackTo() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        String version = api.post("/versions", Map.of("name", "Shell only"))
                .json()
                .path("id")
                .asString();
        api.edit(Api.wall(1000, 1000, 3000, 1000));
        String picture = "/drawings/" + OfficeStandard.GROUND_PLAN + "/picture";
        assertThat(api.get(picture).json().path("picture").path("groups")).hasSize(5);
        assertThat(api.get(picture + "?version=" + version)
                        .json()
                        .path("picture")
                        .path("groups"))
                .hasSize(4);
        api.post("/versions/" + version + "/go-back", Map.of("editId", UUID.randomUUID(), "window", "test"));
        assertThat(api.get(picture).json().path("picture").path("groups")).hasSize(4);
        api.undo();
        assertThat(api.get(picture).json().path("picture").path("groups")).hasSize(5);
    }

    @Test
    void whatTheBoardShowsPrintsOnAnyPaper() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        Answer pdf = api.get("/drawings/" + OfficeStandard.GROUND_PLAN + "/view.pdf?paper=A4&scale=100&x=3600&y=2400");
        assertThat(pdf.status()).isEqualTo(200);
        assertThat(pdf.type()).isEqualTo("application/pdf");
        assertThat(new String(pdf.body(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        assertThat(api.get("/drawings/" + OfficeStandard.GROUND_PLAN + "/view.pdf?paper=A4&scale=0")
                        .detail())
                .contains("scale");
        assertThat(api.get("/drawings/" + OfficeStandard.GROUND_PLAN + "/view.pdf?paper=A4&scale=50&x=0&y=1e400")
                        .detail())
                .contains("within 2 km");
        assertThat(api.get("/drawings/" + OfficeStandard.GROUND_PLAN + "/view.pdf?paper=A9&scale=50")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void otherWindowsHearOfAnEdit() throws Exception {
        LineListener heard = new LineListener("data:", "\"window\":\"test\"");
        var stream = listen("/api/v1/events", heard);
        Thread.sleep(300);
        api.edit(Api.wall(0, 0, 3000, 0));
        assertThat(heard.found().get(10, TimeUnit.SECONDS).getLast())
                .contains(api.id())
                .contains("\"revision\":1");
        stream.cancel(true);
    }

    @Test
    void aWindowHearsOfItsProjectAlone() throws Exception {
        Api other = Api.newProject(SERVER, "Other");
        LineListener heard = new LineListener("data:", "\"window\":\"test\"");
        var stream = listen("/api/v1/events?project=" + api.id(), heard);
        Thread.sleep(300);
        other.edit(Api.wall(0, 0, 3000, 0));
        Thread.sleep(600);
        api.edit(Api.wall(0, 0, 3000, 0));
        assertThat(heard.found().get(10, TimeUnit.SECONDS))
                .as("first where it stands, so that who comes again missed nothing")
                .hasSize(2)
                .allMatch(line -> line.contains(api.id()))
                .first()
                .asString()
                .contains("\"revision\":0");
        stream.cancel(true);
    }

    private static CompletableFuture<HttpResponse<Void>> listen(String path, LineListener heard) {
        return HttpClient.newHttpClient()
                .sendAsync(
                        HttpRequest.newBuilder(URI.create(SERVER.address() + path))
                                .build(),
                        HttpResponse.BodyHandlers.fromLineSubscriber(heard));
    }

    @Test
    void onlyOwnPagesAreLetIn() {
        URI list = URI.create(SERVER.address() + "/api/v1/projects");
        assertThat(SERVER.send(HttpRequest.newBuilder(list).header("Origin", "http://elsewhere.example"))
                        .status())
                .isEqualTo(403);
        assertThat(SERVER.send(HttpRequest.newBuilder(list)
                                .header("Content-Type", "text/plain")
                                .POST(HttpRequest.BodyPublishers.ofString("{}")))
                        .status())
                .isEqualTo(415);
    }

    @Test
    void theApiDescribesItself() {
        Answer description = SERVER.get("/api/v1/openapi.json");
        assertThat(description.json().path("openapi").asString()).startsWith("3.1");
        assertThat(description.json().path("paths").size()).isGreaterThan(15);
    }

    @Test
    void lengthsAreReadForThePage() {
        Answer read = SERVER.post("/api/v1/lengths", Map.of("text", "12'6 1/2\"", "units", "METRIC"));
        assertThat(read.json().path("reading").path("mm").asDouble()).isEqualTo(3822.7);
        Answer asks = SERVER.post("/api/v1/lengths", Map.of("text", "3,200", "units", "METRIC"));
        assertThat(asks.json().path("printed").toString()).isEqualTo("[\"3200\",\"3.2\"]");
    }
}
