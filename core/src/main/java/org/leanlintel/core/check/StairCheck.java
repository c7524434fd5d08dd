package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.PlacedSteps;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.stair.StairJudgement.Figure;
import org.leanlintel.core.stair.StairJudgement.Unit;

/** Whether each stair keeps the rules: a finding for every one it breaks. */
final class StairCheck {

    private final Building building;
    private final Storey storey;
    private final LengthPrinter lengths;

    StairCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    List<Finding> findings(Stair stair) {
        List<Finding> findings = new ArrayList<>();
        try {
            BuiltStair built = BuiltStair.of(stair, building.model());
            for (Figure f : built.figures()) if (!f.holds()) findings.add(broken(built, f));
        } catch (Unusable cannot) {
            findings.add(finding(
                    stair, stair.at(), String.valueOf(cannot.getMessage()), "Change its flights or its going.", ""));
        }
        return findings;
    }

    /** Of steps before a door of the storey. */
    List<Finding> landing(ElementId steps) {
        for (PlacedSteps s : PlacedSteps.on(storey.id(), building))
            if (s.steps().id().equals(steps) && landing(s) instanceof Finding finding) return List.of(finding);
        return List.of();
    }

    /** A landing is as deep as the rules ask. */
    private @Nullable Finding landing(PlacedSteps placed) {
        Limit limit = BuiltStair.rules(building.model()).limit(What.LANDING_LEAST);
        if (limit == null || placed.steps().landingMm() >= limit.value() - 1e-6) return null;
        return new Finding(
                Finding.Kind.STAIR,
                "%s: its landing is %s deep, at least %s, %s."
                        .formatted(
                                placed.steps().mark(),
                                lengths.print(placed.steps().landingMm()),
                                lengths.print(limit.value()),
                                limit.source()),
                "Make it deeper.",
                List.of(placed.steps().id()),
                storey.id(),
                placed.at(),
                limit.cited());
    }

    private Finding broken(BuiltStair built, Figure f) {
        Limit limit = Objects.requireNonNull(f.broken());
        Stair stair = built.stair();
        String sentence =
                switch (limit.what()) {
                    case HANDRAIL_FROM_RISERS ->
                        "%s has no handrail; with so many risers it needs one, %s."
                                .formatted(stair.mark(), limit.source());
                    case HANDRAILS_BOTH_FROM_WIDTH ->
                        "%s has handrails at %s; as wide as it is it needs them at both sides, %s."
                                .formatted(stair.mark(), f.value() == 0 ? "no side" : "one side", limit.source());
                    default ->
                        "%s: %s is %s, %s %s, %s."
                                .formatted(
                                        stair.mark(),
                                        f.name().toLowerCase(Locale.ROOT),
                                        print(f.value(), f.unit()),
                                        f.isBelow() ? "at least" : "at most",
                                        print(limit.value(), f.unit()),
                                        limit.source());
                };
        Vec at = built.plan().outline().middle();
        return finding(stair, at, sentence, remedy(f), limit.cited());
    }

    private static String remedy(Figure f) {
        return switch (Objects.requireNonNull(f.broken()).what()) {
            case RISE_MOST, SPIRAL_RISE_MOST -> "Give it one riser more.";
            case RISE_LEAST -> "Give it one riser fewer.";
            case GOING_LEAST, SUM_LEAST, PITCH_MOST -> "Make its goings longer.";
            case GOING_MOST, SUM_MOST -> "Make its goings shorter.";
            case HEADROOM_LEAST, SPIRAL_HEADROOM_LEAST -> "Make the void above it longer, or have it found.";
            case RISERS_MOST, RISE_BETWEEN_LANDINGS_MOST -> "Part it by a landing.";
            case WIDTH_LEAST, LANDING_LEAST -> "Make it wider.";
            case WINDER_NARROW_LEAST, WINDER_GOING_LEAST ->
                "Let the winders come together further out, or use a landing.";
            case HANDRAIL_FROM_RISERS, HANDRAILS_BOTH_FROM_WIDTH -> "Say so among what it is made of.";
            case OPEN_LAP_LEAST, NOSING_LEAST -> "Let its treads come further forward.";
            default -> "Change it.";
        };
    }

    private Finding finding(Stair stair, Vec at, String sentence, String remedy, String source) {
        return new Finding(Finding.Kind.STAIR, sentence, remedy, List.of(stair.id()), storey.id(), at, source);
    }

    private String print(double value, Unit unit) {
        return switch (unit) {
            case MM -> lengths.print(value);
            case DEGREES -> String.format(Locale.ROOT, "%.1f\u00b0", value);
            case COUNT -> Long.toString(Math.round(value));
        };
    }
}
