package org.leanlintel.formats.json;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Site;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings the JSON of one element from an earlier form to the present one. Each step adds what the next version asks for,
 * taken from the office standard where the element came from there.
 */
final class Upgrade {

    private static final List<String> STANDARD = List.of(
            "/standard/materials.json", "/standard/build-ups.json", "/standard/heat.json", "/standard/lenses.json");

    private static final List<String> LATER_LAYERS =
            List.of("layer-rooms", "layer-fittings", "layer-floors", "layer-sections");

    private final Map<String, JsonNode> standard = new LinkedHashMap<>();

    Upgrade() {
        for (String file : STANDARD)
            for (JsonNode e : read(file)) standard.put(e.path("id").asString(), e);
    }

    private static JsonNode read(String file) {
        try (InputStream in = Upgrade.class.getResourceAsStream(file)) {
            return Json.mapper().readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Changes {@code element} from the form of {@code version} to the present one. */
    void element(JsonNode element, int version) {
        if (version < 2 && element instanceof ObjectNode node) toVersion2(node);
        if (version < 3 && element instanceof ObjectNode node) toVersion3(node);
        if (version < 4 && element instanceof ObjectNode node) toVersion4(node);
        if (version < 5 && element instanceof ObjectNode node) toVersion5(node);
        if (version < 6 && element instanceof ObjectNode node) toVersion6(node);
    }

    /** What every project of the present form has, as the office standard has it. */
    List<JsonNode> added(boolean inches) {
        List<JsonNode> added = new ArrayList<>();
        added.add(standard.get(HeatRule.ID.value()));
        added.add(Json.mapper().valueToTree(Site.UNSAID));
        added.add(read("/standard/rules.json").path(inches ? "US" : "UK"));
        for (JsonNode layer : read("/standard/layers.json"))
            if (LATER_LAYERS.contains(layer.path("id").asString())) added.add(layer);
        for (JsonNode symbol : read(inches ? "/standard/fittings-inches.json" : "/standard/fittings-metric.json"))
            added.add(symbol);
        return added;
    }

    /** A project is of a trade region, which its unit told before; its rooms are numbered on as they were. */
    private static void toVersion6(ObjectNode node) {
        if (!node.path(Kinds.FIELD).asString("").equals("settings")) return;
        node.put("region", node.path("units").asString("").equals("FEET_INCHES") ? "US" : "UK");
        node.put("numbering", "FROM_ZERO");
    }

    private void toVersion2(ObjectNode node) {
        switch (node.path(Kinds.FIELD).asString("")) {
            case "material" -> node.set("heat", stock(node, "heat", kind("unstated")));
            case "buildUp" -> buildUp(node);
            case "lens" -> {
                node.set("detail", stock(node, "detail", everything()));
                node.set("wallMarks", Json.mapper().getNodeFactory().booleanNode(false));
            }
            case "wall" -> node.put("bulge", 0.0);
            case "corner" -> node.set("meeting", kind("byRule"));
            default -> {}
        }
    }

    /**
     * A post has the make of a pier; walls have a rise and a state, windows a way of opening, and lenses a pen for what is to
     * be removed.
     */
    private static void toVersion3(ObjectNode node) {
        switch (node.path(Kinds.FIELD).asString("")) {
            case "post" -> {
                ObjectNode make = Json.mapper().createObjectNode().put(Kinds.FIELD, "solid");
                make.set("material", node.remove("material"));
                make.set("depthMm", node.remove("depthMm"));
                node.set("make", make);
            }
            case "wall" -> {
                ObjectNode rise = Json.mapper().createObjectNode().put("footMm", 0.0);
                rise.set("head", kind("underStoreyAbove"));
                node.set("rise", rise);
                node.put("state", "NEW");
            }
            case "opening" -> {
                if (node.path("kind") instanceof ObjectNode kind
                        && kind.path(Kinds.FIELD).asString("").equals("window")) kind.put("opens", "FIXED");
            }
            case "lens" -> {
                if (node.path("pens") instanceof ObjectNode pens)
                    pens.putObject("REMOVED").put("widthMm", 0.18).put("dash", "DASHED");
            }
            default -> {}
        }
    }

    /**
     * A place along a wall is a rule of several; openings have a make and a type, schedules an order, and lenses pens and
     * parts for rooms and fittings.
     */
    private static void toVersion4(ObjectNode node) {
        switch (node.path(Kinds.FIELD).asString("")) {
            case "opening" -> {
                placing(node);
                if (node.path("kind") instanceof ObjectNode window
                        && window.path(Kinds.FIELD).asString("").equals("window")) window.set("form", kind("flat"));
                Opening.Kind kind = Json.mapper().treeToValue(node.path("kind"), Opening.Kind.class);
                node.set("make", Json.mapper().valueToTree(OpeningMake.usual(kind)));
                node.put("typeMark", "");
            }
            case "wallPiece" -> {
                if (node.path("stretch") instanceof ObjectNode stretch && stretch.has("placing")) placing(stretch);
            }
            case "drawing" -> node.put("sortBy", "");
            case "lens" -> {
                if (node.path("pens") instanceof ObjectNode pens)
                    for (String role : List.of("FITTING", "ROOM"))
                        pens.putObject(role).put("widthMm", 0.18).put("dash", "CONTINUOUS");
                node.putArray("roomLabels").add("NUMBER").add("AREA");
                node.put("openings", "STRUCTURAL");
            }
            default -> {}
        }
    }

    /**
     * Storeys say what their floors are made of, walls how they stand on them; a drawing says what it is of, rules have some
     * for stairs and for walls on walls, and lenses pens for stairs and levels and a word on floors.
     */
    private static void toVersion5(ObjectNode node) {
        switch (node.path(Kinds.FIELD).asString("")) {
            case "storey" -> {
                node.set("floor", kind("notSaid"));
                node.set("ceiling", kind("underStoreyAbove"));
            }
            case "wall" -> {
                if (!(node.path("rise") instanceof ObjectNode rise)) return;
                double foot = rise.path("footMm").asDouble(0);
                rise.remove("footMm");
                rise.set("foot", foot == 0 ? kind("onFloor") : ((ObjectNode) kind("fixed")).put("mm", foot));
            }
            case "drawing" -> node.set("subject", kind("whole"));
            case "rules" -> {
                boolean us = node.path("name").asString("").startsWith("United States");
                JsonNode stock = read("/standard/rules.json").path(us ? "US" : "UK");
                node.set("support", stock.path("support"));
                node.set("stairs", stock.path("stairs"));
            }
            case "lens" -> {
                if (!(node.path("pens") instanceof ObjectNode pens)) return;
                pens.putObject("STAIR").put("widthMm", 0.18).put("dash", "CONTINUOUS");
                pens.putObject("LEVEL").put("widthMm", 0.25).put("dash", "CONTINUOUS");
                node.put("floorSpans", false);
            }
            default -> {}
        }
    }

    private static void placing(ObjectNode of) {
        JsonNode was = of.path("placing");
        ObjectNode stop = Json.mapper().createObjectNode().put(Kinds.FIELD, "wallsEnd");
        stop.set("end", was.path("from"));
        stop.put("line", "SET_OUT");
        ObjectNode off = Json.mapper().createObjectNode().put(Kinds.FIELD, "off");
        off.set("stop", stop);
        off.put("to", "NEAR");
        off.set("distanceMm", was.path("distanceMm"));
        of.set("placing", off);
    }

    private void buildUp(ObjectNode node) {
        String id = node.path("id").asString();
        node.set("mark", stock(node, "mark", text(id.substring(Math.max(0, id.length() - 6)))));
        node.put("use", "WALL");
        node.put("fire", "");
        node.put("sound", "");
        if (!(node.path("plies") instanceof ArrayNode plies)) return;
        for (JsonNode ply : plies) if (ply instanceof ObjectNode p) p.set("framing", kind("solid"));
    }

    private JsonNode stock(ObjectNode node, String field, JsonNode otherwise) {
        JsonNode known = standard.get(node.path("id").asString());
        return known == null ? otherwise : known.path(field).deepCopy();
    }

    private static JsonNode everything() {
        return Json.mapper().createObjectNode().put("everythingTo", 10_000.0).put("outlineFrom", 20_000.0);
    }

    private static JsonNode kind(String name) {
        return Json.mapper().createObjectNode().put(Kinds.FIELD, name);
    }

    private static JsonNode text(String value) {
        return Json.mapper().getNodeFactory().stringNode(value);
    }
}
