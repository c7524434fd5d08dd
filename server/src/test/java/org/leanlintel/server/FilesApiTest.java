package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.drawing.LayTracing;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.traced.TracingWorker;
import org.leanlintel.server.RunningServer.Answer;
import org.leanlintel.server.store.TracedPages;

/** Files to trace from: kept by their bytes, shown by page, carried in project files. */
class FilesApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Traced");

    private static byte[] png(int width) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, 100, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static Answer keep(byte[] bytes, String type) {
        return SERVER.send(HttpRequest.newBuilder(URI.create(SERVER.address() + "/api/v1/files"))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    @Test
    void aFileIsNamedByItsBytesAndShownByPage() throws IOException {
        Answer kept = keep(png(200), "image/png");
        assertThat(kept.status()).isEqualTo(201);
        String name = kept.json().path("file").asString();
        assertThat(name).matches("[0-9a-f]{64}");
        assertThat(keep(png(200), "image/png").json().path("file").asString()).isEqualTo(name);
        Answer picture = SERVER.get("/api/v1/files/" + name + "/pages/1/picture.png");
        assertThat(ImageIO.read(new ByteArrayInputStream(picture.body())).getWidth())
                .isEqualTo(200);
        assertThat(SERVER.get("/api/v1/files/" + name + "/pages/1/lines").json())
                .isEmpty();
    }

    @Test
    void whatIsNoPictureIsRefusedInWords() {
        byte[] words = "hello".getBytes(StandardCharsets.UTF_8);
        Answer refused = keep(words, "image/png");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).isEqualTo("This is not a picture (PNG or JPEG) or a PDF that can be read.");
        assertThat(keep(words, "text/plain").status()).isEqualTo(415);
        Answer missing = SERVER.get("/api/v1/files/" + "0".repeat(64));
        assertThat(missing.status()).isEqualTo(404);
        assertThat(missing.detail()).isEqualTo("That file is not kept here: lay the picture anew.");
    }

    @Test
    void aProjectFileCarriesWhatIsTracedFrom() throws IOException {
        String name = keep(png(300), "image/png").json().path("file").asString();
        assertThat(api.edit(new LayTracing(OfficeStandard.GROUND, "Survey", name, 1, Vec.ORIGIN, 9000, 3000))
                        .status())
                .isEqualTo(200);
        byte[] file = SERVER.get(api.path("/file")).body();
        String text = new String(file, StandardCharsets.UTF_8);
        assertThat(text).contains("\"" + name + "\" :");
        Answer imported = SERVER.post("/api/v1/projects/file", text);
        assertThat(imported.status()).isEqualTo(201);
        String broken = text.replaceFirst("\"" + name + "\" : \"[^\"]{40}", "\"" + name + "\" : \"");
        Answer refused = SERVER.post("/api/v1/projects/file", broken);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).startsWith("This is not a picture");
    }

    private static byte[] pdf(float widthPt, float heightPt) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(new PDRectangle(widthPt, heightPt));
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.moveTo(10, 10);
                content.lineTo(200, 10);
                content.stroke();
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    @Test
    void aPageIsReadOnceAndKept() throws IOException {
        String name = keep(pdf(595, 842), "application/pdf").json().path("file").asString();
        String lines = "/api/v1/files/" + name + "/pages/1/lines";
        assertThat(SERVER.get(lines).json()).hasSize(1);
        assertThat(SERVER.bean(TracedPages.class).find(name, 1, TracingWorker.Question.LINES))
                .isPresent();
        SERVER.bean(TracedPages.class)
                .keep(name, 1, TracingWorker.Question.LINES, "[]".getBytes(StandardCharsets.UTF_8));
        assertThat(SERVER.get(lines).json()).as("as it was kept").isEmpty();
        assertThat(SERVER.get("/api/v1/files/" + name + "/pages/2/lines").detail())
                .contains("pages 1 to 1, not 2");
    }

    @Test
    void whatCannotBeShownIsRefusedBeforeItIsKept() throws IOException {
        assertThat(keep(pdf(1e9f, 0.003f), "application/pdf").detail()).contains("no paper is so");
        byte[] half = Arrays.copyOf(png(3000), 200);
        assertThat(keep(half, "image/png").detail())
                .isEqualTo("This is not a picture (PNG or JPEG) or a PDF that can be read.");
        Answer large = keep(new byte[41_000_001], "image/png");
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.detail()).isEqualTo("That is too large: 40 MB at most.");
    }
}
