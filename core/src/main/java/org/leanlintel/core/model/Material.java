package org.leanlintel.core.model;

import java.util.regex.Pattern;

/**
 * What a ply is made of.
 *
 * @param joinsAs what it is when pieces touch: no line is drawn between pieces that join as the same
 * @param tint fill where it is cut, as {@code #rrggbb}
 * @param surface what it looks like from the front
 * @param leastPitch of a roof covered with it, degrees; 0 where it is for none, or for any
 * @param source where its facts come from, shown beside them
 */
public record Material(
        ElementId id,
        String name,
        String joinsAs,
        Hatch hatch,
        String tint,
        Heat heat,
        Surface surface,
        double leastPitch,
        String source)
        implements Element.Stock {

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    public Material {
        name = Checks.name("A material's name", name);
        joinsAs = Checks.name("What a material joins as", joinsAs);
        leastPitch = Checks.number("The least pitch of a covering", leastPitch, 0, 80, "degrees");
        source = Checks.text("A source", source, 300);
        if (!COLOUR.matcher(tint).matches()) throw new Unusable("A tint is written as #rrggbb, not \"" + tint + "\".");
    }

    public Material called(ElementId otherId, String otherName) {
        return new Material(otherId, otherName, joinsAs, hatch, tint, heat, surface, leastPitch, source);
    }
}
