package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lenses say where their colours show, title blocks what stands in the margin, projects how keyed notes are counted, lines of
 * sections where they step aside, rooms what closes them above, rules how much roof a gutter drains.
 */
final class ToVersion16 extends Step {

    private static final JsonNode DRAINAGE = frozen("to-16.json");

    /** Of all that know no set by its name. */
    private static final String USUAL = "United Kingdom: Approved Documents, BS 6465";

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "lens" -> {
                boolean coloured = element.path("coloured").asBoolean(false);
                element.remove("coloured");
                element.put("colours", coloured ? "EVERYWHERE" : "NOWHERE");
            }
            case "titleBlock" ->
                element.set("margin", object().put("zones", false).put("folds", false));
            case "settings" -> element.put("clauses", "THROUGH_SET");
            case "room" -> element.set("above", thing("whatStands"));
            case "sectionLine" -> element.set("steps", array());
            case "rules" -> {
                JsonNode of = DRAINAGE.path(element.path("name").asString(""));
                element.set("drainage", (of.isMissingNode() ? DRAINAGE.path(USUAL) : of).deepCopy());
            }
            default -> {}
        }
    }
}
