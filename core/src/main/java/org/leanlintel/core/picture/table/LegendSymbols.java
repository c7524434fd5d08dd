package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.annotate.BreakLines;
import org.leanlintel.core.picture.annotate.CloudPainter;
import org.leanlintel.core.picture.annotate.ElevationMark;
import org.leanlintel.core.picture.annotate.GridPainter;
import org.leanlintel.core.picture.annotate.InteriorMark;
import org.leanlintel.core.picture.annotate.KeyMarkPainter;
import org.leanlintel.core.picture.annotate.OpeningMark;
import org.leanlintel.core.picture.annotate.PitchMarks;
import org.leanlintel.core.picture.annotate.SectionLinePainter;
import org.leanlintel.core.picture.annotate.SheetLinks;
import org.leanlintel.core.picture.annotate.SignPainter;
import org.leanlintel.core.picture.annotate.WallMark;
import org.leanlintel.core.picture.plan.FittingMark;
import org.leanlintel.core.picture.plan.FloorSpans;
import org.leanlintel.core.picture.plan.RoofPartPainter;
import org.leanlintel.core.picture.plan.SlopeArrow;
import org.leanlintel.core.picture.plan.WayUp;

/** The rows of a legend for marks, signs and lines, each drawn by what draws it elsewhere; of those that some drawing shows. */
final class LegendSymbols {

    /** On paper: a ring with a point; the walls of a room round their number; the frame of a part. */
    private static final double RING_MM = 16, ROUND_MM = 18.5, FRAME_MM = 6;

    /** On paper: the least radius of pipes. */
    private static final double PIPE_MM = 1.2;

    private static final Vec RIGHT = new Vec(1, 0), UP = new Vec(0, 1);
    private final Building building;
    private final Model model;
    private final LegendScope scope;
    private final double scale;
    private final Lettering lettering;
    private final List<LegendRow> rows = new ArrayList<>();

    private LegendSymbols(Building building, LegendScope scope, double scale, Lettering lettering) {
        this.building = building;
        model = building.model();
        this.scope = scope;
        this.scale = scale;
        this.lettering = lettering;
    }

    static List<LegendRow> of(Building building, LegendScope scope, double scale, Lettering lettering) {
        LegendSymbols of = new LegendSymbols(building, scope, scale, lettering);
        of.marks();
        of.leadingOn();
        of.levels();
        of.ways();
        of.lines();
        return of.rows;
    }

    private void row(boolean used, String words, LegendRow.Swatch swatch) {
        if (used) rows.add(new LegendRow(words, swatch));
    }

    /** The first of a kind that one of some drawings shows. */
    private <E extends Element> @Nullable E first(Class<E> kind, Predicate<Drawing> in, Predicate<E> which) {
        return model.all(kind).stream()
                .filter(which)
                .filter(e -> scope.shows(e, in))
                .findFirst()
                .orElse(null);
    }

    private <E extends Element> @Nullable E first(Class<E> kind, Predicate<Drawing> in) {
        return first(kind, in, e -> true);
    }

    private static boolean isPlan(Drawing drawing) {
        return drawing.kind() == Drawing.Kind.PLAN;
    }

    private static boolean isUpright(Drawing drawing) {
        return drawing.kind().isUpright();
    }

    private Predicate<Drawing> plans(Predicate<Lens> through) {
        return d -> isPlan(d) && through.test(model.get(d.lens(), Lens.class));
    }

    private Predicate<Drawing> plansWithMarks(Lens.MarkOf kind) {
        return plans(l -> l.marks().contains(kind));
    }

