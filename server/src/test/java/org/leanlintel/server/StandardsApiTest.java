package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.office.TakeStandard;
import org.leanlintel.core.model.Element;
import org.leanlintel.formats.json.Json;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Office standards: handed on from one project, looked at beside another, and taken over item by item. */
class StandardsApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Taking");

    private ObjectNode own() {
        return (ObjectNode) api.get("/standard").json();
    }

    private static ObjectNode item(ObjectNode standard, String id) {
        for (JsonNode e : standard.path("elements")) if (e.path("id").asString().equals(id)) return (ObjectNode) e;
        throw new AssertionError("No item " + id);
    }

    private long count(Answer compared, String likeness) {
        return compared.json()
                .valueStream()
                .filter(i -> i.path("likeness").asString().equals(likeness))
                .count();
    }

    @Test
    void ownExportTakenInChangesNothing() {
        Answer compared = api.post("/standard/comparison", own().toString());
        assertThat(compared.status()).isEqualTo(200);
        assertThat(count(compared, "SAME"))
                .isGreaterThan(50)
                .isEqualTo(compared.json().size());
    }

    @Test
    void whatIsChosenComesInAndTheRestStays() {
        ObjectNode office = own();
        item(office, "lens-building-plan").put("floorSpans", true);
        ObjectNode added = item(office, "layer-notes").deepCopy();
        ((ArrayNode) office.path("elements"))
                .add(added.put("id", "layer-office").put("name", "Office notes"));
        Answer compared = api.post("/standard/comparison", office.toString());
        assertThat(count(compared, "DIFFERENT")).isEqualTo(1);
        assertThat(count(compared, "NEW")).isEqualTo(1);
        List<Element> items = new ArrayList<>();
        for (JsonNode i : compared.json())
            if (!i.path("likeness").asString().equals("SAME"))
                items.add(Json.mapper().treeToValue(i.path("element"), Element.class));
        assertThat(api.edit(new TakeStandard(items)).status()).isEqualTo(200);
        assertThat(item(own(), "lens-building-plan").path("floorSpans").asBoolean())
                .isTrue();
        assertThat(item(own(), "layer-office").path("takes"))
                .as("notes go where they went")
                .isEmpty();
        assertThat(count(api.post("/standard/comparison", office.toString()), "NEW"))
                .isZero();
    }

    /** Two build-ups, layers and materials as they were, and a lens of its own: a project begins with just these. */
    @Test
    void aProjectBeginsWithAStandard() {
        ObjectNode office = own();
        List<String> dropped = new ArrayList<>();
        for (Iterator<JsonNode> i = ((ArrayNode) office.path("elements")).iterator(); i.hasNext(); ) {
            JsonNode e = i.next();
            String id = e.path("id").asString();
            boolean goes = e.path("type").asString().equals("symbol") || id.equals("build-up-stud-partition");
            if (goes) dropped.add(id);
            if (goes) i.remove();
        }
        item(office, "lens-building-plan").put("name", "Office plan");
        assertThat(dropped).hasSizeGreaterThan(10);
        Answer made = Api.begun(SERVER, "Begun", office.toString());
        Api begun = Api.of(SERVER, made.json().path("id").asString());
        ObjectNode its = (ObjectNode) begun.get("/standard").json();
        assertThat(ids(its)).doesNotContainAnyElementsOf(dropped).containsAll(ids(office));
        assertThat(item(its, "lens-building-plan").path("name").asString()).isEqualTo("Office plan");
        Answer none = Api.begun(SERVER, "None", "{}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.detail()).contains("not an office standard");
    }

    private static List<String> ids(ObjectNode standard) {
        return standard.path("elements")
                .valueStream()
                .map(e -> e.path("id").asString())
                .toList();
    }

    @Test
    void whatIsNoStandardIsSaid() {
        assertThat(api.post("/standard/comparison", "{\"format\":\"other\"}").detail())
                .contains("This is not an office standard");
        assertThat(api.post("/standard/comparison", own().put("version", 99).toString())
                        .detail())
                .contains("version 99");
        ObjectNode broken = own();
        item(broken, "lens-building-plan").remove("name");
        assertThat(api.post("/standard/comparison", broken.toString()).status()).isEqualTo(422);
        assertThat(api.post("/standard/comparison", api.get("/file").json().toString())
                        .detail())
                .contains("not an office standard");
    }
}
