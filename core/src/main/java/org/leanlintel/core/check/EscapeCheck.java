package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Storey;

/** Whether each bedroom can be left in a fire: by an outside door, or a window that opens far enough. */
final class EscapeCheck {

    /** How far from a wall's face a point is taken to lie in the room there. */
    private static final double INTO_MM = 60;

    private final Building building;
    private final Storey storey;
    private final Rooms rooms;

    EscapeCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
        rooms = Rooms.in(building);
    }

    List<Finding> findings(Room room, RoomSpace space) {
        List<Finding> findings = new ArrayList<>();
        if (room.use() == Room.Use.BEDROOM && building.model().find(Rules.ID, Rules.class) instanceof Rules rules)
            check(room, space, rules.escape(), findings);
        return findings;
    }

    private void check(Room room, RoomSpace space, Rules.Escape escape, List<Finding> findings) {
        String best = "It has no window that opens to the outside";
        for (WallSolid solid : space.walls(building).all()) {
            for (PlacedOpening o : solid.openings()) {
                if (!leadsOut(solid.strip(), o, space)) continue;
                if (!(o.opening().kind() instanceof Opening.Window window)) {
                    if (o.opening().leafWidthMm() > 0) return;
                    continue;
                }
                List<ClearOpening> lights =
                        ClearOpening.of(o.opening(), window, solid.strip().wall());
                if (lights.stream().anyMatch(l -> lack(l, escape).isEmpty())) return;
                String lack = lights.isEmpty() ? "does not open" : lack(lights.getFirst(), escape);
                best = o.opening().mark() + " " + lack;
            }
        }
        findings.add(new Finding(
                Finding.Kind.ESCAPE,
                "%s has no escape window. %s, %s.".formatted(room.name(), best, escape.source()),
                "Give it a window that opens by %s, or a door to the outside.".formatted(asked(escape)),
                List.of(room.id()),
                storey.id(),
                space.net().middle(),
                escape.sure() ? escape.source() : escape.source() + " (check)"));
    }

    private boolean leadsOut(Strip strip, PlacedOpening o, RoomSpace space) {
        double middle = (o.from() + o.to()) / 2;
        Vec left = strip.at(middle, strip.hi() + INTO_MM), right = strip.at(middle, strip.lo() - INTO_MM);
        return space.covers(left) && rooms.at(storey.id(), right) == null
                || space.covers(right) && rooms.at(storey.id(), left) == null;
    }

    /** What a light lacks, in words; empty where it lacks nothing. */
    private String lack(ClearOpening clear, Rules.Escape escape) {
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        if (clear.sillMm() > escape.sillMm())
            return "opens from %s above the floor, %s at most"
                    .formatted(lengths.print(clear.sillMm()), lengths.print(escape.sillMm()));
        if (clear.widthMm() < escape.widthMm())
            return "opens %s wide, %s needed"
                    .formatted(lengths.print(clear.widthMm()), lengths.print(escape.widthMm()));
        if (clear.heightMm() < escape.heightMm())
            return "opens %s high, %s needed"
                    .formatted(lengths.print(clear.heightMm()), lengths.print(escape.heightMm()));
        return clear.mm2() < escape.areaMm2()
                ? "opens by %s, %s needed"
                        .formatted(
                                AreaPrinter.print(
                                        clear.mm2(), building.model().settings().units()),
                                AreaPrinter.print(
                                        escape.areaMm2(),
                                        building.model().settings().units()))
                : "";
    }

    private String asked(Rules.Escape escape) {
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        return "%s, at least %s wide and %s high, not more than %s above the floor"
                .formatted(
                        AreaPrinter.print(
                                escape.areaMm2(), building.model().settings().units()),
                        lengths.print(escape.widthMm()),
                        lengths.print(escape.heightMm()),
                        lengths.print(escape.sillMm()));
    }
}
