package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.Solution;
import org.leanlintel.server.api.Messages.RoofAnswer;
import org.leanlintel.server.api.Messages.RoofEdgeAnswer;
import org.leanlintel.server.api.Messages.RoofFigure;

/** Edges and figures of a roof as the board shows them. */
final class RoofAnswers {

    private RoofAnswers() {}

    static RoofAnswer of(Roof roof, Building building) {
        BuiltRoof built = BuiltRoof.of(roof, building);
        UnitSystem units = building.model().settings().units();
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        List<RoofEdgeAnswer> edges = new ArrayList<>();
        for (PlateEdge e : built.plate())
            edges.add(new RoofEdgeAnswer(
                    e.along(),
                    e.edge(),
                    over(e, building),
                    e.edge().words(),
                    lengths.print(e.from().distanceTo(e.to())),
                    e.from(),
                    e.to()));
        String id = roof.id().value();
        return switch (built.solution()) {
            case Solution.None none -> new RoofAnswer(id, none.why(), edges, List.of());
            case RoofShape shape -> new RoofAnswer(id, "", edges, figures(built, shape, building, units));
        };
    }

    private static String over(PlateEdge e, Building building) {
        List<String> marks = new ArrayList<>();
        for (Roof.Along along : e.along())
            if (along instanceof Roof.OnWall w && building.model().find(w.wall()) instanceof Wall wall)
                marks.add(wall.mark());
        return String.join(", ", marks);
    }

    private static List<RoofFigure> figures(BuiltRoof built, RoofShape shape, Building building, UnitSystem units) {
        LevelPrinter levels = new LevelPrinter(units, Site.of(building.model()).zeroMm());
        double plan = shape.faces().stream().mapToDouble(f -> f.plan().mm2()).sum();
        double along =
                shape.faces().stream().mapToDouble(RoofShape.Face::trueMm2).sum();
        List<RoofFigure> figures = new ArrayList<>(List.of(
                new RoofFigure("Plate", levels.print(built.plateMm())),
                new RoofFigure("Eaves, top of rafters", levels.print(built.lowestEavesMm())),
                new RoofFigure("Highest, top of rafters", levels.print(built.ridgeMm())),
                new RoofFigure("Slopes", Integer.toString(shape.faces().size())),
                new RoofFigure("Area in plan", AreaPrinter.print(plan, units)),
                new RoofFigure("Area along the slopes", AreaPrinter.print(along, units))));
        for (double parapet : built.parapetsMm()) figures.add(3, new RoofFigure("Parapet", levels.print(parapet)));
        return figures;
    }
}
