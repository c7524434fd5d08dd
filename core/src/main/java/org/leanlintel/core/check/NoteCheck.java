package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Filled;

/** Notes that point at what is there no more, or ask for what cannot be said of what they point at. */
final class NoteCheck {

    private final Building building;
    private final ElementId storey;

    NoteCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
    }

    /** Told with the storey of its drawing. */
    List<Finding> findings(Note note) {
        Drawing drawing = building.model().get(note.drawing(), Drawing.class);
        List<Finding> findings = new ArrayList<>();
        if (!drawing.storey().equals(storey)) return findings;
        if (note.leaders().targets().stream().anyMatch(Target.Lost.class::isInstance))
            findings.add(finding(
                    note,
                    "A note of %s points at what was deleted: %s".formatted(drawing.name(), begins(note)),
                    "Take the leader away, or point it at something else."));
        List<String> unknown = Filled.of(note, building).unknown();
        if (!unknown.isEmpty())
            findings.add(finding(
                    note,
                    "A note of %s says %s, and nothing it points at has that."
                            .formatted(drawing.name(), String.join(" and ", unknown)),
                    "Point it at a thing that has it, or write the words out."));
        return findings;
    }

    private static String begins(Note note) {
        String line = note.text().lines().findFirst().orElse("");
        return "\"" + (line.length() > 40 ? line.substring(0, 40) + "\u2026" : line) + "\".";
    }

    private Finding finding(Note note, String sentence, String remedy) {
        return new Finding(Finding.Kind.NOTE, sentence, remedy, List.of(note.id()), storey, note.at(), "");
    }
}