    /** What leads to schedules and lists. */
    private void marks() {
        if (first(Wall.class, plansWithMarks(Lens.MarkOf.BUILD_UPS)) instanceof Wall wall)
            row(true, "Wall build-up, by its schedule", (m, pens) -> wallMark(wall, m, pens));
        for (boolean window : new boolean[] {false, true})
            if (first(
                            Opening.class,
                            plansWithMarks(window ? Lens.MarkOf.WINDOWS : Lens.MarkOf.DOORS),
                            o -> o.kind() instanceof Opening.Window == window)
                    instanceof Opening o)
                row(
                        true,
                        window ? "Window, by its schedule" : "Door, by its schedule",
                        (m, pens) -> OpeningMark.paint(o.mark(), window, Lettering.NOTE_MM, m, scale, lettering, pens));
        if (first(Fitting.class, plansWithMarks(Lens.MarkOf.FITTINGS)) instanceof Fitting f)
            row(
                    true,
                    "Fitting, by its schedule",
                    (m, pens) -> FittingMark.paint(f.mark(), Lettering.NOTE_MM, m, scale, lettering, pens));
        row(
                first(KeyMark.class, d -> true) != null,
                "Keyed note, by its list",
                (m, pens) -> KeyMarkPainter.paint("1", m, scale, lettering, pens));
    }

    private void wallMark(Wall wall, Vec middle, Pens pens) {
        double drop = WallMark.BASE_MM + WallMark.WIDTH_MM / 2;
        Vec foot = middle.plus(new Vec(0, -drop / 2 * scale));
        String mark = model.get(wall.buildUp(), BuildUp.class).mark();
        WallMark.paint(mark, new WallMark.Place(foot, UP), scale, lettering, pens);
    }

    /** What leads to other drawings. */
    private void leadingOn() {
        if (first(SectionLine.class, LegendSymbols::isPlan) instanceof SectionLine line)
            row(true, "Section that way, and its sheet", (m, pens) -> {
                Vec at = m.along(RIGHT, -LegendRow.WIDE_MM / 2 * scale);
                pens.line(PenRole.LEVEL, at.along(UP, -4 * scale), at.along(UP, 4 * scale));
                SectionLinePainter.end(
                        at, RIGHT, line.mark(), number(SheetLinks.sheetOf(line.id(), model)), scale, lettering, pens);
            });
        if (first(Sign.class, d -> true, s -> s.says() == Sign.Says.ELEVATION) instanceof Sign sign)
            rows.add(new LegendRow(
                    "Elevation from here, and its sheet",
                    RING_MM,
                    (m, pens) -> ElevationMark.paint(sign, m, model, scale, pens, lettering)));
        if (seenFromInside() instanceof Drawing walls)
            rows.add(new LegendRow(
                    "Walls of a room from inside, and their sheet", ROUND_MM, (m, pens) -> new InteriorMark(
                                    building.get(new Unrolled.Of(walls.one())).views(),
                                    number(SheetLinks.sheetOf(walls.one(), model)))
                            .paint(m, scale, pens, lettering)));
        Predicate<Drawing> framing =
                d -> model.get(d.lens(), Lens.class).marks().contains(Lens.MarkOf.PART_PLANS);
        row(
                first(Drawing.class, framing, d -> d.frame() instanceof Drawing.Part) != null,
                "Part that is drawn larger",
                (m, pens) -> {
                    Vec half = new Vec(LegendRow.WIDE_MM / 2, FRAME_MM / 2).times(scale);
                    Vec other = new Vec(half.x(), -half.y());
                    pens.closed(PenRole.OVERHEAD, List.of(m.minus(half), m.plus(other), m.plus(half), m.minus(other)));
                });
    }

    /** The walls of a room that a plan says where to find. */
    private @Nullable Drawing seenFromInside() {
        for (Drawing d : model.all(Drawing.class))
            if (d.kind() == Drawing.Kind.INTERIOR && scope.shows(model.get(d.one(), Room.class), this::isWorkedIn))
                return d;
        return null;
    }

    /** Marks of the walls of rooms stand in these plans. */
    private boolean isWorkedIn(Drawing drawing) {
        return isPlan(drawing) && drawing.equals(Drawing.workingPlan(model, drawing.storey()));
    }

    private static String number(@Nullable Sheet sheet) {
        return sheet == null ? "" : sheet.number();
    }

    private boolean hasUpright() {
        return scope.drawings().stream().anyMatch(LegendSymbols::isUpright);
    }

