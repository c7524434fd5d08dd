package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Notes may be broken to a width and point at things; strings have a kind, a style and figures of their own. */
final class ToVersion10 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "note" -> note(element);
            case "dimensionString" -> string(element);
            case "lens" -> element.put("strings", "string-style-strokes");
            default -> {}
        }
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
