package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.PlyHatch;
import org.leanlintel.core.picture.annotate.GridPainter;
import org.leanlintel.core.picture.annotate.KeyMarkPainter;
import org.leanlintel.core.picture.annotate.OpeningMark;
import org.leanlintel.core.picture.annotate.WallMark;
import org.leanlintel.core.takeoff.Table.Column;

/**
 * What hatches, lines and marks stand for: of the materials that walls are made of, of what stands and goes, and of the marks that
 * plans show. What nothing uses is not in it.
 */
public final class Legend extends Painting {

    /** On paper. */
    private static final double ROW_MM = 9.5, SWATCH_WIDE_MM = 16, SWATCH_HIGH_MM = 6, WALL_MM = 3.5;

    private final Model model;
    private final double scale;
    private final Pens pens;
    private final TableFrame frame;
    private int rows;

    public Legend(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
        model = building.model();
        scale = drawing.scale();
        pens = new Pens(lens());
        frame = new TableFrame(drawing, lettering, List.of(new Column("", 24), new Column("Stands for", 76)));
    }

    private interface Swatch {
        /** @param middle of the row's first column */
        void paint(Vec middle);
    }

    @Override
    public Picture draw() {
        frame.head(pens);
        for (Material m : materials()) row(m.name(), middle -> material(m, middle));
        states();
        marks();
        frame.foot(pens, "Nothing is drawn yet.", rows == 0);
        return new Picture(scale, List.of(new Group(drawing.id(), drawing.id(), pens.items(), List.of())));
    }

    private void row(String words, Swatch swatch) {
        swatch.paint(frame.at(frame.width(0) / 2, frame.down() + ROW_MM / 2));
        frame.text(pens, words, 1, ROW_MM / 2 + TableFrame.LETTERS / 2, false);
        frame.next(pens, ROW_MM);
        rows++;
    }

    /** Those of the plies of walls, in the order they are met: what carries first. */
    private List<Material> materials() {
        Set<ElementId> buildUps = new LinkedHashSet<>();
        for (Wall w : model.all(Wall.class)) if (w.state() != WorkState.REMOVED) buildUps.add(w.buildUp());
        Set<Material> used = new LinkedHashSet<>();
        for (boolean carries : new boolean[] {true, false})
            for (ElementId b : buildUps)
                for (Ply p : model.get(b, BuildUp.class).plies())
                    if (p.does() != Does.AIR_GAP && (p.does() == Does.CARRIES) == carries)
                        used.add(model.get(p.material(), Material.class));
        return new ArrayList<>(used);
    }

    private List<Vec> rectangle(Vec middle, double wideMm, double highMm) {
        Vec one = new Vec(wideMm / 2, highMm / 2).times(scale), other = new Vec(wideMm / 2, -highMm / 2).times(scale);
        return List.of(middle.minus(one), middle.plus(other), middle.plus(one), middle.minus(other));
    }

    private void material(Material material, Vec middle) {
        List<Vec> ring = rectangle(middle, SWATCH_WIDE_MM, SWATCH_HIGH_MM);
        pens.fill(pens.tint(material), ring);
        PlyHatch hatch = new PlyHatch(material.hatch(), scale, pens);
        hatch.within(List.of(ring));
        hatch.between(ring.get(0), ring.get(1), ring.get(3).minus(ring.get(0)));
        pens.closed(PenRole.PLY, ring);
    }

    private void states() {
        List<WorkState> used =
                model.all(Wall.class).stream().map(Wall::state).distinct().toList();
        if (used.contains(WorkState.EXISTING))
            row("Wall that stands", m -> {
                List<Vec> ring = rectangle(m, SWATCH_WIDE_MM, WALL_MM);
                pens.fill(Inks.STANDING_TINT, ring);
                pens.closed(PenRole.EDGE, ring);
            });
        if (used.contains(WorkState.REMOVED))
            row("To be removed", m -> pens.closed(PenRole.REMOVED, rectangle(m, SWATCH_WIDE_MM, WALL_MM)));
    }

    private void marks() {
        if (show(Lens.MarkOf.BUILD_UPS)
                && model.all(Wall.class).stream().findFirst().isPresent())
            row("Wall build-up, by its schedule", m -> wallMark(m));
        for (Opening o : firsts())
            row(
                    o.kind() instanceof Opening.Window ? "Window, by its schedule" : "Door, by its schedule",
                    m -> OpeningMark.paint(
                            o.mark(),
                            o.kind() instanceof Opening.Window,
                            Lettering.NOTE_MM,
                            m,
                            scale,
                            lettering,
                            pens));
        if (!model.all(KeyMark.class).isEmpty())
            row("Keyed note, by its list", m -> KeyMarkPainter.paint("1", m, scale, lettering, pens));
        if (!model.all(BoundaryLine.class).isEmpty())
            row("Boundary of the plot", m -> {
                Vec half = new Vec(SWATCH_WIDE_MM / 2 * scale, 0);
                pens.line(PenRole.BOUNDARY, m.minus(half), m.plus(half));
            });
        if (!model.all(GridLine.class).isEmpty())
            row(
                    "Grid line",
                    m -> GridPainter.bubble(model.all(GridLine.class).getFirst().mark(), m, scale, lettering, pens));
    }

    private void wallMark(Vec middle) {
        Wall first = model.all(Wall.class).getFirst();
        double drop = WallMark.BASE_MM + WallMark.WIDTH_MM / 2;
        Vec foot = middle.plus(new Vec(0, -drop / 2 * scale));
        WallMark.paint(
                model.get(first.buildUp(), BuildUp.class).mark(),
                new WallMark.Place(foot, new Vec(0, 1)),
                scale,
                lettering,
                pens);
    }

    /** A door and a window, where plans show marks of such. */
    private List<Opening> firsts() {
        List<Opening> firsts = new ArrayList<>();
        for (boolean window : new boolean[] {false, true})
            if (show(window ? Lens.MarkOf.WINDOWS : Lens.MarkOf.DOORS))
                model.all(Opening.class).stream()
                        .filter(o -> o.kind() instanceof Opening.Window == window)
                        .findFirst()
                        .ifPresent(firsts::add);
        return firsts;
    }

    /** Whether some plan shows marks of a kind. */
    private boolean show(Lens.MarkOf kind) {
        return model.all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.PLAN)
                .anyMatch(d -> model.get(d.lens(), Lens.class).marks().contains(kind));
    }
}
