package org.leanlintel.formats.json.upgrade;

import java.util.Set;
import tools.jackson.databind.node.ObjectNode;

/** What is built or stands in the house says what becomes of it, not walls alone; strings and notes say whether they show through their lens. */
final class ToVersion9 extends Step {

    private static final Set<String> IN_WORK =
            Set.of("wallPiece", "post", "fitting", "floor", "floorVoid", "stair", "outsideSteps");

    @Override
    void element(ObjectNode element) {
        String type = type(element);
        if (IN_WORK.contains(type)) element.put("state", "NEW");
        if (type.equals("dimensionString") || type.equals("note")) element.put("throughLens", false);
    }
}
