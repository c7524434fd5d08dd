package org.leanlintel.server.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Wall;
import org.leanlintel.server.api.Messages.GapAnswer;

/** Gaps of a wall as the board shows them. */
final class GapAnswers {

    /** Millimetres. Lengths that print alike are one. */
    private static final double SAME_MM = 0.5;

    private GapAnswers() {}

    static List<GapAnswer> of(Building building, @Nullable String wall, Gap.Faces faces) {
        if (wall == null) return List.of();
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        return Gaps.of(building, new ElementId(wall), faces).stream()
                .map(g -> new GapAnswer(
                        g.gap(),
                        g.clearMm(),
                        lengths.print(g.clearMm()),
                        g.from(),
                        g.to(),
                        kept(building.model(), g.gap(), faces)))
                .toList();
    }

    private static @Nullable ElementId kept(Model model, Gap gap, Gap.Faces faces) {
        for (KeptGap k : model.all(KeptGap.class))
            if (k.faces() == faces && k.isOf(gap.wall()) && k.isOf(gap.other())) return k.id();
        return null;
    }

    /** How long the finished face of the last wall a change puts is on its inside; null where that is its own length. */
    static @Nullable String clearLength(Change change, Building after) {
        if (change.after().isEmpty()
                || !(change.after().getLast() instanceof Wall wall)
                || !(after.solid(wall.id()) instanceof WallSolid solid)) return null;
        Span face = solid.face(wall.outside().other());
        double clear = face.to() - face.from();
        return Math.abs(clear - solid.strip().length()) < SAME_MM
                ? null
                : LengthPrinter.ofScreen(after.model().settings().units()).print(clear);
    }
}
