package org.leanlintel.core.takeoff;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Lights.Light;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Side;

/** What schedules say of the lights of a window. */
final class LightWords {

    private LightWords() {}

    /** How they open: "Side hung, fixed". */
    static String kind(Lights lights) {
        String ways = lights.rows().stream()
                .flatMap(List::stream)
                .map(Light::opens)
                .distinct()
                .map(LightWords::way)
                .collect(Collectors.joining(", "));
        return Character.toUpperCase(ways.charAt(0)) + ways.substring(1);
    }

    /** How many there are and how each opens, from the left as seen from outside, as far as its kind does not say it. */
    static String detail(Lights lights) {
        boolean oneWay = all(lights).map(Light::opens).distinct().count() == 1;
        String words = counted(lights.row(), oneWay);
        if (lights.over() instanceof Lights.Toplights t) words += "; over that " + counted(t.row(), oneWay);
        boolean hangs = all(lights).anyMatch(l -> l.opens().isHung());
        return words + (hangs && lights.inwards() ? ", opening inwards" : "");
    }

    private static Stream<Light> all(Lights lights) {
        return lights.rows().stream().flatMap(List::stream);
    }

    private static String counted(List<Light> row, boolean oneWay) {
        String counted = row.size() + (row.size() == 1 ? " light" : " lights");
        if (!oneWay) return counted + ": " + row.stream().map(LightWords::each).collect(Collectors.joining(", "));
        return row.getFirst().opens().isHungAtSide()
                ? counted + ": " + row.stream().map(LightWords::side).collect(Collectors.joining(", "))
                : counted;
    }

    private static String each(Light light) {
        return light.opens().isHungAtSide() ? way(light.opens()) + " " + side(light) : way(light.opens());
    }

    private static String side(Light light) {
        return light.side() == Side.LEFT ? "left" : "right";
    }

    private static String way(Opens opens) {
        return switch (opens) {
            case FIXED -> "fixed";
            case SIDE_HUNG -> "side hung";
            case TOP_HUNG -> "top hung";
            case BOTTOM_HUNG -> "bottom hung";
            case TILT_AND_TURN -> "tilt and turn";
            case VERTICAL_SLIDING -> "sliding up and down";
            case HORIZONTAL_SLIDING -> "sliding sideways";
        };
    }
}
