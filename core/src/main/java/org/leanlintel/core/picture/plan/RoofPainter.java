package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.Coping;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.building.roof.SaddleShape;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.RoofShape.Face;
import org.leanlintel.core.roof.RoofShape.Line;

/** Roofs in plan: their outlines overhead, or their faces from above, with falls, pitches and levels. */
final class RoofPainter {

    /** On paper: letters, an arrow, how far words stand off, the least face and line that have words. */
    private static final double LETTERS_MM = 1.8, ARROW_MM = 12, OFF_MM = 1, FACE_MM = 14, LINE_MM = 22;

    /** How far along a line its words stand, as they are read, as a part of it: clear of section lines, which pass the middle. */
    private static final double ALONG = 0.8;

    /** How near to the outline a line lies that is part of it. */
    private static final double ON_OUTLINE_MM = 2;

    private final JoinedRoof joined;
    private final BuiltRoof built;
    private final Look look;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;

    private RoofPainter(JoinedRoof joined, Look look, Lettering lettering) {
        this.joined = joined;
        built = joined.built();
        this.look = look;
        this.lettering = lettering;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
    }

    /** Whether a plan shows a roof at all. */
    static boolean shows(Roof roof, Look look) {
        return switch (look.lens().roofs()) {
            case NONE -> false;
            case OVERHEAD -> roof.storey().equals(look.storey());
            case FROM_ABOVE -> true;
        };
    }

    static Group of(JoinedRoof joined, Look look, Lettering lettering, Building building) {
        RoofPainter painter = new RoofPainter(joined, look, lettering);
        if (look.lens().roofs() == Lens.Roofs.OVERHEAD) painter.overhead(building);
        else painter.fromAbove(hidden(joined, building), painter.hiddenAtEaves(building), painter.parts(building));
        Roof roof = painter.built.roof();
        return new Group(roof.id(), roof.layer(), painter.pens.items(), painter.catches());
    }

    /** What roofs that lie over this one hide of it, besides those it joins. */
    private static Area hidden(JoinedRoof joined, Building building) {
        List<Area> over = new ArrayList<>(List.of(joined.given()));
        for (Roof other : building.model().all(Roof.class))
            if (!other.id().equals(joined.built().roof().id())
                    && building.get(new JoinedRoof.Of(other.id())) instanceof JoinedRoof o
                    && o.built().lowestEavesMm() > joined.built().ridgeMm())
                over.add(o.built().covered());
        return Area.union(over);
    }

    /** With what runs along its edge. */
    private static Area beside(Area hidden) {
        return hidden.isEmpty() ? hidden : hidden.grown(ON_OUTLINE_MM);
    }

    /** Where other roofs stand over this one's eaves, beside its outline too. */
    private Area hiddenAtEaves(Building building) {
        List<Area> over = new ArrayList<>();
        double eaves = built.lowestEavesMm();
        for (Roof other : building.model().all(Roof.class))
            if (!other.id().equals(built.roof().id())
                    && building.get(new JoinedRoof.Of(other.id())) instanceof JoinedRoof o)
                for (Face f : o.faces()) over.add(f.plan().over(f.plane().raised(-eaves)));
        if (!joined.given().isEmpty())
            over.add(joined.given().grown(built.roof().trim().gutterMm()));
        return Area.union(over);
    }

    /** What goes through it and the marks over that: arrows stand clear of these. */
    private Area parts(Building building) {
        List<Area> taken = new ArrayList<>();
        for (RoofPart p : building.model().all(RoofPart.class))
            if (p.roof().equals(built.roof().id())
                    && !p.drains()
                    && building.get(new PlacedRoofPart.Of(p.id())) instanceof PlacedRoofPart placed) {
                List<Vec> all = new ArrayList<>(placed.plan());
                if (placed.saddle() instanceof SaddleShape saddle)
                    saddle.lines().forEach(all::addAll);
                Bounds b = Bounds.of(all).grown(OFF_MM * scale);
                double high = b.height() + (LETTERS_MM + OFF_MM) * scale;
                taken.add(Area.rectangle(b.minX(), b.minY(), b.width(), high));
            }
        return taken.isEmpty() ? Area.NONE : Area.union(taken);
    }

