package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Picture;

/** What came, went, moved or changed of the things that a sheet shows, in words; alike ones are counted. */
final class ElementWords {

    /** On paper: what is as large as it was to this counts as moved, and what moved by less as changed. */
    private static final double SAME_MM = 0.02;

    private final Model before;
    private final Model after;
    private final LengthPrinter lengths;
    private final Map<String, Integer> said = new LinkedHashMap<>();
    private final Set<ElementId> told = new HashSet<>();

    ElementWords(Model before, Model after) {
        this.before = before;
        this.after = after;
        lengths = LengthPrinter.ofScreen(after.settings().units());
    }

    /** @param was null where it came; @param scale of its drawing */
    void note(@Nullable Group was, Group is, double scale) {
        Element element = after.find(is.element());
        if (element == null || element instanceof Drawing || !told.add(is.element())) return;
        String name = Naming.of(element);
        boolean isNew = before.find(is.element()) == null;
        if (was == null) say(name + (isNew ? " came" : " shows now"));
        else say(name + moved(was, is, scale));
    }

    void gone(Group was) {
        Element element = before.find(was.element());
        if (element == null || element instanceof Drawing || !told.add(was.element())) return;
        say(Naming.of(element) + (after.find(was.element()) == null ? " went" : " shows no more"));
    }

    private void say(String words) {
        said.merge(words, 1, Integer::sum);
    }

    private String moved(Group was, Group is, double scale) {
        Bounds one = Extent.of(new Picture(1, List.of(was))), other = Extent.of(new Picture(1, List.of(is)));
        if (one == null || other == null) return " changed";
        Vec by = other.centre().minus(one.centre());
        boolean alike = Math.abs(one.width() - other.width()) < SAME_MM
                && Math.abs(one.height() - other.height()) < SAME_MM
                && was.items().size() == is.items().size();
        if (!alike || by.length() < SAME_MM) return " changed";
        boolean across = Math.abs(by.x()) >= Math.abs(by.y());
        String way = across ? by.x() > 0 ? "to the right" : "to the left" : by.y() > 0 ? "up" : "down";
        return " moved %s %s on the page".formatted(lengths.print(by.length() * scale), way);
    }

    List<String> sentences() {
        List<String> sentences = new ArrayList<>();
        said.forEach((words, count) ->
                sentences.add(capital(count == 1 ? words : "%d times: %s".formatted(count, words)) + "."));
        return sentences;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
