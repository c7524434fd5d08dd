package org.leanlintel.formats.json.upgrade;

import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How the words of notes are set is a stock item of the project; sheets may be bound in several sets, on paper of their own size; chimneys may have saddles; lenses tell what is distant. */
final class ToVersion18 extends Step {

    private static final JsonNode SADDLES = frozen("to-18.json");

    /** Of all that know no set by its name. */
    private static final String USUAL = "United Kingdom: Approved Documents, BS 6465";

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "note" ->
                element.put(
                        "style",
                        "letters-" + element.path("style").asString("NOTE").toLowerCase(Locale.ROOT));
            case "sheet" -> {
                element.put("set", "");
                if (element.path("paper") instanceof ObjectNode paper)
                    paper.put("ownLongMm", 0).put("ownShortMm", 0);
            }
            case "roofPart" -> {
                if (element.path("make") instanceof ObjectNode make
                        && type(make).equals("stack")) make.set("behind", thing("bare"));
            }
            case "lens" -> distant(element);
            case "rules" -> saddles(element);
            default -> {}
        }
    }

    /** Nothing is, and would be drawn as what is near. */
    private static void distant(ObjectNode lens) {
        lens.put("distantFromMm", 0);
        if (lens.path("pens") instanceof ObjectNode byRole)
            byRole.set("DISTANT", byRole.path("EDGE").deepCopy());
    }

    private static void saddles(ObjectNode rules) {
        JsonNode of = SADDLES.path(rules.path("name").asString(""));
        if (rules.path("chimneys") instanceof ObjectNode chimneys)
            chimneys.set("saddles", (of.isMissingNode() ? SADDLES.path(USUAL) : of).deepCopy());
    }
}