    /** The walls that it stands on, dashed. */
    private void below() {
        for (PlateEdge e : built.plate())
            if (e.structureMm() > 0 && e.parapet() == null) pens.line(PenRole.OVERHEAD, e.from(), e.to());
    }

    private void overhead(Building building) {
        for (List<Vec> line : joined.given().outside(built.covered().rings())) pens.line(PenRole.OVERHEAD, line);
        if (built.roof().under() instanceof Roof.ItsUnderside
                && building.model().find(Rules.ID, Rules.class) instanceof Rules rules) headroom(building, rules);
    }

    /** In rooms that the roof itself closes, the lines from which floor counts, with that height. */
    private void headroom(Building building, Rules rules) {
        double height = rules.headroom().countsMm();
        String words = LengthPrinter.ofDrawings(look.units()).print(height) + " high";
        for (Room room : building.model().all(Room.class)) {
            if (!room.storey().equals(built.roof().storey())) continue;
            for (List<Vec> line : building.get(new UnderSlopes.Of(room.id())).at(height)) {
                pens.line(PenRole.OVERHEAD, line);
                Vec from = line.getFirst(), to = line.getLast();
                if (from.distanceTo(to) < LINE_MM * scale) continue;
                double angle = Math.IEEEremainder(to.minus(from).angle(), Math.PI);
                Vec at = from.plus(to.minus(from).times(0.25))
                        .along(Vec.ofAngle(angle).left(), OFF_MM * scale);
                said(lettering.set(words, at, angle, LETTERS_MM, Align.CENTRE, false));
            }
        }
    }

    private void fromAbove(Area hidden, Area hiddenAtEaves, Area parts) {
        List<List<Vec>> lines = new ArrayList<>(built.covered().rings());
        for (Line l : joined.shape().lines()) if (!isOnOutline(l)) lines.add(List.of(l.from(), l.to()));
        beside(hidden).outside(lines).forEach(l -> pens.line(PenRole.ROOF, l));
        if (!joined.given().isEmpty())
            built.covered()
                    .grown(-ON_OUTLINE_MM)
                    .inside(joined.given().rings())
                    .forEach(l -> pens.line(PenRole.ROOF, l));
        gutters(hiddenAtEaves);
        for (Coping c : Coping.of(built)) hidden.outside(c.area().rings()).forEach(l -> pens.line(PenRole.ROOF, l));
        below();
        for (Face f : joined.faces()) {
            f.plan().minus(hidden).minus(parts).parts().stream()
                    .max(Comparator.comparingDouble(Area::mm2))
                    .ifPresent(seen -> fall(f, seen));
        }
        for (Line l : joined.shape().lines())
            if (l.kind() == RoofShape.Kind.RIDGE && !hidden.covers(middle(l))) ridge(l);
        eavesLevels(hidden);
    }

    private boolean isOnOutline(Line l) {
        if (l.kind() != RoofShape.Kind.VERGE && l.kind() != RoofShape.Kind.HEAD) return false;
        Vec middle = middle(l);
        for (RoofEdge e : built.eaves())
            if (Math.abs(e.inwards().dot(middle.minus(e.from()))) < ON_OUTLINE_MM) return true;
        return false;
    }

    private static Vec middle(Line l) {
        return l.from().plus(l.to()).times(0.5);
    }

    private void gutters(Area hidden) {
        double wide = built.roof().trim().gutterMm();
        if (wide == 0) return;
        List<List<Vec>> lines = new ArrayList<>();
        for (int i = 0; i < built.eaves().size(); i++) {
            PlateEdge plate = built.plate(i);
            if (plate == null || !plate.isEaves()) continue;
            RoofEdge e = built.eaves().get(i);
            Vec out = e.inwards().times(-wide);
            lines.add(List.of(e.from(), e.from().plus(out), e.to().plus(out), e.to()));
        }
        hidden.outside(lines).forEach(l -> pens.line(PenRole.EDGE, l));
    }

