package org.leanlintel.core.model;

import java.util.regex.Pattern;
import org.leanlintel.core.geometry.Vec;

/**
 * A picture, or a page of a PDF, laid behind a storey's plan to trace from. It never prints.
 *
 * @param file the SHA-256 of its bytes, which are kept beside the elements
 * @param page from 1
 * @param at its lower left corner
 * @param widthMm as it lies in the plan
 * @param angle radians counter-clockwise
 * @param strength how strongly it shows, 0.05 to 1
 */
public record Tracing(
        ElementId id,
        ElementId storey,
        String name,
        String file,
        int page,
        Vec at,
        double widthMm,
        double heightMm,
        double angle,
        double strength)
        implements Element, OnStorey {

    private static final Pattern SHA_256 = Pattern.compile("[0-9a-f]{64}");

    public Tracing {
        name = Checks.name("A picture's name", name);
        at = Checks.near(at);
        widthMm = Checks.between("A picture's width", widthMm, 1, 10_000_000);
        heightMm = Checks.between("A picture's height", heightMm, 1, 10_000_000);
        angle = Checks.number("A picture's angle", angle, -Math.TAU, Math.TAU, "radians");
        strength = Checks.number("A picture's strength", strength, 0.05, 1, "");
        if (page < 1 || page > 9999) throw new Unusable("Pages are counted from 1, not " + page + ".");
        if (!SHA_256.matcher(file).matches())
            throw new Unusable("A picture's file is named by the SHA-256 of its bytes.");
    }

    public Tracing laid(Vec where, double radians) {
        double turn = Math.IEEEremainder(radians, Math.TAU);
        return new Tracing(id, storey, name, file, page, where, widthMm, heightMm, turn, strength);
    }

    public Tracing sized(Vec where, double factor) {
        return new Tracing(id, storey, name, file, page, where, widthMm * factor, heightMm * factor, angle, strength);
    }
}
