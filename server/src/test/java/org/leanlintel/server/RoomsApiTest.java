package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;

/** Areas, clearances and findings over the wire, in a shell of 354 mm, 7,200 by 4,800: 6,492 by 4,092 inside. */
class RoomsApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Rooms");

    @BeforeEach
    void draw() {
        api.edit(Api.shell(0, 0, 7200, 4800));
    }

    private JsonNode areas() {
        return api.get("/storeys/" + OfficeStandard.GROUND + "/areas").json();
    }

    private static NameRoom kitchen() {
        return new NameRoom(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_ROOMS,
                new Vec(2000, 2000),
                "",
                "Kitchen",
                Room.Use.KITCHEN,
                Room.Finishes.NONE);
    }

    @Test
    void anAreaIsMeasuredBeforeItHasAName() {
        JsonNode area = areas().path("areas").path(0);
        assertThat(area.path("room").isNull()).isTrue();
        assertThat(area.path("net").asString()).as("6.492 by 4.092").isEqualTo("26.57 m\u00B2");
        assertThat(area.path("sizes").path(0).asString()).isEqualTo("6492 x 4092");
        assertThat(areas().path("outline").asString()).isEqualTo("34.56 m\u00B2");
        api.edit(kitchen());
        assertThat(areas().path("areas").path(0).path("room").asString()).isNotEmpty();
        assertThat(api.get("/storeys/nowhere/areas").status()).isEqualTo(404);
    }

    @Test
    void aPreviewSaysWhatBecomesOfRooms() {
        api.edit(kitchen());
        DrawRoomLimit limit = new DrawRoomLimit(
                OfficeStandard.GROUND, OfficeStandard.LAYER_ROOMS, new Vec(400, 2400), new Vec(6800, 2400));
        JsonNode preview = api.post("/previews", Api.json(limit)).json();
        assertThat(preview.path("news").path(0).asString()).startsWith("Kitchen was parted: ");
        List<ElementId> walls = new ArrayList<>();
        for (JsonNode e : api.get("/state").json().path("elements"))
            if (e.path("type").asString().equals("wall"))
                walls.add(new ElementId(e.path("id").asString()));
        Answer gone = api.edit(new Delete(walls.subList(0, 1)));
        assertThat(gone.json().path("news").path(0).asString()).isEqualTo("Nothing closes round Kitchen any more.");
    }

    @Test
    void whatStandsTooNearIsFoundWithItsRule() {
        PlaceFitting wc = new PlaceFitting(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FITTINGS,
                new ElementId("symbol-wc"),
                new PlaceFitting.Near(new Vec(400, 4300)),
                0,
                false,
                380,
                680);
        api.edit(wc);
        JsonNode finding = api.get("/findings").json().path(0);
        assertThat(finding.path("sentence").asString()).contains("190 from its centre to WA2, 400 needed, BS 6465-2");
        JsonNode zones =
                api.get("/storeys/" + OfficeStandard.GROUND + "/clearances").json();
        assertThat(zones).hasSize(3);
        List<Boolean> isShort = new ArrayList<>();
        for (JsonNode zone : zones) isShort.add(zone.path("isShort").asBoolean());
        assertThat(isShort).containsOnlyOnce(true);
        assertThat(SERVER.get("/api/v1/rule-sets").json()).hasSize(4);
    }

    @Test
    void aSymbolThatCannotBeIsRefusedWithASentence() {
        String symbol =
                """
                {"symbol": {"type": "symbol", "id": "s", "name": "Desk", "kind": "OTHER", "group": "Own", "back": true, "point": [600, 0],
                  "width": {"leastMm": 600, "usualMm": 1200, "mostMm": 1800}, "depth": {"leastMm": 600, "usualMm": 600, "mostMm": 600},
                  "lowMm": 0, "heightMm": 750, "stretchX": [], "stretchY": [], "drawn": [], "parts": [], "source": ""},
                 "widthMm": 1200, "depthMm": 600}""";
        Answer answer = api.post("/symbols/look", symbol);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail()).contains("\"Desk\" has no line along which it could stretch.");
    }
}