    /** An arrow downhill in the middle of a face, with its pitch. */
    private void fall(Face f, Area seen) {
        new SlopeArrow(ARROW_MM, FACE_MM, scale, lettering, pens)
                .paint(seen, f.plane().slope().unit().times(-1), words(f));
    }

    private String words(Face f) {
        Pitch pitch = built.pitch(f);
        return pitch == null ? "" : pitch.words();
    }

    private void ridge(Line l) {
        if (l.from().distanceTo(l.to()) < LINE_MM * scale) return;
        along(l.from(), l.to(), new Vec(0, 1), "ridge " + look.levels().print(top(l.fromMm(), l.edge())));
    }

    /** The covering's top over the rafters of the face of an edge. */
    private double top(double rafterMm, int edge) {
        for (Face f : joined.shape().faces())
            if (f.edge() == edge)
                return rafterMm + f.plane().upright(built.buildUp().depthToStructure());
        return rafterMm;
    }

    private void eavesLevels(Area hidden) {
        for (int i = 0; i < built.eaves().size(); i++) {
            RoofEdge e = built.eaves().get(i);
            if (!(built.plate(i) instanceof PlateEdge plate)) continue;
            if (plate.parapet() instanceof Roof.Parapet p)
                level(
                        plate.from(),
                        plate.to(),
                        plate.inwards().times(-OFF_MM * scale),
                        "parapet " + look.levels().print(built.parapetMm(plate, p) + p.copingMm()),
                        hidden);
            else if (plate.isEaves())
                level(
                        e.from(),
                        e.to(),
                        e.inwards().times(-(built.roof().trim().gutterMm() + OFF_MM * scale)),
                        "eaves " + look.levels().print(built.eavesMm(i)),
                        hidden);
        }
    }

    /** Beside a side that is long enough for it, and seen. */
    private void level(Vec from, Vec to, Vec off, String words, Area hidden) {
        boolean said = from.distanceTo(to) > 2 * LINE_MM * scale
                && !hidden.covers(from.plus(to).times(0.5));
        if (said) along(from.plus(off), to.plus(off), off, words);
    }

    /** Words beside a line, to be read from below or from the right. @param towards the side they stand on */
    private void along(Vec from, Vec to, Vec towards, String words) {
        Vec way = to.minus(from).unit();
        if (way.x() < -1e-6 || Math.abs(way.x()) <= 1e-6 && way.y() < 0) way = way.times(-1);
        boolean over = way.left().dot(towards) >= 0;
        Vec first = to.minus(from).dot(way) > 0 ? from : to;
        Vec at = first.along(way, ALONG * from.distanceTo(to))
                .along(way.left(), (over ? OFF_MM : -OFF_MM / 2 - LETTERS_MM) * scale);
        said(lettering.set(words, at, way.angle(), LETTERS_MM, Align.CENTRE, false));
    }

    private void said(Item.Text words) {
        pens.onPaper(words, scale, lettering);
    }

    private List<Catch> catches() {
        List<Catch> catches = new ArrayList<>();
        String mark = built.roof().mark();
        for (PlateEdge e : built.plate())
            if (e.along().getFirst() instanceof Roof.OnWall w && look.lens().roofs() == Lens.Roofs.FROM_ABOVE)
                catches.add(new Catch("face below", new Hold.OnFace(w.wall(), 0), e.from(), e.to()));
        for (RoofEdge e : built.eaves())
            catches.add(new Catch("corner of " + mark, new Hold.AtPoint(e.from()), e.from(), e.from()));
        if (look.lens().roofs() == Lens.Roofs.FROM_ABOVE)
            for (Line l : joined.shape().lines())
                if (l.kind() == RoofShape.Kind.RIDGE)
                    for (Vec p : List.of(l.from(), l.to()))
                        catches.add(new Catch("end of ridge of " + mark, new Hold.AtPoint(p), p, p));
        return catches;
    }
}
