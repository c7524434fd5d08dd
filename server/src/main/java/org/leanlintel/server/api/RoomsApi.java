package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.RoomWalls;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.check.Clearances;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.SymbolPicture;
import org.leanlintel.server.api.Messages.AreaAnswer;
import org.leanlintel.server.api.Messages.AreasAnswer;
import org.leanlintel.server.api.Messages.ClearanceAnswer;
import org.leanlintel.server.api.Messages.RoofFigure;
import org.leanlintel.server.api.Messages.SymbolRequest;
import org.leanlintel.server.live.LiveProjects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Rooms with their measures, the floor that fittings need, and what checks found. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class RoomsApi {

    /** Of a symbol shown by itself. */
    private static final double SYMBOL_SCALE = 20;

    private final LiveProjects live;

    RoomsApi(LiveProjects live) {
        this.live = live;
    }

    /** The closed areas of a storey, named or not. */
    @GetMapping("/storeys/{storey}/areas")
    public AreasAnswer areas(@PathVariable UUID project, @PathVariable String storey) {
        Building building = live.get(project).building();
        Storey on = building.model().get(new ElementId(storey), Storey.class);
        UnitSystem units = building.model().settings().units();
        Map<RoomSpace, List<Room>> named = Rooms.in(building).named(on.id());
        List<AreaAnswer> areas = new ArrayList<>();
        double net = 0, structure = 0;
        for (RoomSpace space : Rooms.in(building).of(on.id())) {
            Room room = named.containsKey(space) ? named.get(space).getFirst() : null;
            areas.add(answer(space, room, building, units));
            net += space.net().mm2();
            structure += space.walls(building).toStructure().mm2();
        }
        return new AreasAnswer(
                areas,
                AreaPrinter.print(net, units),
                AreaPrinter.print(structure, units),
                AreaPrinter.print(Rooms.in(building).outline(on.id()).mm2(), units));
    }

    private static AreaAnswer answer(RoomSpace space, @Nullable Room room, Building building, UnitSystem units) {
        StoreySpace on = building.space(space.storey());
        UnderSlopes under = room == null ? null : building.get(new UnderSlopes.Of(room.id()));
        LengthPrinter lengths = LengthPrinter.ofDrawings(units);
        double ceiling = room == null ? on.ceilingMm() : room.ceilingMm(on);
        double volume = under == null ? space.net().mm2() * ceiling : under.volumeMm3();
        List<RoofFigure> heights = under == null ? List.of() : heights(under, building, units);
        RoomWalls walls = space.walls(building);
        List<String> sizes = new ArrayList<>();
        for (Gap.Faces faces : Gap.Faces.values()) {
            RoomSpace.Size size = walls.size(faces);
            sizes.add(lengths.print(size.widthMm()) + " x " + lengths.print(size.depthMm()));
        }
        return new AreaAnswer(
                room == null ? null : room.id(),
                space.net().middle(),
                space.net().rings(),
                AreaPrinter.print(space.net().mm2(), units),
                AreaPrinter.print(walls.toStructure().mm2(), units),
                lengths.print(space.perimeterMm()),
                AreaPrinter.printVolume(volume, units),
                lengths.print(ceiling),
                sizes,
                heights);
    }

    /** At the heights that the project's rules ask of rooms under slopes. */
    private static List<RoofFigure> heights(UnderSlopes under, Building building, UnitSystem units) {
        if (!under.isSloped() || !(building.model().find(Rules.ID, Rules.class) instanceof Rules rules))
            return List.of();
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        return Stream.of(rules.headroom().countsMm(), rules.headroom().fullMm())
                .map(h -> new RoofFigure(
                        "Area " + lengths.print(h) + " high or more", AreaPrinter.print(under.mm2Over(h), units)))
                .toList();
    }

    /** The floor that the fittings of a storey need free, by the project's rules. */
    @GetMapping("/storeys/{storey}/clearances")
    public List<ClearanceAnswer> clearances(@PathVariable UUID project, @PathVariable String storey) {
        Building building = live.get(project).building();
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        return Clearances.checked(building, new ElementId(storey)).stream()
                .map(c -> new ClearanceAnswer(
                        c.zone().fitting(),
                        c.zone().ring(),
                        c.isShort(),
                        lengths.print(c.zone().rule().mm()) + ", "
                                + c.zone().rule().source()))
                .toList();
    }

    /** What a builder can set out from a plan, and what not. */
    @GetMapping("/drawings/{drawing}/set-out")
    public SetOutReport setOut(@PathVariable UUID project, @PathVariable String drawing) {
        Building building = live.get(project).building();
        Drawing plan = building.model().get(new ElementId(drawing), Drawing.class);
        if (plan.kind() != Drawing.Kind.PLAN) throw new Unusable("Only what a plan says can be set out from.");
        return building.get(new SetOutCheck.Of(plan.id()));
    }

    /** What is wrong, with what rule says so. */
    @GetMapping("/findings")
    public List<Finding> findings(@PathVariable UUID project) {
        return Findings.of(live.get(project).building());
    }

    /** A symbol by itself, stored or not. */
    @PostMapping("/symbols/look")
    public Picture symbol(@PathVariable UUID project, @RequestBody SymbolRequest request) {
        return SymbolPicture.of(request.symbol(), request.widthMm(), request.depthMm(), SYMBOL_SCALE);
    }
}
