package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LengthReader;
import org.leanlintel.core.measure.LengthReading;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.OwnPart;

/** Figures typed in place of what is measured that say another number. Words that are no length are the drafter's own. */
public final class TypedFigures {

    /** "900", "900 min", "max 1200". */
    private static final Pattern BOUND =
            Pattern.compile("(?i)(?<before>min|max)?\\.?\\s*(?<number>.+?)\\s*(?<after>min|max)?\\.?");

    /** @param says what was typed; @param measured what it would say */
    public record Contradiction(String says, String measured) {}

    private TypedFigures() {}

    public static List<Contradiction> of(DimensionString string, Building building) {
        List<Contradiction> found = new ArrayList<>();
        OwnParts own = new OwnParts(string, building);
        LengthPrinter lengths = FigureWords.of(string, building.model()).first();
        for (StringParts.Part part : StringParts.of(HeldPoints.along(string, building), string.direction(), lengths)) {
            OwnPart.Figure figure = own.figure(part.from(), part.to());
            if (figure != null && contradicts(figure.says(), part.saidMm(), lengths))
                found.add(new Contradiction(figure.says(), lengths.print(part.saidMm())));
        }
        return found;
    }

    private static boolean contradicts(String says, double saidMm, LengthPrinter lengths) {
        Matcher bound = BOUND.matcher(says.strip());
        if (!bound.matches()) return false;
        String which = bound.group("before") != null ? bound.group("before") : bound.group("after");
        LengthReading reading = LengthReader.read(bound.group("number"), lengths.units());
        double off =
                switch (reading) {
                    case LengthReading.Read r -> saidMm - r.mm();
                    case LengthReading.Asks a ->
                        Math.abs(saidMm - a.firstMm()) < Math.abs(saidMm - a.secondMm())
                                ? saidMm - a.firstMm()
                                : saidMm - a.secondMm();
                    case LengthReading.Unreadable u -> 0;
                };
        double slack = lengths.stepMm() / 2;
        if (which == null) return Math.abs(off) > slack;
        return which.equalsIgnoreCase("min") ? off < -slack : off > slack;
    }
}
