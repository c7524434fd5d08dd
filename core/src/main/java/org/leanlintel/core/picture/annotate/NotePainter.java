package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Filled;
import org.leanlintel.core.note.Pointed;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Notes and names: their words, with fields filled, and the leaders to what they point at. */
final class NotePainter {

    /** A note that says them has a dot in each. */
    private static final String PLIES = "{plies}";

    private final Note note;
    private final Building building;
    private final LetterStyle style;
    private final Drawing drawing;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;
    private final Pointed pointed;
    private final List<NoteLines.Line> lines;

    NotePainter(Note note, Building building, Lettering lettering, Look look) {
        this.note = note;
        this.building = building;
        drawing = look.drawing();
        this.lettering = lettering;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
        pointed = Pointed.in(look.drawing(), building);
        style = building.model().get(note.style(), LetterStyle.class);
        lines = NoteLines.of(Filled.of(note, building).text(), note.widthMm(), style, lettering);
    }

    Group paint() {
        Align align = NoteLines.align(style);
        for (NoteLines.Line l : lines)
            pens.add(lettering.set(l.words(), at(l.right(), -l.down()), 0, l.heightMm(), align, l.strong()));
        leaders();
        return new Group(note.id(), note.layer(), pens.items(), List.of());
    }

    private Vec at(double right, double up) {
        return note.at().plus(new Vec(right, up).times(scale));
    }

    private void leaders() {
        List<Target> targets = note.leaders().targets();
        List<Vec> tips =
                targets.stream().map(pointed::at).filter(Objects::nonNull).toList();
        if (tips.isEmpty()) return;
        LeaderPainter painter = new LeaderPainter(note.leaders(), scale, pens);
        List<List<Vec>> ends = new ArrayList<>();
        for (Target t : targets) {
            Vec tip = pointed.at(t);
            List<Vec> plies = note.text().contains(PLIES) ? ThroughPlies.of(t, drawing, building) : List.of();
            if (plies.size() > 1) ends.add(plies);
            else if (tip != null) ends.add(List.of(tip));
        }
        Landing landing = Landing.of(
                Landing.rows(lines, this::box), tips.getFirst(), LeaderPainter.BESIDE_MM * scale, l -> ends.stream()
                        .map(end -> painter.way(l, end))
                        .toList());
        for (List<Vec> end : ends) painter.paint(landing, end);
        for (Target t : targets) if (t instanceof Target.Lost lost) painter.lost(lost.at());
    }

    private Bounds box(NoteLines.Line line) {
        double width = lettering.width(line.words(), line.heightMm(), line.strong());
        double from = style.centred() ? -width / 2 : line.right();
        return Bounds.of(List.of(at(from, -line.down()), at(from + width, line.heightMm() - line.down())));
    }
}
