package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.truss.Member;
import org.leanlintel.core.truss.TrussShape;
import org.leanlintel.server.api.Messages.RoofFigure;
import org.leanlintel.server.api.Messages.TrussAnswer;

/** Figures of trusses as the board shows them. */
final class TrussAnswers {

    private TrussAnswers() {}

    static TrussAnswer of(Truss truss, Building building) {
        return switch (BuiltTruss.of(truss, building)) {
            case BuiltTruss.Cannot cannot -> new TrussAnswer(truss.id().value(), cannot.why(), List.of(), 0, 0);
            case BuiltTruss.Stands stands -> {
                TrussShape shape = stands.built().shape();
                yield new TrussAnswer(
                        truss.id().value(),
                        "",
                        figures(stands.built(), building),
                        shape.sum().spanMm(),
                        shape.peakTopMm());
            }
        };
    }

    private static List<RoofFigure> figures(BuiltTruss built, Building building) {
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        TrussShape shape = built.shape();
        List<RoofFigure> figures = new ArrayList<>(List.of(
                new RoofFigure("How many", Integer.toString(built.at().size())),
                new RoofFigure("Span over bearings", lengths.print(shape.sum().spanMm())),
                new RoofFigure("Heel", lengths.print(shape.sum().heelMm())),
                new RoofFigure("Rise to the peak", lengths.print(shape.peakTopMm())),
                new RoofFigure("Peak", levels.print(built.plateMm() + shape.peakTopMm()))));
        if (built.truss().form() instanceof Truss.Attic room) {
            figures.add(new RoofFigure(
                    "Room", "%s by %s".formatted(lengths.print(room.roomMm()), lengths.print(room.headMm()))));
        }
        if (shape.innerMm() > 0) {
            boolean isTie = built.truss().form() instanceof Truss.RaisedTie;
            figures.add(new RoofFigure(
                    isTie ? "Tie over the plates" : "Inside, over the plates", lengths.print(shape.innerMm())));
            figures.add(new RoofFigure("Between chords in the middle", lengths.print(shape.clearMm())));
        }
        for (Member m : shape.members())
            if (m.kind() != Member.Kind.WEB) figures.add(new RoofFigure(named(m), lengths.print(m.lengthMm())));
        return figures;
    }

    private static String named(Member m) {
        return Character.toUpperCase(m.name().charAt(0)) + m.name().substring(1);
    }
}
