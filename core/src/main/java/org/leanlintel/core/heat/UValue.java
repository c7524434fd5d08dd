package org.leanlintel.core.heat;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.heat.HeatLoss.Row;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;

/**
 * U-values by the combined method of ISO 6946, 6.7.2: the mean of an upper limit, in which heat flows straight through
 * along every path of framing and filling, and a lower limit, in which every layer is evened out first.
 */
public final class UValue {

    private final BuildUp buildUp;
    private final Model model;
    private final HeatRule rule;

    private UValue(BuildUp buildUp, Model model, HeatRule rule) {
        this.buildUp = buildUp;
        this.model = model;
        this.rule = rule;
    }

    /** @throws org.leanlintel.core.model.MissingElement if a material is not in the model */
    public static HeatLoss of(BuildUp buildUp, Model model) {
        HeatRule rule = model.find(HeatRule.ID, HeatRule.class);
        if (rule == null) return new HeatLoss.Unknown("The project has no surface resistances to work with.");
        return switch (buildUp.use()) {
            case WALL, ROOF, CEILING -> new UValue(buildUp, model, rule).worked();
            case GROUND_FLOOR ->
                new HeatLoss.Unknown(
                        "A ground floor's U-value depends on its perimeter and the ground (ISO 13370), not on its plies alone.");
            case FLOOR -> new HeatLoss.Unknown("A floor between heated rooms needs no U-value.");
        };
    }

    private HeatLoss worked() {
        int from = lastVentilated() + 1;
        List<Row> rows = new ArrayList<>();
        rows.add(Row.plain("Outside surface", 0, from > 0 ? inside() : rule.outside()));
        if (buildUp.use() == BuildUp.Use.CEILING) rows.add(Row.plain("Roof space", 0, rule.roofSpace()));
        for (int i = from; i < buildUp.plies().size(); i++) {
            Ply ply = buildUp.plies().get(i);
            if (ply.thicknessMm() == 0) continue;
            Row row = row(ply);
            if (row == null) return new HeatLoss.Unknown("%s has no stated conductivity.".formatted(unstated(ply)));
            rows.add(row);
        }
        rows.add(Row.plain("Inside surface", 0, inside()));
        return sum(rows);
    }

    private int lastVentilated() {
        int last = -1;
        for (int i = 0; i < buildUp.plies().size(); i++)
            if (heat(buildUp.plies().get(i).material()) instanceof Heat.Ventilated) last = i;
        return last;
    }

    private double inside() {
        return buildUp.use() == BuildUp.Use.WALL ? rule.insideWall() : rule.insideUp();
    }

    private Heat heat(ElementId material) {
        return model.get(material, Material.class).heat();
    }

    private @Nullable Row row(Ply ply) {
        String what = model.get(ply.material(), Material.class).name();
        Double filling = resistance(ply.material(), ply.thicknessMm());
        if (filling == null) return null;
        return switch (ply.framing()) {
            case Framing.Solid s -> Row.plain(what, ply.thicknessMm(), filling);
            case Framing.Timbers t -> framed(what, ply, filling, t.material(), t.part());
            case Framing.Joints j -> framed(what, ply, filling, j.material(), j.part());
        };
    }

    private @Nullable Row framed(String what, Ply ply, double filling, ElementId material, double part) {
        Double framing = resistance(material, ply.thicknessMm());
        if (framing == null) return null;
        double combined = 1 / ((1 - part) / filling + part / framing);
        return new Row(what, ply.thicknessMm(), filling, part, framing, combined);
    }

    private @Nullable Double resistance(ElementId material, double thicknessMm) {
        return switch (heat(material)) {
            case Heat.Conducts c -> thicknessMm / 1000 / c.lambda();
            case Heat.StillAir a -> a.resistance();
            case Heat.Ventilated v -> 0.0;
            case Heat.Unstated u -> null;
        };
    }

    private String unstated(Ply ply) {
        boolean filling = heat(ply.material()) instanceof Heat.Unstated;
        return model.get(filling ? ply.material() : framingOf(ply), Material.class)
                .name();
    }

    private static ElementId framingOf(Ply ply) {
        return switch (ply.framing()) {
            case Framing.Solid s -> ply.material();
            case Framing.Timbers t -> t.material();
            case Framing.Joints j -> j.material();
        };
    }

    private static HeatLoss sum(List<Row> rows) {
        double lower = rows.stream().mapToDouble(Row::combined).sum();
        double upper = 1 / conductance(rows, 0, 0);
        double total = (upper + lower) / 2;
        return new HeatLoss.Worked(1 / total, total, upper, lower, (upper - lower) / (2 * total), rows);
    }

    /** The conductance of all paths that share {@code resistance} up to row {@code i}, each by its part of the face. */
    private static double conductance(List<Row> rows, int i, double resistance) {
        if (i == rows.size()) return 1 / resistance;
        Row row = rows.get(i);
        double through = (1 - row.framingPart()) * conductance(rows, i + 1, resistance + row.resistance());
        if (row.framingPart() == 0) return through;
        return through + row.framingPart() * conductance(rows, i + 1, resistance + row.framingResistance());
    }
}
