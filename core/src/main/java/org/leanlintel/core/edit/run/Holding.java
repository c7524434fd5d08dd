package org.leanlintel.core.edit.run;

import java.util.HashSet;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.edit.gap.SetGap;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;

/**
 * Holds kept gaps. Where an edit moves a wall, what has a kept gap to it gives way by as much, and what has one to that
 * in turn, each wall once. Where a wall would have to give way that the edit moved itself, or twice, it is refused.
 */
public final class Holding {

    /**
     * What the edit comes to, and the walls that gave way to hold kept gaps.
     *
     * @param after the building after it, where that is worked out already
     */
    record Held(Outcome outcome, Set<ElementId> gaveWay, @Nullable Building after) {

        /** A refusal of what comes of giving way, with the reason for that. */
        Refusal inTheWay(Refusal refusal, Model model) {
            String marks = String.join(
                    ", ",
                    gaveWay.stream().map(w -> model.get(w, Wall.class).mark()).toList());
            return new Refusal(
                    "To hold a kept gap, %s must move too. Then: %s".formatted(marks, refusal.sentence()),
                    refusal.concerns());
        }
    }

    private final Building before;
    private final Steps steps;
    private final Set<ElementId> fixed = new HashSet<>();
    private final Set<ElementId> gaveWay = new TreeSet<>();
    private final LengthPrinter lengths;

    /** What the edit itself asked for, held like a kept gap; null where it did not. */
    private final @Nullable KeptGap asked;

    private Holding(Building before, Change change, @Nullable KeptGap asked) {
        this.before = before;
        this.asked = asked;
        steps = new Steps(before);
        steps.then(change);
        lengths = LengthPrinter.ofScreen(before.model().settings().units());
    }

    /** @param asked a gap the edit has to come to, besides those that are kept; null where there is none */
    static Held hold(Building before, Change change, @Nullable KeptGap asked) {
        boolean none = before.model().all(KeptGap.class).isEmpty()
                && change.after().stream().noneMatch(KeptGap.class::isInstance);
        if (none) return new Held(change, Set.of(), null);
        Building after = before.after(change, before.model().after(change));
        if (broken(after, asked) == null) return new Held(change, Set.of(), after);
        Holding holding = new Holding(before, change, asked);
        Refusal refusal = holding.hold();
        return new Held(refusal != null ? refusal : holding.steps.as(change.name()), holding.gaveWay, null);
    }

    private @Nullable Refusal hold() {
        fixMoved();
        for (KeptGap broken = broken(); broken != null; broken = broken()) {
            Refusal refusal = mend(broken);
            if (refusal != null) return refusal;
            fixMoved();
        }
        return null;
    }

    /** Walls whose lines lie elsewhere than before the edit are not moved again. */
    private void fixMoved() {
        for (ElementId id : steps.now().fitted()) {
            Strip was = before.strip(id), is = steps.now().strip(id);
            if (was != null && is != null && !sameLine(was, is)) fixed.add(id);
        }
    }

    private static boolean sameLine(Strip was, Strip is) {
        Line line = was.axis().chord();
        return isOn(line, is.axis().start()) && isOn(line, is.axis().end());
    }

    private static boolean isOn(Line line, Vec point) {
        return Math.abs(point.minus(line.through()).cross(line.direction())) <= Tolerance.SAME_MM;
    }

    private @Nullable KeptGap broken() {
        return broken(steps.now(), asked);
    }

    private static @Nullable KeptGap broken(Building now, @Nullable KeptGap asked) {
        for (KeptGap kept : now.model().all(KeptGap.class)) if (isBroken(kept, now)) return kept;
        return asked != null && isBroken(asked, now) ? asked : null;
    }

    private static boolean isBroken(KeptGap kept, Building now) {
        return Math.abs(lacks(kept, now)) > Tolerance.SAME_MM;
    }

    /** How much wider it would have to be; infinite where the walls no longer lie beside each other. */
    private static double lacks(KeptGap kept, Building building) {
        Gaps.Measured now = Gaps.of(building, kept.gap(), kept.faces());
        return now == null ? Double.POSITIVE_INFINITY : kept.clearMm() - now.clearMm();
    }

    private @Nullable Refusal mend(KeptGap kept) {
        ElementId wall = kept.gap().wall(), other = kept.gap().other();
        boolean wallHeld = fixed.contains(wall), otherHeld = fixed.contains(other);
        double lacks = lacks(kept, steps.now());
        if (!Double.isFinite(lacks)) return parted(kept);
        if (wallHeld && otherHeld) return kept == asked ? heldApart(kept, lacks) : pulled(kept, lacks);
        SetGap mending = new SetGap(kept.gap(), kept.faces(), kept.clearMm(), wallHeld);
        Refusal refusal = steps.then(mending.change(steps.now()));
        gaveWay.add(wallHeld ? other : wall);
        fixed.add(wallHeld ? other : wall);
        return refusal;
    }

    private Refusal parted(KeptGap kept) {
        return Refusal.because(
                "%s is kept between %s and %s, and they would no longer lie beside each other. Let that gap go first."
                        .formatted(
                                lengths.print(kept.clearMm()),
                                mark(kept.gap().wall()),
                                mark(kept.gap().other())),
                kept.gap().wall(),
                kept.gap().other());
    }

    private Refusal pulled(KeptGap kept, double lacks) {
        return Refusal.because(
                "%s is kept between %s and %s, and would become %s: neither can give way. Let that gap go first, or another that holds them."
                        .formatted(
                                lengths.print(kept.clearMm()),
                                mark(kept.gap().wall()),
                                mark(kept.gap().other()),
                                lengths.print(kept.clearMm() - lacks)),
                kept.gap().wall(),
                kept.gap().other());
    }

    private Refusal heldApart(KeptGap wanted, double lacks) {
        return Refusal.because(
                "%s and %s cannot come to %s: kept gaps hold them at %s. Let one of those go first."
                        .formatted(
                                mark(wanted.gap().wall()),
                                mark(wanted.gap().other()),
                                lengths.print(wanted.clearMm()),
                                lengths.print(wanted.clearMm() - lacks)),
                wanted.gap().wall(),
                wanted.gap().other());
    }

    private String mark(ElementId wall) {
        return steps.now().model().get(wall, Wall.class).mark();
    }
}
