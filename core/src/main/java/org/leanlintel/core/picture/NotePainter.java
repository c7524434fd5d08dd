package org.leanlintel.core.picture;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Note;

/** Notes and names, line by line. */
final class NotePainter {

    /** Base line to base line, in heights of capitals (ISO 3098-1: 15/10 of the lettering height, and a little air). */
    private static final double PITCH = 1.7;

    private NotePainter() {}

    static void paint(Note note, Lettering lettering, double scale, Pens pens) {
        boolean name = note.style() == Note.Style.NAME;
        String[] lines = note.text().split("\\R");
        for (int i = 0; i < lines.length; i++) {
            boolean strong = name && i == 0;
            double height = strong ? Lettering.NAME_MM : Lettering.NOTE_MM;
            double down = i * PITCH * Lettering.NOTE_MM + (strong ? 0 : name ? 0.8 : 0);
            Vec at = note.at().plus(new Vec(0, -down * scale));
            pens.add(lettering.set(
                    lines[i], at, 0, height, name ? Lettering.Align.CENTRE : Lettering.Align.LEFT, strong));
        }
    }
}
