package org.leanlintel.core.edit.sound;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;

/** Which corners came to be cut whole in sentences. */
public final class CutWholeNews {

    private CutWholeNews() {}

    public static List<String> between(Model before, Model after) {
        return after.all(Corner.class).stream()
                .filter(c -> c.meeting() instanceof Meeting.Mitred)
                .filter(c ->
                        !(before.find(c.id()) instanceof Corner was) || !Objects.equals(was.meeting(), c.meeting()))
                .map(c -> "%s are cut whole where they meet, not joined ply by ply.".formatted(marks(after, c)))
                .toList();
    }

    private static String marks(Model model, Corner corner) {
        return model.relations().endsAt(corner.id()).stream()
                .map(r -> r.wall().mark())
                .sorted()
                .collect(Collectors.joining(", "));
    }
}
