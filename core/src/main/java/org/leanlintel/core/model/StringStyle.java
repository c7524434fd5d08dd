package org.leanlintel.core.model;

/**
 * How dimension strings are drawn.
 *
 * @param terminator where the line meets the line of what is measured (ISO 129-1, 5.5)
 * @param figures where they stand
 * @param ground whether figures stand on a ground of paper colour that covers what is under them
 * @param letterMm height of capitals on paper
 * @param metricStepMm what metric figures are rounded to
 * @param partsOfInch what feet and inches are rounded to: 16 for 1/16 in, 1 for whole inches
 */
public record StringStyle(
        ElementId id,
        String name,
        Terminator terminator,
        Extension extension,
        Figures figures,
        boolean ground,
        double letterMm,
        double metricStepMm,
        int partsOfInch,
        Says says)
        implements Element.Stock {

    public StringStyle {
        name = Checks.name("A string style's name", name);
        letterMm = Checks.between("The height of figures", letterMm, 1, 10);
        metricStepMm = Checks.between("What figures are rounded to", metricStepMm, 0.1, 100);
        if (partsOfInch < 1 || partsOfInch > 64)
            throw new Unusable("Inches are rounded to 1/64 at the finest, to whole inches at the coarsest.");
    }

    /** The same as another stock item. */
    public StringStyle called(ElementId otherId, String otherName) {
        return new StringStyle(
                otherId, otherName, terminator, extension, figures, ground, letterMm, metricStepMm, partsOfInch, says);
    }

    public enum Terminator {
        /** Oblique, as on building drawings. */
        STROKE,
        /** Filled. */
        ARROW,
        OPEN_ARROW,
        DOT,
        RING
    }

    /** How far the line from the string to what is measured runs. Lengths on paper. */
    public sealed interface Extension {}

    /** As far as a gap before it. */
    public record ToPoint(double gapMm) implements Extension {
        public ToPoint {
            gapMm = Checks.between("The gap of an extension line", gapMm, 0, 20);
        }
    }

    /** A length, wherever that is. */
    public record Fixed(double lengthMm) implements Extension {
        public Fixed {
            lengthMm = Checks.between("The length of an extension line", lengthMm, 0, 100);
        }
    }

    public enum Figures {
        ABOVE,
        IN_LINE
    }

    /** In which unit figures are. */
    public enum Says {
        /** In the project's. */
        PROJECT,
        METRIC,
        FEET_INCHES,
        /** In the project's, and in the other below. */
        BOTH
    }
}
