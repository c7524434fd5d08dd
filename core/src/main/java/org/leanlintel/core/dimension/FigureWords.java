package org.leanlintel.core.dimension;

import java.util.List;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.StringStyle;

/**
 * How the figures of a string are printed.
 *
 * @param lengths the unit and step they are in; where there are two, the second stands below the first
 */
public record FigureWords(List<LengthPrinter> lengths) {

    public FigureWords {
        lengths = List.copyOf(lengths);
    }

    public static FigureWords of(DimensionString string, Model model) {
        return of(string.style(model), model.settings().units());
    }

    /** @param project the unit of the project */
    public static FigureWords of(StringStyle style, UnitSystem project) {
        LengthPrinter metric = new LengthPrinter(UnitSystem.METRIC, style.metricStepMm());
        LengthPrinter inches = new LengthPrinter(UnitSystem.FEET_INCHES, UnitSystem.MM_PER_INCH / style.partsOfInch());
        boolean isMetric = project == UnitSystem.METRIC;
        return new FigureWords(
                switch (style.says()) {
                    case PROJECT -> List.of(isMetric ? metric : inches);
                    case METRIC -> List.of(metric);
                    case FEET_INCHES -> List.of(inches);
                    case BOTH -> isMetric ? List.of(metric, inches) : List.of(inches, metric);
                });
    }

    /** Those that tell a builder where things are. */
    public LengthPrinter first() {
        return lengths.getFirst();
    }
}
