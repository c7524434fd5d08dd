package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Notes may be broken to a width and point at things; strings have a kind, a style and figures of their own; there are grid lines,
 * signs and keyed notes, and the site says where north is.
 */
final class ToVersion10 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "note" -> note(element);
            case "dimensionString" -> string(element);
            case "lens" -> lens(element);
            case "layer" -> taking(element);
            case "site" -> element.put("north", Math.PI / 2);
            default -> {}
        }
    }

    private static void lens(ObjectNode lens) {
        lens.put("strings", "string-style-strokes");
        if (lens.path("pens") instanceof ObjectNode pens && !pens.has("GRID"))
            pens.putObject("GRID")
                    .put("widthMm", 0.18)
                    .put("dash", "LONG_DASHED_DOTTED")
                    .put("ink", "");
    }

    /** Grid lines lie with section lines, signs and keyed notes with notes. */
    private static void taking(ObjectNode layer) {
        if (!(layer.path("takes") instanceof ArrayNode takes)) return;
        boolean sections = false, notes = false;
        for (JsonNode kind : takes) {
            sections |= kind.asString("").equals("sectionLine");
            notes |= kind.asString("").equals("note");
        }
        if (sections) takes.add("gridLine");
        if (notes) takes.add("sign").add("keyMark");
    }

    private static void string(ObjectNode string) {
        string.put("kind", "CHAINED");
        string.set("styled", thing("asLens"));
        string.putArray("own");
    }

    private static void note(ObjectNode note) {
        note.put("widthMm", 0);
        ObjectNode leaders = note.putObject("leaders");
        leaders.put("shape", "ELBOWED").put("tip", "DOT");
        leaders.putArray("targets");
    }
}
