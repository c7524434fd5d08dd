package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.ComposeSheets;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;

/** Sets that are laid out, issued, changed, issued again, compared and withdrawn. */
class IssuesApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private static final ElementId PLAN = new ElementId("drawing-ground-plan");

    private final Api api = Api.newProject(SERVER, "Issuing");

    private Answer issue(String number, String purpose, String... sheets) {
        Map<String, String> issued =
                Map.of("number", number, "date", "2026-03-09", "purpose", purpose, "note", "first set");
        return api.post("/issues", Map.of("issued", issued, "sheets", List.of(sheets)));
    }

    private void note(String text) {
        note(text, Vec.ORIGIN);
    }

    private void note(String text, Vec at) {
        assertThat(api.edit(new PlaceNote(PLAN, new ElementId("layer-notes"), at, text, OfficeStandard.LETTERS_NOTE))
                        .status())
                .isEqualTo(200);
    }

    private void sheet() {
        sheet("A-101", "Ground");
    }

    /** @return its id */
    private String sheet(String number, String title) {
        Sheet.Placed plan = new Sheet.Placed(PLAN, Vec.ORIGIN, new Vec(200, 250));
        Answer answer = api.edit(new AddSheet(number, title, Paper.across(PaperSize.A2), List.of(plan)));
        assertThat(answer.status()).isEqualTo(200);
        return answer.json().path("put").path(0).path("id").asString();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument read = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(read);
        }
    }

    private String document(JsonNode issue) throws IOException {
        return text(
                api.get("/issues/" + issue.path("id").asString() + "/set.pdf").body());
    }

    /** An A2 sheet on A4: reduced on one page with its true scale, or in eight parts. */
    @Test
    void aSheetComesOnSmallerPaper() throws IOException {
        String path = "/sheets/" + sheet("A-101", "Ground") + "/sheet.pdf";
        assertThat(text(api.get(path + "?paper=A4").body())).contains("A-101 Ground, reduced to 45 %: 1:50 is 1:112");
        try (PDDocument parts =
                Loader.loadPDF(api.get(path + "?paper=A4&onto=PARTS").body())) {
            assertThat(parts.getNumberOfPages()).isEqualTo(8);
        }
        assertThat(api.get(path + "?paper=A17").detail()).isNotBlank();
        sheet("A-102", "First");
        assertThat(text(api.get("/set.pdf?paper=A4").body()))
                .contains("A-101 Ground, reduced to 45 %: 1:50 is 1:112", "A-102 First, reduced to 45 %");
    }

    @Test
    void whatWasIssuedStaysAsItWas() throws IOException {
        assertThat(issue("1", "PERMIT").detail()).isEqualTo("There are no sheets to issue yet.");
        sheet();
        note("gravel");
        JsonNode first = issue("1", "PERMIT").json();
        byte[] before =
                api.get("/issues/" + first.path("id").asString() + "/set.pdf").body();
        assertThat(text(before)).contains("gravel", "permit", "2026-03-09").doesNotContain("paving");
        note("paving");
        JsonNode second = issue("2", "CONSTRUCTION").json();
        assertThat(document(second)).contains("gravel", "paving", "permit", "construction");
        assertThat(api.get("/issues/" + first.path("id").asString() + "/set.pdf")
                        .body())
                .as("byte for byte")
                .isEqualTo(before);
        Answer compared = api.get("/issues/" + first.path("id").asString() + "/comparison?with="
                + second.path("id").asString());
        assertThat(compared.json().path(0).path("sentences").values())
                .extracting(JsonNode::asString)
                .containsExactly("Note \"paving\" came.");
        assertThat(api.get("/issues/" + second.path("id").asString() + "/comparison")
                        .json()
                        .path(0)
                        .path("sentences"))
                .as("nothing since")
                .isEmpty();
    }

    @Test
    void anIssueIsWithdrawnWithAReasonAndGivenToPeople() throws IOException {
        sheet();
        JsonNode first = issue("1", "TENDER").json();
        String path = "/issues/" + first.path("id").asString();
        assertThat(issue("1", "TENDER").detail()).isEqualTo("There is an issue 1 already.");
        assertThat(issue(" ", "TENDER").status()).isEqualTo(400);
        Map<String, String> given = Map.of("name", "Teasel & Wren", "date", "2026-03-10", "way", "by post");
        assertThat(api.post(path + "/recipients", given).json().path("recipients"))
                .hasSize(1);
        assertThat(api.post(path + "/withdrawal", Map.of("reason", " ")).status())
                .isEqualTo(400);
        assertThat(api.post(path + "/withdrawal", Map.of("reason", "wrong datum"))
                        .json()
                        .path("withdrawn")
                        .asString())
                .isEqualTo("wrong datum");
        assertThat(api.post(path + "/withdrawal", Map.of("reason", "again")).detail())
                .isEqualTo("Issue 1 is withdrawn already.");
        JsonNode second = issue("2", "PERMIT").json();
        assertThat(document(second)).contains("permit").doesNotContain("tender");
        assertThat(api.get("/issues").json()).hasSize(2);
    }

    /** What was issued of one sheet stands in its title block alone; a transmittal lists just that. */
    @Test
    void someSheetsAreIssuedByThemselves() throws IOException {
        String ground = sheet("A-101", "Ground"), again = sheet("A-102", "Again");
        JsonNode one = issue("P1", "COMMENT", again).json();
        assertThat(one.path("sheets").values()).extracting(JsonNode::asString).containsExactly(again);
        assertThat(document(one)).contains("A-102", "comment").doesNotContain("A-101");
        JsonNode both = issue("P2", "PERMIT").json();
        String set = document(both);
        assertThat(set.split("comment", -1)).as("on one of the two sheets").hasSize(2);
        assertThat(set.split("permit", -1)).as("on both").hasSize(3);
        Map<String, String> given = Map.of("name", "Teasel & Wren", "date", "2026-03-10", "way", "by post");
        api.post("/issues/" + one.path("id").asString() + "/recipients", given);
        assertThat(text(api.get("/issues/" + one.path("id").asString() + "/transmittal.pdf")
                        .body()))
                .contains(
                        "Transmittal",
                        "Issue P1 of 2026-03-09, for comment",
                        "A-102",
                        "Again",
                        "Teasel & Wren",
                        "by post")
                .doesNotContain("A-101");
        assertThat(issue("P3", "PERMIT", "nothing").status()).isEqualTo(404);
        assertThat(ground).isNotEqualTo(again);
    }

    /** Also after the sheet has gone into another. */
    @Test
    void anIssueKnowsTheSetsItsSheetsWereBoundIn() throws IOException {
        ElementId id = new ElementId(sheet("A-101", "Ground"));
        Sheet.Placed plan = new Sheet.Placed(PLAN, Vec.ORIGIN, new Vec(200, 250));
        Sheet sheet = new Sheet(id, "A-101", "Ground", "Tender set", Paper.across(PaperSize.A2), List.of(plan));
        assertThat(api.edit(new Revise(sheet)).status()).isEqualTo(200);
        JsonNode issued = issue("T1", "TENDER").json();
        assertThat(api.edit(new Revise(sheet.inSet("Building set"))).status()).isEqualTo(200);
        JsonNode kept = api.get("/issues").json().path(0);
        assertThat(kept.path("sets").values()).extracting(JsonNode::asString).containsExactly("Tender set");
        String transmittal = "/issues/" + issued.path("id").asString() + "/transmittal.pdf";
        assertThat(text(api.get(transmittal).body())).contains("Set: Tender set");
    }

    /** The other sheet of today is not spoken of. */
    @Test
    void anIssueOfOneSheetIsComparedWithThatSheetOfToday() {
        sheet();
        String again = sheet("A-102", "Again");
        String one = issue("P1", "COMMENT", again).json().path("id").asString();
        note("gravel");
        JsonNode compared = api.get("/issues/" + one + "/comparison").json();
        assertThat(compared).hasSize(1);
        assertThat(compared.path(0).path("number").asString()).isEqualTo("A-102");
        assertThat(compared.path(0).path("sentences")).isNotEmpty();
    }

    @Test
    void drawingsAreLaidOutAndTheSheetsMadeFromThat() {
        note("gravel");
        Map<String, Object> asked = asked(List.of(), List.of(), List.of(), false);
        JsonNode laid = api.post("/lay-out", asked).json();
        JsonNode made = laid.path("sheets").path(0);
        assertThat(made.path("number").asString()).isEqualTo("A-101");
        JsonNode placed = made.path("drawings").path(0);
        Vec at = new Vec(
                placed.path("at").path(0).asDouble(), placed.path("at").path(1).asDouble());
        Sheet.Placed plan = new Sheet.Placed(PLAN, Vec.ORIGIN, at);
        Paper paper =
                Paper.across(PaperSize.valueOf(made.path("paper").path("size").asString()));
        AddSheet sheet = new AddSheet("A-101", "Ground", paper, List.of(plan));
        assertThat(api.edit(new ComposeSheets(List.of(sheet), List.of())).status())
                .isEqualTo(200);
        assertThat(api.edit(new ComposeSheets(List.of(sheet), List.of())).detail())
                .isEqualTo("There is a sheet A-101 already.");
        api.undo();
        assertThat(api.post("/lay-out", asked)
                        .json()
                        .path("sheets")
                        .path(0)
                        .path("number")
                        .asString())
                .isEqualTo("A-101");
    }

    /** A second plan finds room beside the first, on the sheet that has that; a table belongs on a sheet of its own. */
    @Test
    void roomOnSheetsThereAreIsUsedByTheLikeOfWhatStandsThere() {
        note("gravel");
        AddSheet sheet = new AddSheet(
                "A-101",
                "Ground",
                Paper.across(PaperSize.A1),
                List.of(new Sheet.Placed(PLAN, Vec.ORIGIN, new Vec(200, 400))));
        assertThat(api.edit(sheet).status()).isEqualTo(200);
        ElementId other = added("Furniture", Drawing.Kind.PLAN), table = added("Doors", Drawing.Kind.DOORS);
        JsonNode laid = api.post("/lay-out", asked(List.of(other, table), List.of(), List.of(), true))
                .json();
        JsonNode filled = laid.path("filled").path(0);
        assertThat(laid.path("filled")).hasSize(1);
        assertThat(filled.path("number").asString()).isEqualTo("A-101");
        assertThat(filled.path("taken")).hasSize(1);
        assertThat(filled.path("drawings").path(0).path("drawing").asString()).isEqualTo(other.value());
        assertThat(laid.path("sheets")
                        .path(0)
                        .path("drawings")
                        .path(0)
                        .path("drawing")
                        .asString())
                .isEqualTo(table.value());
        ElementId on = new ElementId(filled.path("sheet").asString());
        Sheet.Placed placed = new Sheet.Placed(other, Vec.ORIGIN, new Vec(500, 400));
        ComposeSheets both = new ComposeSheets(List.of(), List.of(new ComposeSheets.Onto(on, List.of(placed))));
        assertThat(api.edit(both).status()).isEqualTo(200);
        JsonNode now = api.get("/file").json().path("elements").values().stream()
                .filter(e -> e.path("id").asString().equals(on.value()))
                .findFirst()
                .orElseThrow();
        assertThat(now.path("drawings")).hasSize(2);
    }

    /** A drawing of the lower storey, as large as what it shows. */
    private ElementId added(String name, Drawing.Kind kind) {
        Answer answer = api.edit(new AddDrawing(
                name,
                kind,
                OfficeStandard.GROUND,
                new ElementId("lens-building-plan"),
                50,
                new Drawing.Whole(),
                new Drawing.All(),
                List.of()));
        return new ElementId(answer.json().path("put").path(0).path("id").asString());
    }

    private static Map<String, Object> asked(List<?> drawings, List<?> papers, List<?> scales, boolean filling) {
        return Map.of(
                "drawings", drawings, "papers", papers, "after", "", "scales", scales, "set", "", "filling", filling);
    }

    /** Notes 20 m apart are 400 mm at 1:50 and 200 at 1:100: on A4 across the latter fits, on a strip of 210 nothing does before 1:200. */
    @Test
    void whatIsTooLargeForAPaperIsProposedAtAScaleThatFits() {
        note("one", Vec.ORIGIN);
        note("other", new Vec(20_000, 0));
        assertThat(proposed(new Paper(PaperSize.A4, false), 25, 50, 100, 200)).isEqualTo(100);
        assertThat(proposed(new Paper(PaperSize.A4, false, 210, 150), 100, 200)).isEqualTo(200);
        assertThat(proposed(new Paper(PaperSize.A4, false), 25, 50)).isZero();
    }

    private double proposed(Paper paper, Integer... scales) {
        Map<String, Object> asked = asked(List.of(PLAN), List.of(paper), List.of(scales), false);
        JsonNode laid = api.post("/lay-out", asked).json();
        assertThat(laid.path("sheets")).isEmpty();
        return laid.path("tooLarge").path(0).path("scale").asDouble();
    }
}
