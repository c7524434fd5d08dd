package org.leanlintel.core.model;

/**
 * The resistances between surfaces and air by which U-values are worked out, m2K/W.
 *
 * @param outside Rse to outside air
 * @param insideWall Rsi, heat flowing level
 * @param insideUp Rsi, heat flowing up: roofs and ceilings
 * @param roofSpace of the unheated space over a ceiling
 * @param source standard and table
 */
public record HeatRule(
        ElementId id, double outside, double insideWall, double insideUp, double roofSpace, String source)
        implements Element.Sole {

    /** There is one, and this is its name. */
    public static final ElementId ID = new ElementId("heat-rule");

    public HeatRule {
        outside = resistance(outside);
        insideWall = resistance(insideWall);
        insideUp = resistance(insideUp);
        roofSpace = resistance(roofSpace);
        source = Checks.text("A source", source, 300);
    }

    private static double resistance(double value) {
        return Checks.number("A surface's resistance", value, 0, 5, "m²K/W");
    }
}
