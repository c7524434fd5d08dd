package org.leanlintel.server.api;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.stair.StairJudgement.Figure;
import org.leanlintel.core.stair.StairJudgement.Unit;
import org.leanlintel.server.api.Messages.FigureAnswer;
import org.leanlintel.server.api.Messages.StairAnswer;

/** Figures of a stair as the board shows them. */
final class StairAnswers {

    private StairAnswers() {}

    static StairAnswer of(Stair stair, Model model) {
        LengthPrinter lengths = LengthPrinter.ofScreen(model.settings().units());
        LengthPrinter drawn = LengthPrinter.ofDrawings(model.settings().units());
        try {
            BuiltStair built = BuiltStair.of(stair, model);
            double rise = built.heights().riseMm(), riser = built.plan().sum().riserMm();
            int risers = built.plan().sum().risers();
            double over = drawn.rounded(riser) * risers - rise;
            String adds = Math.abs(over) < drawn.stepMm() / 2
                    ? ""
                    : "%d x %s is %s %s"
                            .formatted(
                                    risers,
                                    drawn.print(riser),
                                    drawn.print(Math.abs(over)),
                                    over > 0 ? "too much" : "too little");
            return new StairAnswer(
                    null,
                    built.rules().name(),
                    lengths.print(rise),
                    risers,
                    built.plan().sum().goingMm(),
                    adds,
                    built.figures().stream().map(f -> answer(f, lengths)).toList());
        } catch (Unusable cannot) {
            return new StairAnswer(
                    String.valueOf(cannot.getMessage()), BuiltStair.rules(model).name(), "", 0, 0, "", List.of());
        }
    }

    private static FigureAnswer answer(Figure f, LengthPrinter lengths) {
        Limit source = f.broken() != null ? f.broken() : f.most() != null ? f.most() : f.least();
        return new FigureAnswer(
                f.name(),
                print(f.value(), f.unit(), lengths),
                asked(f.least(), f.most(), f.unit(), lengths),
                source == null ? "" : source.cited(),
                f.holds());
    }

    private static String asked(@Nullable Limit least, @Nullable Limit most, Unit unit, LengthPrinter lengths) {
        if (least == null) return most == null ? "" : "at most " + print(most.value(), unit, lengths);
        String from = print(least.value(), unit, lengths);
        return most == null ? "at least " + from : from + " to " + print(most.value(), unit, lengths);
    }

    private static String print(double value, Unit unit, LengthPrinter lengths) {
        return switch (unit) {
            case MM -> lengths.print(value);
            case DEGREES -> String.format(Locale.ROOT, "%.1f\u00b0", value);
            case COUNT -> Long.toString(Math.round(value));
        };
    }
}
