package org.leanlintel.core.edit.setting;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Wall;

/** What became of set-out lines, in sentences: those that lie on no face any more since the wall's plies are others. */
public final class SetOutNews {

    private SetOutNews() {}

    public static List<String> between(Model before, Model after) {
        List<String> marks = new ArrayList<>();
        String where = "";
        for (Wall wall : after.all(Wall.class)) {
            boolean off = wall.setOut() instanceof SetOut.OffStructure;
            if (!off
                    || !(before.find(wall.id()) instanceof Wall was)
                    || was.setOut().equals(wall.setOut())) continue;
            marks.add(wall.mark());
            where = where(wall, after);
        }
        if (marks.isEmpty()) return List.of();
        String which = marks.size() == 1 ? "of " + marks.getFirst() : "of %d walls".formatted(marks.size());
        return List.of("The set-out line %s lay on a face that its build-up does not have: it keeps its place, %s."
                .formatted(which, where));
    }

    /** The words of a place beside the structure. */
    private static String where(Wall wall, Model model) {
        BuildUp buildUp = model.get(wall.buildUp(), BuildUp.class);
        double off = wall.setOut().depthIn(buildUp) - buildUp.depthOfFace(buildUp.structureFrom());
        LengthPrinter lengths = LengthPrinter.ofScreen(model.settings().units());
        return off < 0
                ? lengths.print(-off) + " outside the structure"
                : lengths.print(off) + " inwards of the structure's outside";
    }
}
