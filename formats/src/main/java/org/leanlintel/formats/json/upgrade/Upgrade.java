package org.leanlintel.formats.json.upgrade;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings the JSON of an element from an earlier form to the present one, step by step. */
public final class Upgrade {

    /** The first is to version 2. */
    private static final List<Step> STEPS = List.of(
            new ToVersion2(),
            new ToVersion3(),
            new ToVersion4(),
            new ToVersion5(),
            new ToVersion6(),
            new ToVersion7(),
            new ToVersion8(),
            new ToVersion9(),
            new ToVersion10(),
            new ToVersion11(),
            new ToVersion12(),
            new ToVersion13(),
            new ToVersion14(),
            new ToVersion15(),
            new ToVersion16(),
            new ToVersion17(),
            new ToVersion18(),
            new ToVersion19(),
            new ToVersion20(),
            new ToVersion21(),
            new ToVersion22(),
            new ToVersion23(),
            new ToVersion24(),
            new ToVersion25());

    /** The form that all steps lead to. */
    public static final int PRESENT = STEPS.size() + 1;

    private Upgrade() {}

    /** Changes {@code element} from the form of {@code version} to the present one. */
    public static void element(JsonNode element, int version) {
        if (!(element instanceof ObjectNode node)) return;
        for (int to = Math.max(2, version + 1); to <= PRESENT; to++)
            STEPS.get(to - 2).element(node);
    }

    /**
     * What forms after {@code version} have added to every project: the sixth a rule for heat, a site, rules, layers and symbols of
     * fittings, the tenth styles of strings, the twelfth lenses of elevations and of roof plans,
     * the fourteenth title blocks, the fifteenth layers of foundations and of the site, and a lens of foundation plans,
     * the eighteenth styles of letters and a lens of ceiling plans.
     */
    public static List<JsonNode> added(int version, boolean inches) {
        List<JsonNode> added = new ArrayList<>();
        if (version < 6) added(6, Step.frozen("added-6.json").path(inches ? "inches" : "metric"), added);
        if (version < 10) added(10, Step.frozen("added-10.json"), added);
        if (version < 12) added(12, Step.frozen("added-12.json"), added);
        if (version < 14) added(14, Step.frozen("added-14.json"), added);
        if (version < 15) added(15, Step.frozen("added-15.json"), added);
        if (version < 18) added(18, Step.frozen("added-18.json"), added);
        return added;
    }

    private static void added(int in, JsonNode elements, List<JsonNode> added) {
        for (JsonNode e : elements) {
            element(e, in);
            added.add(e);
        }
    }
}
