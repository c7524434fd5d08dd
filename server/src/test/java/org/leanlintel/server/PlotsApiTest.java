package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;

/** Sheets sent to the simulated plotter over IPP. */
class PlotsApiTest {

    private static final Path FOLDER = folder();

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer("--lintel.plotter.folder=" + FOLDER);

    private static final ElementId PLAN = new ElementId("drawing-ground-plan");

    private final Api api = Api.newProject(SERVER, "Plotting " + UUID.randomUUID());
    private final HttpClient http = HttpClient.newHttpClient();

    private static Path folder() {
        try {
            return Files.createTempDirectory(Path.of("target"), "plotted");
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @AfterEach
    void putPaperIn() throws Exception {
        paper("in");
    }

    private String sheet(String number) {
        Sheet.Placed plan = new Sheet.Placed(PLAN, Vec.ORIGIN, new Vec(200, 250));
        Answer answer = api.edit(new AddSheet(number, "Plan", Paper.across(PaperSize.A3), List.of(plan)));
        return answer.json().path("put").path(0).path("id").asString();
    }

    private Answer plot(String... sheets) {
        return api.post("/plots", Map.of("sheets", List.of(sheets)));
    }

    private JsonNode plotter() {
        return SERVER.get("/api/v1/plotter").json();
    }

    private int paper(String which) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(plotter().path("page").asString() + "paper"))
                .POST(HttpRequest.BodyPublishers.ofString("paper=" + which))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
    }

    /** What becomes of one, once it is as it should be. */
    private JsonNode until(JsonNode plot, Predicate<JsonNode> is) throws InterruptedException {
        for (int i = 0; i < 300; i++) {
            for (JsonNode p : SERVER.get("/api/v1/plots").json())
                if (p.path("id").equals(plot.path("id")) && is.test(p)) return p;
            Thread.sleep(50);
        }
        throw new AssertionError(
                "It never came to that: " + SERVER.get("/api/v1/plots").json());
    }

    private static Predicate<JsonNode> stands(String how) {
        return p -> p.path("stands").asString().equals(how);
    }

    private List<Path> plotted(String number) throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.filter(f -> f.getFileName().toString().endsWith(number + ".pdf"))
                    .toList();
        }
    }

    @Test
    void sheetsAreChosenAndPlottedInTheOrderOfTheSet() throws Exception {
        String second = sheet("P-102"), first = sheet("P-101");
        JsonNode done = until(plot(second, first).json(), stands("DONE"));
        assertThat(done.path("done").asInt()).isEqualTo(2);
        assertThat(done.path("sheets").values()).extracting(JsonNode::asString).containsExactly("P-101", "P-102");
        try (PDDocument read = Loader.loadPDF(plotted("P-101").getFirst().toFile())) {
            assertThat(read.getPage(0).getMediaBox().getWidth()).isBetween(1190f, 1191f);
        }
        assertThat(plotted("P-102")).hasSize(1);
    }

    @Test
    void itWaitsWhileThePlotterIsOutOfPaperAndGoesOn() throws Exception {
        String sheet = sheet("P-201");
        assertThat(paper("out")).isEqualTo(303);
        assertThat(plotter().path("sentence").asString()).isEqualTo("It is out of paper.");
        JsonNode held = until(plot(sheet).json(), stands("HELD"));
        assertThat(held.path("sentence").asString()).isEqualTo("It is out of paper.");
        assertThat(plotted("P-201")).isEmpty();
        paper("in");
        assertThat(until(held, stands("DONE")).path("sentence").asString()).isEmpty();
        assertThat(plotted("P-201")).hasSize(1);
        assertThat(plotter().path("sentence").asString()).isEmpty();
    }

    @Test
    void whatIsCancelledIsNotPlottedAndWhatWaitsBehindItIs() throws Exception {
        String one = sheet("P-301"), other = sheet("P-302");
        paper("out");
        JsonNode first = plot(one).json(), next = plot(other).json();
        until(first, stands("HELD"));
        assertThat(SERVER.delete("/api/v1/plots/" + first.path("id").asString())
                        .json()
                        .path("stands")
                        .asString())
                .isEqualTo("CANCELLED");
        paper("in");
        until(next, stands("DONE"));
        assertThat(plotted("P-301")).isEmpty();
        assertThat(plotted("P-302")).hasSize(1);
    }

    @Test
    void noSheetsUnknownSheetsAndUnknownPlotsAreRefused() {
        assertThat(plot().detail()).isEqualTo("Choose the sheets that are to be plotted.");
        assertThat(plot("nothing").status()).isEqualTo(404);
        assertThat(SERVER.delete("/api/v1/plots/" + UUID.randomUUID()).status()).isEqualTo(404);
    }
}
