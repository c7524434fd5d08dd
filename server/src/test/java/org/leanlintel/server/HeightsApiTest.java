package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;
import tools.jackson.databind.JsonNode;

/** Storeys and stairs over HTTP. */
class HeightsApiTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "In height");

    private static DrawStair stair(Stair.Going going) {
        return new DrawStair(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FLOORS,
                new Vec(1000, 1000),
                0,
                900,
                new Stair.Flights(List.of(), List.of()),
                new Stair.LeastRisers(),
                going,
                OfficeStandard.stairMakes("UK").make(),
                Stair.Above.FOUND);
    }

    private void addFirst() {
        Storey.Underfoot floor = new Storey.Built(new ElementId("build-up-timber-floor"));
        api.edit(new ReviseStorey(new Storey(
                OfficeStandard.GROUND, "Ground", 0, 2600, new Storey.NotSaid(), new Rise.UnderStoreyAbove())));
        api.edit(new AddStorey(
                OfficeStandard.GROUND,
                true,
                "First",
                2500,
                floor,
                new AddStorey.Taking(false, false, false),
                new AddStorey.NotLaid()));
    }

    @Test
    void storeysComeFromTheTopmostDown() {
        addFirst();
        JsonNode storeys = api.get("/storeys").json();
        assertThat(storeys.path(0).path("name").asString()).isEqualTo("First");
        assertThat(storeys.path(0).path("level").asString()).isEqualTo("+2.600");
        JsonNode ground = storeys.path(1);
        // 2,600 less a floor of 14 + 22 + 220 + 15
        assertThat(ground.path("ceilingMm").asDouble()).isEqualTo(2329);
        assertThat(ground.path("headMm").asDouble()).isEqualTo(2344);
    }

    @Test
    void aStairsFiguresStandBesideTheirRules() {
        assertThat(api.edit(stair(new Stair.GoingByRule())).detail()).startsWith("ST1 leads nowhere");
        addFirst();
        String id = api.edit(stair(new Stair.FixedGoing(245)))
                .json()
                .path("put")
                .path(0)
                .path("id")
                .asString();
        JsonNode answer = api.get("/stairs/" + id).json();
        assertThat(answer.path("risers").asInt()).isEqualTo(12);
        assertThat(answer.path("adds").asString()).isEqualTo("12 x 217 is 4 too much");
        assertThat(figure(answer, "Riser").path("value").asString()).isEqualTo("216.7");
        assertThat(figure(answer, "Pitch").path("value").asString()).isEqualTo("41.5\u00b0");
        assertThat(figure(answer, "Pitch").path("asked").asString()).isEqualTo("at most 42.0\u00b0");
        assertThat(figure(answer, "Twice the rise and the going").path("value").asString())
                .isEqualTo("678.3");
        assertThat(figure(answer, "Riser").path("source").asString()).isEqualTo("Approved Document K (2013) Table 1.1");
        assertThat(api.get("/findings").json()).isEmpty();
    }

    private static JsonNode figure(JsonNode answer, String name) {
        for (JsonNode f : answer.path("figures")) if (f.path("name").asString().equals(name)) return f;
        throw new AssertionError("no figure " + name);
    }

    @Test
    void whatFitsAWellComesWithTheEditThatDrawsIt() {
        addFirst();
        String like = Api.json((Edit) stair(new Stair.GoingByRule()));
        Answer answer = api.post(
                "/stairs/fitting",
                "{\"like\":%s,\"corner\":[0,0],\"opposite\":[3000,-2000],\"angle\":0}".formatted(like));
        JsonNode best = answer.json().path(0);
        assertThat(best.path("fits").asBoolean()).isTrue();
        assertThat(best.path("edit").path("shape").path("type").asString()).isEqualTo("flights");
        for (JsonNode c : answer.json())
            assertThat(c.path("reason").asString())
                    .as(c.path("name").asString())
                    .isNotBlank();
        Answer small = api.post(
                "/stairs/fitting", "{\"like\":%s,\"corner\":[0,0],\"opposite\":[900,900],\"angle\":0}".formatted(like));
        assertThat(small.json()).allMatch(c -> !c.path("fits").asBoolean());
    }

    @Test
    void thereAreSetsOfRulesToChooseFrom() {
        assertThat(ruleNames())
                .hasSizeGreaterThanOrEqualTo(6)
                .contains("US: IRC R311.7", "Germany: DIN 18065, dwelling");
    }

    @Test
    void anOfficeKeepsSetsOfItsOwn() {
        String set =
                "{\"name\":\"%s\",\"limits\":[{\"what\":\"RISE_MOST\",\"value\":%d,\"source\":\"office\",\"sure\":true}]}";
        assertThat(SERVER.put("/api/v1/stair-rules", set.formatted("Ours, gentle", 175))
                        .status())
                .isEqualTo(200);
        assertThat(SERVER.put("/api/v1/stair-rules", set.formatted("Ours, gentle", 170))
                        .status())
                .isEqualTo(200);
        assertThat(SERVER.get("/api/v1/stair-rules").json())
                .filteredOn(s -> s.path("own").asBoolean())
                .singleElement()
                .satisfies(s -> assertThat(s.path("rules")
                                .path("limits")
                                .path(0)
                                .path("value")
                                .asInt())
                        .isEqualTo(170));

        Answer taken = SERVER.put("/api/v1/stair-rules", set.formatted("US: IRC R311.7", 175));
        assertThat(taken.status()).isEqualTo(400);
        assertThat(taken.detail()).contains("comes with the program");
        Answer nothing = SERVER.put("/api/v1/stair-rules", set.formatted("Ours, none", 0));
        assertThat(nothing.detail()).contains("A limit for stairs must be between 1 and 20000 mm, not 0.");

        SERVER.delete("/api/v1/stair-rules?name=Ours%2C%20gentle");
        assertThat(ruleNames()).doesNotContain("Ours, gentle", "Ours, none");
    }

    private static List<String> ruleNames() {
        List<String> names = new ArrayList<>();
        for (JsonNode s : SERVER.get("/api/v1/stair-rules").json())
            names.add(s.path("rules").path("name").asString());
        return names;
    }
}
