package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Labels of rooms and marks of openings and fittings may stand in one plan by themselves: those that were put by hand stand so in all.
 * Words on sheets may stand in columns: they stood in one.
 */
final class ToVersion24 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "room" -> words(element, element.remove("label"));
            case "opening" -> words(element, besideIt(element.remove("markAt")));
            case "fitting" -> words(element, thing("whereClear"));
            case "drawing" -> {
                if (element.path("subject") instanceof ObjectNode subject
                        && type(subject).equals("written")) subject.put("columns", 1);
            }
            default -> {}
        }
    }

    private static JsonNode besideIt(JsonNode was) {
        if (!type(was).equals("putBeside")) return was;
        ObjectNode put = thing("putAt");
        put.putArray("at")
                .add(was.path("alongMm").asDouble(0))
                .add(was.path("outMm").asDouble(0));
        return put;
    }

    private static void words(ObjectNode element, JsonNode elsewhere) {
        ObjectNode words = element.putObject("words");
        words.set("elsewhere", elsewhere);
        words.putArray("own");
    }
}