    private void levels() {
        String zero = new LevelPrinter(model.settings().units(), Site.of(model).zeroMm()).print(0);
        row(
                hasUpright() || first(Sign.class, d -> true, s -> s.says() == Sign.Says.LEVEL) != null,
                "Level",
                (m, pens) -> SignPainter.level(m.plus(new Vec(-6, -2.5).times(scale)), zero, scale, lettering, pens));
        row(
                first(SpotLevel.class, plansWithMarks(Lens.MarkOf.SPOT_LEVELS)) != null,
                "Level of the ground (before the work)",
                (m, pens) -> SignPainter.cross(m, scale, pens));
        boolean inTwelve = first(
                        Roof.class,
                        LegendSymbols::isUpright,
                        r -> r.stays()
                                && r.usual().rises() instanceof Roof.Eaves e
                                && e.pitch().said() == Pitch.Said.IN_TWELVE)
                != null;
        row(
                inTwelve,
                "Pitch: rise in a run of 12",
                (m, pens) -> PitchMarks.triangle(
                        new Pitch(Pitch.Said.IN_TWELVE, 4),
                        m.plus(new Vec(1, -1).times(scale)),
                        RIGHT,
                        scale,
                        lettering,
                        pens));
    }

    private void ways() {
        Vec half = new Vec(LegendRow.WIDE_MM / 2 * scale, 0);
        row(
                first(Stair.class, LegendSymbols::isPlan) != null
                        || first(OutsideSteps.class, LegendSymbols::isPlan) != null,
                "Way up a stair, steps or a ramp",
                (m, pens) -> new WayUp(List.of(m.minus(half), m.plus(half)), scale, pens).paint());
        boolean spans = first(Floor.class, plans(Lens::floorSpans), f -> model.get(f.buildUp(), BuildUp.class)
                        .spans())
                != null;
        row(spans, "Way a floor spans", (m, pens) -> FloorSpans.arrow(m, RIGHT, LegendRow.WIDE_MM, scale, pens));
        row(
                first(Roof.class, plans(l -> l.roofs() == Lens.Roofs.FROM_ABOVE), Roof::stays) != null,
                "Way a roof falls",
                (m, pens) -> SlopeArrow.arrow(m.minus(half), m.plus(half), scale, pens));
        row(
                first(RoofPart.class, LegendSymbols::isPlan, p -> p.make() instanceof RoofPart.Downpipe) != null,
                "Downpipe",
                (m, pens) -> RoofPartPainter.downpipe(m, PIPE_MM * scale, pens));
        row(
                first(RoofPart.class, LegendSymbols::isPlan, p -> p.make() instanceof RoofPart.Outlet) != null,
                "Outlet of a flat roof",
                (m, pens) -> RoofPartPainter.outlet(m, PIPE_MM * scale, pens));
    }

    private void lines() {
        row(
                scope.draws(PenRole.OVERHEAD),
                "Over the cut, or hidden under the floor",
                (m, pens) -> line(PenRole.OVERHEAD, m, pens));
        row(scope.draws(PenRole.GROUND), "Ground, where it is cut", (m, pens) -> line(PenRole.GROUND, m, pens));
        row(scope.draws(PenRole.BOUNDARY), "Boundary of the plot", (m, pens) -> line(PenRole.BOUNDARY, m, pens));
        if (first(GridLine.class, d -> true) instanceof GridLine grid)
            row(true, "Grid line", (m, pens) -> GridPainter.bubble(grid.mark(), m, scale, lettering, pens));
        boolean broken = scope.frames().stream().anyMatch(f -> f instanceof Drawing.Part p && p.broken());
        row(broken, "The house goes on", (m, pens) -> {
            Vec half = new Vec(LegendRow.WIDE_MM / 2 * scale, 0);
            pens.line(PenRole.EDGE, BreakLines.edge(m.minus(half), m.plus(half), scale));
        });
        row(first(Cloud.class, d -> true) != null, "Changed since the issue before", (m, pens) -> {
            Vec half = new Vec(LegendRow.WIDE_MM / 2 - 1, FRAME_MM / 2 - 1).times(scale);
            Vec other = new Vec(half.x(), -half.y());
            CloudPainter.outline(List.of(m.minus(half), m.plus(other), m.plus(half), m.minus(other)), scale, pens);
        });
    }

    private void line(PenRole role, Vec middle, Pens pens) {
        Vec half = new Vec(LegendRow.WIDE_MM / 2 * scale, 0);
        pens.line(role, middle.minus(half), middle.plus(half));
    }
}
