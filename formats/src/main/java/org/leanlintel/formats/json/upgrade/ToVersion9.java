package org.leanlintel.formats.json.upgrade;

import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is built or stands in the house says what becomes of it, not walls alone; strings and notes say whether they show
 * through their lens; the frame of a part plan is an outline, no rectangle.
 */
final class ToVersion9 extends Step {

    private static final Set<String> IN_WORK =
            Set.of("wallPiece", "post", "fitting", "floor", "floorVoid", "stair", "outsideSteps");

    @Override
    void element(ObjectNode element) {
        String type = type(element);
        if (IN_WORK.contains(type)) element.put("state", "NEW");
        if (element.path("frame") instanceof ObjectNode frame && type(frame).equals("box")) part(frame);
        if (type.equals("layer") && element.path("takes") instanceof ArrayNode takes) taking(takes);
        if (type.equals("dimensionString") || type.equals("note")) element.put("throughLens", false);
    }

    /** Blanks lie with notes. */
    private static void taking(ArrayNode takes) {
        for (JsonNode kind : takes)
            if (kind.asString("").equals("note")) {
                takes.add("blank");
                return;
            }
    }

    private static void part(ObjectNode frame) {
        JsonNode low = frame.path("low"), high = frame.path("high");
        ArrayNode ring = frame.putArray("ring");
        for (JsonNode[] corner : new JsonNode[][] {{low, low}, {high, low}, {high, high}, {low, high}})
            ring.addArray().add(corner[0].path(0)).add(corner[1].path(1));
        frame.put("type", "part").put("broken", false).remove("low");
        frame.remove("high");
    }
}
