package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InFrame;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Region;

/** The drawings of the house on one sheet, by their pictures as they stand there. */
final class LegendOfSheet implements LegendScope {

    private final List<Drawing> drawings = new ArrayList<>();
    private final List<Drawing.Frame> frames = new ArrayList<>();
    private final Map<Drawing, Set<ElementId>> shown = new HashMap<>();
    private final Map<ElementId, Set<String>> tints = new HashMap<>();
    private final Set<PenRole> lines = EnumSet.noneOf(PenRole.class);

    LegendOfSheet(Sheet sheet, Model model, Function<ElementId, Picture> pictures) {
        for (Sheet.Placed p : sheet.drawings()) {
            Drawing drawing = model.get(p.drawing(), Drawing.class);
            if (drawing.kind().isSchedule()) continue;
            drawings.add(drawing);
            frames.add(drawing.frame());
            frames.add(p.crop());
            Set<ElementId> here = new HashSet<>();
            InFrame crop = p.crop() instanceof Drawing.Part part ? new InFrame(Region.within(part.ring())) : null;
            for (Group g : pictures.apply(drawing.id()).groups())
                if ((crop == null ? g : crop.of(g)) instanceof Group left) see(left, drawing, here);
            shown.put(drawing, here);
        }
    }

    private void see(Group group, Drawing drawing, Set<ElementId> here) {
        boolean isCut = drawing.kind() == Drawing.Kind.PLAN || drawing.kind() == Drawing.Kind.SECTION;
        for (Item item : group.items()) {
            if (!item.prints()) continue;
            here.add(group.element());
            if (item instanceof Item.Strokes s) lines.add(s.role());
            if (item instanceof Item.Fill f && isCut)
                tints.computeIfAbsent(group.element(), e -> new HashSet<>()).add(f.tint());
        }
    }

    @Override
    public String empty() {
        return "No drawing of the house stands with it.";
    }

    @Override
    public List<Drawing> drawings() {
        return drawings;
    }

    @Override
    public List<Drawing.Frame> frames() {
        return frames;
    }

    /** What a drawing draws in its own name is no mark of it. */
    @Override
    public boolean shows(Element element, Predicate<Drawing> which) {
        return shown.entrySet().stream()
                .anyMatch(in -> !in.getKey().id().equals(element.id())
                        && in.getValue().contains(element.id())
                        && which.test(in.getKey()));
    }

    @Override
    public boolean draws(PenRole role) {
        return lines.contains(role);
    }

    @Override
    public boolean fills(ElementId element, String tint) {
        return tints.getOrDefault(element, Set.of()).contains(tint);
    }
}
