package org.leanlintel.core.effect;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/** What else becomes different when an edit is made, in sentences: said before anything happens. */
public final class Effects {

    private static final int NAMED = 4;

    private final Building before;
    private final Building after;
    private final LengthPrinter lengths;

    private Effects(Building before, Building after) {
        this.before = before;
        this.after = after;
        lengths = LengthPrinter.ofScreen(after.model().settings().units());
    }

    /** @return nothing where nothing else changes */
    public static List<String> between(Building before, Building after) {
        Effects effects = new Effects(before, after);
        List<String> sentences = new ArrayList<>();
        boolean sameStoreys =
                before.model().all(Storey.class).equals(after.model().all(Storey.class));
        if (sameStoreys) effects.fitted(sentences);
        effects.moved(sentences);
        effects.strings(sentences);
        sentences.addAll(StoreyEffects.between(before, after));
        return sentences;
    }

    /** Walls that stay as they were drawn and made, but end or are interrupted elsewhere. */
    private void fitted(List<String> sentences) {
        List<String> marks = new ArrayList<>();
        for (Wall wall : after.model().all(Wall.class)) {
            Strip strip = after.strip(wall.id());
            boolean same = strip != null && strip == before.strip(wall.id());
            if (same && after.solid(wall.id()) != before.solid(wall.id())) marks.add(wall.mark());
        }
        if (!marks.isEmpty()) sentences.add("Fitted to them anew: %s.".formatted(list(marks, "wall")));
    }

    private void moved(List<String> sentences) {
        List<String> moves = new ArrayList<>();
        for (Opening opening : after.model().all(Opening.class)) {
            Vec was = middle(before, opening), is = middle(after, opening);
            if (was == null || is == null || Tolerance.same(was, is)) continue;
            moves.add("%s by %s".formatted(opening.mark(), lengths.print(was.distanceTo(is))));
        }
        if (!moves.isEmpty()) sentences.add("Moved along: %s.".formatted(list(moves, "opening")));
    }

    private static @Nullable Vec middle(Building building, Opening opening) {
        WallSolid solid = building.solid(opening.wall());
        PlacedOpening placed = solid == null ? null : solid.opening(opening.id());
        return solid == null || placed == null ? null : solid.strip().at((placed.from() + placed.to()) / 2, 0);
    }

    private void strings(List<String> sentences) {
        int changed = 0;
        for (DimensionString string : after.model().all(DimensionString.class)) {
            if (before.model().find(string.id()) != null
                    && !parts(before, string).equals(parts(after, string))) changed++;
        }
        if (changed == 1) sentences.add("1 dimension string shows other figures.");
        if (changed > 1) sentences.add("%d dimension strings show other figures.".formatted(changed));
    }

    /** As they are printed, so that what changes by less than the drawing shows does not count. */
    private List<Long> parts(Building building, DimensionString string) {
        LengthPrinter printed = FigureWords.of(string, building.model()).first();
        List<HeldPoints.Held> points = HeldPoints.along(string, building);
        List<Long> parts = new ArrayList<>();
        for (int i = 1; i < points.size(); i++) {
            double part = points.get(i).position() - points.get(i - 1).position();
            parts.add(Math.round(printed.rounded(part) / Tolerance.SAME_MM));
        }
        return parts;
    }

    private static String list(List<String> names, String noun) {
        String some = String.join(", ", names.subList(0, Math.min(NAMED, names.size())));
        return names.size() <= NAMED ? some : "%s and %d more %ss".formatted(some, names.size() - NAMED, noun);
    }
}
