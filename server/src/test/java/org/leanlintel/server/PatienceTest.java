package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.function.Supplier;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Wall;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.standard.TradeRegion;
import org.leanlintel.formats.traced.TracingWorker.Question;
import org.leanlintel.server.RunningServer.Answer;
import org.leanlintel.server.store.TracedPages;

/** What takes too long is given up in words, and the next request is answered. */
class PatienceTest {

    @RegisterExtension
    static final RunningServer SERVER =
            new RunningServer("--lintel.patience.limit-ms=400", "--lintel.tracing.limit-ms=6000");

    private static final int HOUSES = 500;

    private static Building manyHouses() {
        TradeRegion uk = OfficeStandard.region("UK");
        Building building =
                Building.of(OfficeStandard.newProject(OfficeStandard.settings(uk, "Large", "", "", "", uk.paper())));
        for (int i = 0; i < HOUSES; i++)
            building = Editing.run(Api.shell(i % 20 * 7000, i / 20 * 7000, 5000, 4000), building)
                    .after();
        return building;
    }

    @Test
    void whatTakesTooLongIsGivenUpAndTheNextIsAnswered() {
        Building large = manyHouses();
        String file = new String(ProjectFile.write(large.model()), StandardCharsets.UTF_8);
        Api api = Api.of(
                SERVER,
                SERVER.post("/api/v1/projects/file", file).json().path("id").asString());
        Move all = new Move(large.model().all(Wall.class).stream().map(Wall::id).toList(), new Vec(10, 0));
        String asked = "/previews?effects=true&drawing=" + OfficeStandard.GROUND_PLAN;
        Answer answer = api.post(asked, Api.json(all));
        for (int i = 0; i < 20 && answer.status() == 200; i++) answer = api.post(asked, Api.json(all));
        assertThat(answer.detail()).isEqualTo("That took longer than it may and was given up; nothing was changed.");
        assertThat(answer.status()).isEqualTo(422);
        UUID id = UUID.randomUUID();
        patiently(() -> api.edit(id, 1_000_000, Api.wall(-9000, 0, -9000, 3000)));
    }

    /** On a busy machine anything may take longer than so short a limit. */
    private static Answer patiently(Supplier<Answer> asking) {
        Answer answer = asking.get();
        for (int i = 0; i < 50 && answer.status() == 422; i++) answer = asking.get();
        assertThat(answer.status()).isEqualTo(200);
        return answer;
    }

    @Test
    void aPageThatNeverEndsIsRefusedInWordsAndNotTriedAgain() throws IOException {
        Answer kept = SERVER.send(HttpRequest.newBuilder(URI.create(SERVER.address() + "/api/v1/files"))
                .header("Content-Type", "application/pdf")
                .POST(HttpRequest.BodyPublishers.ofByteArray(nested(14))));
        assertThat(kept.status()).isEqualTo(201);
        String name = kept.json().path("file").asString();
        String lines = "/api/v1/files/" + name + "/pages/1/lines";
        assertThat(SERVER.get(lines).detail()).startsWith("This page takes too long to be read.");
        SERVER.bean(TracedPages.class).keep(name, 1, Question.LINES, "[]".getBytes(StandardCharsets.UTF_8));
        assertThat(SERVER.get(lines).detail()).as("known, not asked again").startsWith("This page takes too long");
    }

    /** A page that draws a form, which draws another ten times, and so on. */
    private static byte[] nested(int levels) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(PDRectangle.A4);
            document.addPage(page);
            PDFormXObject form = form(document, "0 0 m 10 10 l S", null);
            for (int i = 0; i < levels; i++) form = form(document, "/F Do ".repeat(10), form);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawForm(form);
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    private static PDFormXObject form(PDDocument document, String content, PDFormXObject drawn) throws IOException {
        PDStream stream = new PDStream(document);
        try (var out = stream.createOutputStream()) {
            out.write(content.getBytes(StandardCharsets.US_ASCII));
        }
        PDFormXObject form = new PDFormXObject(stream);
        form.setBBox(PDRectangle.A4);
        PDResources resources = new PDResources();
        if (drawn != null) resources.put(COSName.getPDFName("F"), drawn);
        form.setResources(resources);
        return form;
    }
}
