package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Site;
import org.leanlintel.server.api.Messages.FootingAnswer;
import org.leanlintel.server.api.Messages.RoofFigure;

/** Figures of foundations as the board shows them. */
final class FootingAnswers {

    private FootingAnswers() {}

    static FootingAnswer of(Footing footing, Building building) {
        BuiltFooting built = building.get(new BuiltFooting.Of(footing.id()));
        return built == null
                ? new FootingAnswer(footing.id().value(), "Nothing stands there for it to lie under.", List.of())
                : new FootingAnswer(footing.id().value(), "", figures(built, building));
    }

    private static List<RoofFigure> figures(BuiltFooting built, Building building) {
        UnitSystem units = building.model().settings().units();
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        LevelPrinter levels = new LevelPrinter(units, Site.of(building.model()).zeroMm());
        Ground ground = Ground.finished(building);
        double least = Double.POSITIVE_INFINITY;
        for (List<Vec> ring : built.area().rings())
            for (Vec p : ring) least = Math.min(least, ground.at(p) - built.lowMm());
        List<RoofFigure> figures = new ArrayList<>();
        if (!(built.footing().under() instanceof Footing.UnderPost))
            figures.add(new RoofFigure("Length", lengths.print(built.lengthMm())));
        figures.add(new RoofFigure("Underside", levels.print(built.lowMm())));
        figures.add(new RoofFigure("Below the ground, least", lengths.print(least)));
        figures.add(
                new RoofFigure("Area", AreaPrinter.print(built.counted(building).mm2(), units)));
        figures.add(new RoofFigure("Volume", AreaPrinter.printVolume(built.volumeMm3(building), units)));
        return figures;
    }
}
