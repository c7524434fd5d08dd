package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/** Notes may be broken to a width and point at things. */
final class ToVersion10 extends Step {

    @Override
    void element(ObjectNode element) {
        if (type(element).equals("note")) note(element);
    }

    private static void note(ObjectNode note) {
        note.put("widthMm", 0);
        ObjectNode leaders = note.putObject("leaders");
        leaders.put("shape", "ELBOWED").put("tip", "DOT");
        leaders.putArray("targets");
    }
}
