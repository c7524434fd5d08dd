package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.Measured;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Picture;

/** What a group of a picture measures, in the picture's own millimetres, for writers whose readers know dimensions. */
public sealed interface ToldDimension {

    /** A chained string, part by part as they run. */
    record Chain(List<Part> parts) implements ToldDimension {
        @Override
        public Chain each(UnaryOperator<Vec> to) {
            return new Chain(parts.stream().map(p -> p.each(to)).toList());
        }
    }

    /**
     * A part of a string.
     *
     * @param from its ends on the string's line, and {@code to}
     * @param measuredFrom what is measured there, and {@code measuredTo}
     * @param says its figure, one line for each unit
     */
    record Part(Vec from, Vec to, Vec measuredFrom, Vec measuredTo, List<String> says) {
        Part each(UnaryOperator<Vec> at) {
            return new Part(at.apply(from), at.apply(to), at.apply(measuredFrom), at.apply(measuredTo), says);
        }
    }

    /** A running string. @param origin what it counts from; @param points as they run, that among them */
    record Running(Vec origin, List<Point> points) implements ToldDimension {
        @Override
        public Running each(UnaryOperator<Vec> to) {
            return new Running(
                    to.apply(origin), points.stream().map(p -> p.each(to)).toList());
        }
    }

    /** A point of a running string. @param on the string's line; @param measured what is measured there */
    record Point(Vec on, Vec measured, List<String> says) {
        Point each(UnaryOperator<Vec> at) {
            return new Point(at.apply(on), at.apply(measured), says);
        }
    }

    /** An angle at a vertex. @param one ends of its arc, and {@code other}; @param on the middle of the arc */
    record Angle(Vec vertex, Vec one, Vec other, Vec on) implements ToldDimension {
        @Override
        public Angle each(UnaryOperator<Vec> to) {
            return new Angle(to.apply(vertex), to.apply(one), to.apply(other), to.apply(on));
        }
    }

    /** A radius. @param on where it meets the arc */
    record Radius(Vec centre, Vec on) implements ToldDimension {
        @Override
        public Radius each(UnaryOperator<Vec> to) {
            return new Radius(to.apply(centre), to.apply(on));
        }
    }

    /** The same elsewhere. */
    ToldDimension each(UnaryOperator<Vec> to);

    /** What groups of a drawing's picture measure, by the very groups. Lengths of arcs, slopes and areas have no such thing. */
    static IdentityHashMap<Group, ToldDimension> of(Picture picture, Building building) {
        IdentityHashMap<Group, ToldDimension> all = new IdentityHashMap<>();
        for (Group g : picture.groups())
            if (of(building.model().find(g.element()), building) instanceof ToldDimension told) all.put(g, told);
        return all;
    }

    /** The same on a sheet; of drawings that are cropped there nothing, as what is cut measures no more what it says. */
    static IdentityHashMap<Group, ToldDimension> of(Picture picture, Sheet sheet, Building building) {
        IdentityHashMap<Group, ToldDimension> all = new IdentityHashMap<>();
        for (Group g : picture.groups())
            if (g.drawing() instanceof ElementId of
                    && whole(sheet, of) instanceof Sheet.Placed placed
                    && of(building.model().find(g.element()), building) instanceof ToldDimension told) {
                double scale = building.model().get(of, Drawing.class).scale();
                all.put(g, told.each(p -> placed.onSheet(p, scale)));
            }
        return all;
    }

    private static Sheet.@Nullable Placed whole(Sheet sheet, ElementId drawing) {
        return sheet.drawings().stream()
                .filter(p -> p.drawing().equals(drawing) && p.crop() instanceof Drawing.All)
                .findFirst()
                .orElse(null);
    }

    private static @Nullable ToldDimension of(@Nullable Element element, Building building) {
        return switch (element) {
            case DimensionString s -> {
                if (points(s, building).size() < 2) yield null;
                yield s.kind() == DimensionString.Kind.CHAINED ? chain(s, building) : running(s, building);
            }
            case Dimension d ->
                switch (Measured.of(d, building)) {
                    case Measured.Sector s -> angle(s, d);
                    case Measured.Arc a -> d.of() instanceof Dimension.Radius ? radius(a, d) : null;
                    case null -> null;
                    default -> null;
                };
            case null -> null;
            default -> null;
        };
    }

    private static List<Held> points(DimensionString string, Building building) {
        return building.get(new StringReach.Of(string.drawing(), string.id())).points();
    }

    private static FigureWords words(DimensionString string, Building building) {
        return FigureWords.of(
                string.style(building.model()), building.model().settings().units());
    }

    private static Chain chain(DimensionString string, Building building) {
        List<Held> points = points(string, building);
        List<PartWords> says =
                PartWords.of(points, string.direction(), words(string, building), new OwnParts(string, building));
        List<Part> parts = new ArrayList<>();
        for (int i = 1; i < points.size(); i++) {
            Held one = points.get(i - 1), two = points.get(i);
            parts.add(new Part(
                    on(string, one),
                    on(string, two),
                    measured(string, one),
                    measured(string, two),
                    says.get(i - 1).lines()));
        }
        return new Chain(parts);
    }

    private static Running running(DimensionString string, Building building) {
        List<Held> points = points(string, building);
        FigureWords words = words(string, building);
        Held first = HeldPoints.of(string.holds().getFirst(), string, building);
        Held origin = first == null ? points.getFirst() : first;
        List<Point> all = new ArrayList<>();
        for (Held p : points)
            all.add(new Point(
                    on(string, p), measured(string, p), StringFigures.fromOrigin(p, origin.position(), words)));
        return new Running(on(string, origin), all);
    }

    private static Vec on(DimensionString string, Held point) {
        Line line = new Line(string.at(), string.direction());
        return line.at(point.position() - string.at().dot(string.direction()));
    }

    private static Vec measured(DimensionString string, Held point) {
        Vec across = string.direction().left();
        return on(string, point).along(across, point.reachTo() - string.at().dot(across));
    }

    private static Angle angle(Measured.Sector s, Dimension of) {
        double radius = of.at().distanceTo(s.vertex());
        return new Angle(
                s.vertex(),
                s.vertex().along(Vec.ofAngle(s.from()), radius),
                s.vertex().along(Vec.ofAngle(s.from() + s.sweep()), radius),
                s.vertex().along(Vec.ofAngle(s.from() + s.sweep() / 2), radius));
    }

    private static Radius radius(Measured.Arc arc, Dimension of) {
        Vec out = of.at().minus(arc.centre());
        return new Radius(arc.centre(), arc.centre().along(out.unit(), arc.radiusMm()));
    }
}
