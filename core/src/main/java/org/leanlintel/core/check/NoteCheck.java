package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Filled;

/** Notes that point at what is there no more, or ask for what cannot be said of what they point at. */
final class NoteCheck {

    private static final String UNFILLED = "___";

    private final Building building;
    private final ElementId storey;

    NoteCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
    }

    /** Told with the storey of its drawing. */
    List<Finding> findings(Pointing written) {
        Drawing drawing = building.model().get(written.drawing(), Drawing.class);
        if (!drawing.storey().equals(storey)) return List.of();
        return switch (written) {
            case Note n -> ofNote(n, drawing);
            case KeyMark m -> ofKeyMark(m, drawing);
        };
    }

    private List<Finding> ofKeyMark(KeyMark mark, Drawing drawing) {
        List<Finding> findings = new ArrayList<>();
        Clause clause = building.model().get(mark.clause(), Clause.class);
        String words = clause.filled(mark.fills());
        if (loses(mark))
            findings.add(finding(
                    mark,
                    "A keyed note of %s points at what was deleted: %s".formatted(drawing.name(), begins(words)),
                    "Take the leader away, or point it at something else."));
        if (words.contains(UNFILLED))
            findings.add(finding(
                    mark,
                    "A keyed note of %s has a blank that nothing fills: %s".formatted(drawing.name(), begins(words)),
                    "Fill it in the facts of the note."));
        return findings;
    }

    private static boolean loses(Pointing written) {
        return written.leaders().targets().stream().anyMatch(Target.Lost.class::isInstance);
    }

    private List<Finding> ofNote(Note note, Drawing drawing) {
        List<Finding> findings = new ArrayList<>();
        if (loses(note))
            findings.add(finding(
                    note,
                    "A note of %s points at what was deleted: %s".formatted(drawing.name(), begins(note.text())),
                    "Take the leader away, or point it at something else."));
        List<String> unknown = Filled.of(note, building).unknown();
        if (!unknown.isEmpty())
            findings.add(finding(
                    note,
                    "A note of %s says %s, and neither what it points at nor the project has that."
                            .formatted(drawing.name(), String.join(" and ", unknown)),
                    "Point it at a thing that has it, or write the words out."));
        return findings;
    }

    private static String begins(String text) {
        String line = text.lines().findFirst().orElse("");
        return "\"" + (line.length() > 40 ? line.substring(0, 40) + "\u2026" : line) + "\".";
    }

    private Finding finding(Pointing note, String sentence, String remedy) {
        return new Finding(Finding.Kind.NOTE, sentence, remedy, List.of(note.id()), storey, note.at(), "");
    }
}
