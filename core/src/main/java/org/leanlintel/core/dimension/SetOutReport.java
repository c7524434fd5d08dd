package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What a set-out check finds.
 *
 * @param lines those that have to be found, each by the direction it is measured in
 * @param steps what lines are found by, step by step back to the datum
 * @param misread parts of strings that say what is not so
 * @param twice what strings say of the same distance and do not agree on
 * @param unjudged how many walls are curved, or otherwise not to be judged
 */
public record SetOutReport(List<Line> lines, List<Step> steps, List<Misread> misread, List<Twice> twice, int unjudged) {

    /** What a step says that is none. */
    public static final int DATUM = -1, NOT_FOUND = -2;

    /** Points are looked for in the two main ways. */
    private static final int MAIN_WAYS = 2;

    /** A line that has to be found. @param step the last step to it, or {@link #DATUM}, or {@link #NOT_FOUND} */
    public record Line(ElementId element, String words, Vec from, Vec to, int step) {

        public boolean isFound() {
            return step != NOT_FOUND;
        }
    }

    /** One number, or one thing known. @param by what tells it; @param before the step before it, or {@link #DATUM} */
    public record Step(String words, ElementId by, int before) {

        /** From one line of a wall to the next by its plies is one step. */
        private boolean isSame(Told.Link link) {
            return by.equals(link.by()) && words.equals(link.words());
        }
    }

    /** A part of a string that says another length than lies between what it is drawn to. */
    public record Misread(ElementId string, String said, String really, Vec at) {}

    /** A distance that two strings say differently. @param at in the middle of it, on the one's line */
    public record Twice(ElementId string, ElementId other, String said, String otherSaid, Vec at) {}

    public SetOutReport {
        lines = List.copyOf(lines);
        steps = List.copyOf(steps);
        misread = List.copyOf(misread);
        twice = List.copyOf(twice);
    }

    /** Whether everything can be found, and nothing is said wrongly or in two ways. */
    public boolean isClean() {
        return misread.isEmpty() && twice.isEmpty() && lines.stream().allMatch(Line::isFound);
    }

    /** The lines that nothing tells the place of. */
    public List<Line> lost() {
        return lines.stream().filter(l -> !l.isFound()).toList();
    }

    static SetOutReport of(List<Told> told, List<Misread> misread, List<Twice> twice, int unjudged) {
        List<Line> lines = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (Told t : told) {
            Map<Told.Link, Integer> known = new HashMap<>();
            for (int i = 0; i < t.lines().size(); i++) {
                PlanLine l = t.lines().get(i);
                if (!l.sought() || l.isPoint() && told.indexOf(t) >= MAIN_WAYS) continue;
                int step = t.isFound(i) ? step(t, t.foundBy(i), known, steps) : NOT_FOUND;
                lines.add(new Line(l.element(), l.words(), l.from(), l.to(), step));
            }
        }
        return new SetOutReport(lines, steps, misread, twice, unjudged);
    }

    private static int step(Told told, Told.@Nullable Link link, Map<Told.Link, Integer> known, List<Step> steps) {
        if (link == null) return DATUM;
        Integer there = known.get(link);
        if (there != null) return there;
        int before = step(told, told.foundBy(link.from()), known, steps);
        if (before >= 0 && steps.get(before).isSame(link)) {
            known.put(link, before);
            return before;
        }
        steps.add(new Step(link.words(), link.by(), before));
        known.put(link, steps.size() - 1);
        return steps.size() - 1;
    }
}
