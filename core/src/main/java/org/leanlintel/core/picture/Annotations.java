package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.WallPiece;

/** The strings and notes of a drawing. Where nothing they hold to moved, they are the same as before. */
final class Annotations {

    private final List<Element> elements;
    private final Map<ElementId, StringPainter> strings;
    private final List<Group> groups;
    private final List<Bounds> texts;
    private final List<Bounds> lines;

    private Annotations(
            List<Element> elements, Map<ElementId, StringPainter> strings, List<Group> groups, double scale) {
        this.elements = elements;
        this.strings = strings;
        this.groups = groups;
        texts = TakenBoxes.texts(groups, scale);
        lines = TakenBoxes.lines(groups);
    }

    static Annotations of(Building building, Look look, Lettering lettering) {
        return drawn(building, look, lettering, null);
    }

    /** The same of {@code next}, which follows {@code building}. */
    Annotations after(Building next, Building building, Look look, Lettering lettering) {
        boolean same = sameObjects(
                next.model().relations().annotationsOf(look.drawing().id()));
        return same && elements.stream().noneMatch(e -> isReached(e, next, building))
                ? this
                : drawn(next, look, lettering, this);
    }

    private boolean sameObjects(List<Element> now) {
        if (now.size() != elements.size()) return false;
        for (int i = 0; i < now.size(); i++) if (now.get(i) != elements.get(i)) return false;
        return true;
    }

    private static boolean isReached(Element element, Building next, Building was) {
        if (!(element instanceof DimensionString string)) return false;
        return string.holds().stream().anyMatch(hold -> switch (hold) {
            case Hold.AtPoint p -> false;
            case Hold.AtCorner c -> next.model().find(c.corner()) != was.model().find(c.corner());
            case Hold.OnFace f -> next.fitted().contains(f.wall());
            case Hold.OnPiece p ->
                next.model().find(p.piece()) != was.model().find(p.piece())
                        || next.model().find(p.piece()) instanceof WallPiece piece
                                && next.fitted().contains(piece.wall());
            case Hold.AtJamb j ->
                !(next.model().find(j.opening()) instanceof Opening o)
                        || next.fitted().contains(o.wall());
        });
    }

    private static Annotations drawn(Building building, Look look, Lettering lettering, @Nullable Annotations earlier) {
        List<Element> elements =
                building.model().relations().annotationsOf(look.drawing().id());
        Map<ElementId, StringPainter> strings = new HashMap<>();
        for (Element e : elements)
            if (e instanceof DimensionString s) strings.put(s.id(), new StringPainter(s, building, lettering, look));
        List<StringPainter> all = List.copyOf(strings.values());
        List<Group> groups = new ArrayList<>();
        Undrawn undrawn = new Undrawn(look, lettering);
        for (Element e : elements) {
            switch (e) {
                case DimensionString s -> {
                    StringPainter painter = strings.get(s.id());
                    painter.standClearOf(all);
                    StringPainter was = earlier == null ? null : earlier.strings.get(s.id());
                    groups.add(
                            undrawn.orMark(s.id(), s.layer(), "A dimension string", s.at(), () -> painter.paint(was)));
                }
                case Note n ->
                    groups.add(undrawn.orMark(n.id(), n.layer(), "A note", n.at(), () -> note(n, look, lettering)));
                default -> throw new IllegalStateException("Not an annotation: " + e.id());
            }
        }
        return new Annotations(
                elements, strings, List.copyOf(groups), look.drawing().scale());
    }

    private static Group note(Note n, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        NotePainter.paint(n, lettering, look.drawing().scale(), pens);
        return new Group(n.id(), n.layer(), pens.items(), List.of());
    }

    List<Group> groups() {
        return groups;
    }

    /** Boxes of their words. */
    List<Bounds> texts() {
        return texts;
    }

    /** Boxes of the stretches of their lines. */
    List<Bounds> lines() {
        return lines;
    }
}
