package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/**
 * The plan of a storey: a level cut through its walls, each opening's symbol, and the drawing's own strings and notes. A
 * plan made from an earlier one keeps the groups of walls that did not change.
 */
public final class Plan {

    private final Picture picture;
    private final Look look;
    private final Map<ElementId, Drawn> drawn;

    /** What decides how walls look besides the walls themselves. */
    private record Look(Drawing drawing, Lens lens, double cutMm) {}

    /** The groups of one wall and its openings, with the solid they were drawn from. */
    private record Drawn(WallSolid solid, List<Group> groups) {}

    private Plan(Picture picture, Look look, Map<ElementId, Drawn> drawn) {
        this.picture = picture;
        this.look = look;
        this.drawn = drawn;
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static Plan of(Building building, ElementId drawing, Lettering lettering) {
        return draw(building, drawing, lettering, null);
    }

    /** The same drawing of {@code building}, which was made from this plan's. */
    public Plan after(Building building, Lettering lettering) {
        return draw(building, look.drawing.id(), lettering, this);
    }

    public Picture picture() {
        return picture;
    }

    private static Plan draw(Building building, ElementId id, Lettering lettering, @Nullable Plan earlier) {
        Drawing drawing = building.model().get(id, Drawing.class);
        Lens lens = building.model().get(drawing.lens(), Lens.class);
        Storey storey = building.model().get(drawing.storey(), Storey.class);
        Look look = new Look(
                drawing, lens, storey.levelMm() + building.model().settings().cutHeightMm());
        Map<ElementId, Drawn> known = earlier != null && earlier.look.equals(look) ? earlier.drawn : Map.of();
        Map<ElementId, Drawn> drawn = new HashMap<>();
        List<Group> groups = new ArrayList<>();
        DrawnPlies plies = new DrawnPlies(lens.thinnestPlyMm() * drawing.scale());
        for (WallSolid solid : building.solidsOf(storey.id())) {
            Drawn was = known.get(solid.strip().wall().id());
            Drawn now = was != null && was.solid == solid ? was : new Drawn(solid, groups(solid, look, plies));
            drawn.put(solid.strip().wall().id(), now);
            groups.addAll(now.groups);
        }
        groups.addAll(annotations(building, look, lettering));
        return new Plan(new Picture(drawing.scale(), shown(groups, lens)), look, drawn);
    }

    private static List<Group> shown(List<Group> groups, Lens lens) {
        if (lens.hiddenLayers().isEmpty()) return groups;
        Set<ElementId> hidden = Set.copyOf(lens.hiddenLayers());
        return groups.stream().filter(g -> !hidden.contains(g.layer())).toList();
    }

    private static List<Group> groups(WallSolid solid, Look look, DrawnPlies plies) {
        List<Group> groups = new ArrayList<>();
        Wall wall = solid.strip().wall();
        Pens pens = new Pens(look.lens);
        if (solid.isCutAt(look.cutMm)) {
            new WallPainter(solid, solid.bandAt(look.cutMm), plies, look.drawing.scale(), pens).paint();
        }
        groups.add(new Group(wall.id(), wall.layer(), pens.items(), Catches.of(solid)));
        for (PlacedOpening placed : solid.openings()) {
            Pens symbol = new Pens(look.lens);
            new OpeningPainter(solid, placed, look.cutMm, symbol).paint();
            groups.add(new Group(
                    placed.opening().id(), placed.opening().layer(), symbol.items(), Catches.of(solid, placed)));
        }
        return groups;
    }

    private static List<Group> annotations(Building building, Look look, Lettering lettering) {
        List<Group> groups = new ArrayList<>();
        List<StringPainter> strings = new ArrayList<>();
        for (Element e : building.model().relations().annotationsOf(look.drawing.id())) {
            switch (e) {
                case DimensionString s ->
                    strings.add(new StringPainter(s, building, lettering, look.drawing.scale(), new Pens(look.lens)));
                case Note n -> {
                    Pens pens = new Pens(look.lens);
                    NotePainter.paint(n, lettering, look.drawing.scale(), pens);
                    groups.add(new Group(n.id(), n.layer(), pens.items(), List.of()));
                }
                default -> throw new IllegalStateException("Not an annotation: " + e.id());
            }
        }
        for (StringPainter string : strings) {
            string.standClearOf(strings);
            groups.add(string.paint());
        }
        return groups;
    }
}
