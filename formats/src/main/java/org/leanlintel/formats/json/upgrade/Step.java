package org.leanlintel.formats.json.upgrade;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** From one form of the project file to the next. */
abstract class Step {

    private static final JsonMapper JSON = JsonMapper.shared();

    /** The field that says what kind of thing an object is. */
    private static final String TYPE = "type";

    /** Changes an element from the form before to this step's. */
    abstract void element(ObjectNode element);

    /** What kind of thing an object is; empty where it does not say. */
    static String type(JsonNode of) {
        return of.path(TYPE).asString("");
    }

    /** A thing of a kind without anything further to say. */
    static ObjectNode thing(String type) {
        return JSON.createObjectNode().put(TYPE, type);
    }

    static ArrayNode array() {
        return JSON.createArrayNode();
    }

    static ObjectNode object() {
        return JSON.createObjectNode();
    }

    /** What a step adds, as it was when its form was released. */
    static JsonNode frozen(String name) {
        try (InputStream in = Step.class.getResourceAsStream("/upgrade/" + name)) {
            return JSON.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Changes every object of a list. */
    static void each(JsonNode objects, Consumer<ObjectNode> change) {
        for (JsonNode o : objects) if (o instanceof ObjectNode object) change.accept(object);
    }
}
