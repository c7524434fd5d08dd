package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.formats.json.Json;
import org.leanlintel.server.RunningServer.Answer;
import org.leanlintel.server.openapi.ApiDescription;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests to every path of the API, made up from its own description: nothing answers that something went wrong, every refusal
 * is a problem in plain words, and none of them changes anything.
 */
class ApiFuzzTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private static final int REQUESTS = Integer.getInteger("requests", 10_000);
    private static final long SEED = Long.getLong("seed", 1);
    private static final String[] WORDS = {
        "Kitchen", "", "x", "UK", "A2", "METRIC", "%", "../..", "<b>", "9".repeat(400), "a\u0000b", "\uD800", "12'6"
    };
    private static final double[] NUMBERS = {
        0, 1, -1, 0.5, 50, 100, 910, 2100, 3000, 6000, -250, 1e9, 1e300, -1e13, 1e-200
    };

    private final JsonNode described = Json.mapper().valueToTree(ApiDescription.document());
    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(SEED);
    private Api api;
    private List<String> ids = List.of();

    private record Operation(String method, String path, JsonNode what) {}

    @Test
    void everyAnswerIsOneOrAProblemInWords() {
        List<Operation> operations = operations();
        Map<Integer, Integer> statuses = new TreeMap<>();
        for (int i = 0; i < REQUESTS; i++) {
            if (i % 500 == 0) newProject();
            if (i % 25 == 0) readIds();
            Operation op = operations.get(random.nextInt(operations.size()));
            if (random.nextInt(3) == 0) op = editing(operations);
            Answer answer = ask(op);
            statuses.merge(answer.status(), 1, Integer::sum);
        }
        assertThat(statuses.getOrDefault(200, 0)).as("%s", statuses).isGreaterThan(REQUESTS / 10);
        readIds();
        for (JsonNode e : api.get("/state").json().path("elements"))
            if (e.path("type").asString().equals("drawing"))
                assertThat(api.get("/drawings/" + e.path("id").asString() + "/picture")
                                .status())
                        .isEqualTo(200);
    }

    private void newProject() {
        api = Api.newProject(SERVER, "Any");
        api.edit(Api.shell(0, 0, 9000, 6000));
        api.edit(Api.wall(4000, 354, 4000, 5646));
    }

    private void readIds() {
        List<String> found = new ArrayList<>();
        for (JsonNode e : api.get("/state").json().path("elements"))
            found.add(e.path("id").asString());
        if (!found.isEmpty()) ids = found;
        else newProject();
    }

    private static Operation editing(List<Operation> operations) {
        return operations.stream()
                .filter(o -> o.path.endsWith("/edits"))
                .findFirst()
                .orElseThrow();
    }

    /** Streams never end, and files are not JSON. */
    private List<Operation> operations() {
        List<Operation> all = new ArrayList<>();
        described
                .path("paths")
                .forEachEntry((path, methods) -> methods.forEachEntry((method, what) -> {
                    if (!path.endsWith("/events") && !path.equals("/api/v1/files"))
                        all.add(new Operation(method.toUpperCase(Locale.ROOT), path, what));
                }));
        return all;
    }

    private Answer ask(Operation op) {
        String path = op.path;
        StringBuilder query = new StringBuilder();
        for (JsonNode p : op.what.path("parameters")) {
            String name = p.path("name").asString();
            String value = encoded(parameter(name, p.path("schema")));
            if (p.path("in").asString().equals("path"))
                path = path.replace("{" + name + "}", value.isEmpty() ? "x" : value);
            else if (p.path("required").asBoolean() && random.nextInt(20) > 0 || random.nextInt(3) == 0)
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(value);
        }
        JsonNode content = op.what.path("requestBody").path("content").path("application/json");
        String body = content.isMissingNode()
                ? null
                : spoiled(made(content.path("schema"), "", 0)).toString();
        long before = api.revision();
        Answer answer = SERVER.request(op.method, path + query, body);
        String asked =
                "%s %s%s %s: %d %s".formatted(op.method, path, query, cut(body), answer.status(), answer.detail());
        assertThat(answer.status()).as(asked).isLessThan(500);
        if (answer.status() < 400) return answer;
        assertThat(answer.type()).as(asked).startsWith("application/problem+json");
        assertThat(answer.detail())
                .as(asked)
                .isNotBlank()
                .doesNotContain("org.", "java.", "Exception", "Failed to", "nested", "`");
        answer.json()
                .forEachEntry((member, value) ->
                        assertThat(value.isNull()).as("%s of %s", member, asked).isFalse());
        assertThat(answer.json().path("type").asString("")).as(asked).startsWith("urn:lean-lintel:problem:");
        boolean there = SERVER.get(api.path("/state")).status() == 200;
        if (there) assertThat(api.revision()).as(asked).isEqualTo(before);
        return answer;
    }

    private static String cut(String body) {
        return body == null ? "" : body.length() > 1500 ? body.substring(0, 1500) : body;
    }

    private String parameter(String name, JsonNode schema) {
        if (name.equals("project")) return random.nextInt(30) == 0 ? word() : api.id();
        if (name.equals("id") || name.equals("name")) return "made-up-" + random.nextInt(9);
        if (random.nextInt(4) == 0) return word();
        JsonNode value = made(schema, name, 0);
        return value.isString() ? value.asString() : value.toString();
    }

    private String word() {
        return WORDS[random.nextInt(WORDS.length)];
    }

    private static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /** A value of a schema; deep ones end. */
    private JsonNode made(JsonNode schema, String name, int depth) {
        var nodes = Json.mapper().getNodeFactory();
        if (schema.has("$ref")) {
            String ref = schema.path("$ref").asString();
            return made(described.at(ref.substring(1)), name, depth);
        }
        for (String choice : List.of("oneOf", "anyOf"))
            if (schema.has(choice)) {
                JsonNode all = schema.path(choice);
                return made(all.path(random.nextInt(all.size())), name, depth);
            }
        if (schema.has("const")) return schema.path("const");
        if (schema.has("enum"))
            return schema.path("enum").path(random.nextInt(schema.path("enum").size()));
        JsonNode type = schema.path("type");
        return switch (type.isArray() ? type.path(0).asString() : type.asString()) {
            case "object" -> object(schema, depth);
            case "array" -> {
                var array = nodes.arrayNode();
                boolean tuple = schema.has("prefixItems");
                int size = tuple ? schema.path("prefixItems").size() : depth > 6 ? 0 : random.nextInt(4);
                for (int i = 0; i < size; i++)
                    array.add(made(tuple ? schema.path("prefixItems").path(i) : schema.path("items"), name, depth + 1));
                yield array;
            }
            case "number" -> nodes.numberNode(NUMBERS[random.nextInt(random.nextInt(6) == 0 ? NUMBERS.length : 11)]);
            case "integer" -> nodes.numberNode(random.nextInt(30) == 0 ? random.nextLong() : random.nextInt(9));
            case "boolean" -> nodes.booleanNode(random.nextBoolean());
            default -> nodes.stringNode(text(name, schema));
        };
    }

    private String text(String name, JsonNode schema) {
        if (schema.path("format").asString("").equals("uuid") || name.equals("editId") || name.equals("version"))
            return new UUID(random.nextLong(), random.nextLong()).toString();
        if (random.nextInt(12) == 0) return word();
        List<String> fitting = ids.stream()
                .filter(id ->
                        id.startsWith(name.replaceAll("([a-z])([A-Z])", "$1-").toLowerCase(Locale.ROOT)))
                .toList();
        List<String> from = fitting.isEmpty() ? ids : fitting;
        return from.isEmpty() ? word() : from.get(random.nextInt(from.size()));
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode made = Json.mapper().createObjectNode();
        schema.path("properties").forEachEntry((property, of) -> made.set(property, made(of, property, depth + 1)));
        return made;
    }

    /** Now and then a value is gone, null or of another type. */
    private JsonNode spoiled(JsonNode body) {
        if (random.nextInt(8) > 0 || !(body instanceof ObjectNode object) || object.isEmpty()) return body;
        List<String> names = List.copyOf(object.propertyNames());
        String name = names.get(random.nextInt(names.size()));
        switch (random.nextInt(4)) {
            case 0 -> object.remove(name);
            case 1 -> object.putNull(name);
            case 2 -> object.put(name, word());
            default -> spoiled(object.path(name));
        }
        return object;
    }
}
