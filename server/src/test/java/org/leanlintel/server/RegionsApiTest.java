package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.formats.json.Json;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Trade regions of an office's own: like one that comes with the program, with other words and sizes. */
class RegionsApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private static final String ID = "US:north";

    @AfterEach
    void none() {
        SERVER.delete("/api/v1/regions?id=US%3Anorth");
    }

    private static ObjectNode region(String id) {
        for (JsonNode offered : SERVER.get("/api/v1/regions").json())
            if (offered.path("region").path("id").asString().equals(id))
                return (ObjectNode) offered.path("region").deepCopy();
        throw new AssertionError("No region " + id);
    }

    private static ObjectNode own() {
        ObjectNode own = region("US");
        own.put("id", ID).put("name", "Northern office");
        ((ObjectNode) own.path("roomNames")).put("WC", "Half bath");
        ((ArrayNode) own.path("doors").path("leaves")).add(Json.mapper().valueToTree(List.of(711.2, 2032)));
        ((ArrayNode) own.path("buildUps")).remove(own.path("buildUps").size() - 1);
        return own;
    }

    private static Answer keep(ObjectNode region) {
        return SERVER.put("/api/v1/regions", region.toString());
    }

    @Test
    void aProjectIsMadeOfWhatTheOfficesRegionOffers() {
        assertThat(keep(own()).status()).isEqualTo(200);
        ObjectNode kept = region(ID);
        assertThat(kept.path("roomNames").path("WC").asString()).isEqualTo("Half bath");
        assertThat(keep(kept.put("name", "Northern office, 2")).status())
                .as("what was read can be kept again")
                .isEqualTo(200);

        String project = SERVER.post(
                        "/api/v1/projects",
                        "{\"name\":\"Own\",\"address\":\"\",\"client\":\"\",\"drawnBy\":\"\",\"region\":\"%s\",\"paper\":\"ARCH_D\",\"standard\":\"\"}"
                                .formatted(ID))
                .json()
                .path("id")
                .asString();
        List<JsonNode> buildUps = new ArrayList<>();
        JsonNode rules = null, settings = null;
        for (JsonNode e :
                SERVER.get("/api/v1/projects/" + project + "/state").json().path("elements"))
            switch (e.path("type").asString()) {
                case "buildUp" -> buildUps.add(e);
                case "rules" -> rules = e;
                case "settings" -> settings = e;
                default -> {}
            }
        assertThat(buildUps).hasSize(region("US").path("buildUps").size() - 1);
        assertThat(rules.path("stairs").path("name").asString()).startsWith("US");
        assertThat(settings.path("region").asString()).isEqualTo(ID);
        assertThat(settings.path("units").asString()).isEqualTo("FEET_INCHES");
    }

    @Test
    void whatCannotBeOfferedIsSaid() {
        assertThat(keep(region("US").put("name", "Mine")).detail()).contains("comes with the program");
        assertThat(keep(own().put("name", "Germany")).detail()).contains("comes with the program");
        assertThat(keep(own().put("units", "METRIC")).detail()).contains("in the unit of the one it is like");
        assertThat(keep(own().put("outsideWall", "build-up-sand-lime-de")).detail())
                .contains("Outside walls are first drawn of a build-up");
        ObjectNode twice = own();
        ((ArrayNode) twice.path("buildUps")).add(twice.path("buildUps").path(0));
        assertThat(keep(twice).detail()).contains("offered once");
        ObjectNode low = own();
        ((ObjectNode) low.path("storeys")).put("heightMm", 100);
        assertThat(keep(low).detail()).contains("higher from floor to floor");
        ObjectNode bare = own();
        ((ArrayNode) bare.path("doors").path("leaves")).removeAll();
        assertThat(keep(bare).detail()).contains("from one to 60 leaves");
        ObjectNode odd = own();
        ((ArrayNode) odd.path("doors").path("leaves")).add(Json.mapper().valueToTree(List.of(711.2)));
        assertThat(keep(odd).detail()).contains("a width and a height");

        assertThat(keep(own()).status()).isEqualTo(200);
        assertThat(keep(own().put("id", "US:south")).detail()).contains("There is a region");
    }
}
