package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.stair.StairHeights;
import org.leanlintel.core.stair.StairWell;
import org.leanlintel.server.api.Messages.FootingAnswer;
import org.leanlintel.server.api.Messages.RoofAnswer;
import org.leanlintel.server.api.Messages.StairAnswer;
import org.leanlintel.server.api.Messages.StoreyAnswer;
import org.leanlintel.server.api.Messages.TrussAnswer;
import org.leanlintel.server.api.Messages.WellAnswer;
import org.leanlintel.server.api.Messages.WellRequest;
import org.leanlintel.server.live.LiveProjects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Storeys with their levels, and what stairs amount to. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class HeightsApi {

    private final LiveProjects live;

    HeightsApi(LiveProjects live) {
        this.live = live;
    }

    /** The storeys, from the topmost down. */
    @GetMapping("/storeys")
    public List<StoreyAnswer> storeys(@PathVariable UUID project) {
        Model model = live.get(project).model();
        List<StoreyAnswer> answers = new ArrayList<>();
        for (Storey s : StoreySpace.stack(model).reversed()) answers.add(answer(model, s));
        return answers;
    }

    private static StoreyAnswer answer(Model model, Storey storey) {
        UnitSystem units = model.settings().units();
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        StoreySpace space = StoreySpace.of(model, storey.id());
        BuildUp floor = StoreySpace.floorOf(model, storey);
        return new StoreyAnswer(
                storey.id(),
                storey.name(),
                storey.levelMm(),
                storey.heightMm(),
                space.footMm(),
                space.headMm(),
                space.ceilingMm(),
                floor == null ? 0 : floor.thicknessMm(),
                new LevelPrinter(units, Site.of(model).zeroMm()).print(storey.levelMm()),
                lengths.print(storey.heightMm()),
                lengths.print(space.ceilingMm()),
                floor == null ? "" : floor.name() + ", " + lengths.print(floor.thicknessMm()),
                model.relations().wallsOf(storey.id()).size());
    }

    /** The figures of a stair, each beside what the rules ask; one sentence where it leads nowhere. */
    @GetMapping("/stairs/{stair}")
    public StairAnswer stair(@PathVariable UUID project, @PathVariable String stair) {
        Building building = live.get(project).building();
        return StairAnswers.of(building.model().get(new ElementId(stair), Stair.class), building.model());
    }

    /** The edges of a roof and its figures; one sentence where it has no shape. */
    @GetMapping("/roofs/{roof}")
    public RoofAnswer roof(@PathVariable UUID project, @PathVariable String roof) {
        Building building = live.get(project).building();
        return RoofAnswers.of(building.model().get(new ElementId(roof), Roof.class), building);
    }

    /** The figures of trusses; one sentence where they cannot stand. */
    @GetMapping("/trusses/{truss}")
    public TrussAnswer truss(@PathVariable UUID project, @PathVariable String truss) {
        Building building = live.get(project).building();
        return TrussAnswers.of(building.model().get(new ElementId(truss), Truss.class), building);
    }

    /** The figures of a foundation; one sentence where nothing stands on it. */
    @GetMapping("/footings/{footing}")
    public FootingAnswer footing(@PathVariable UUID project, @PathVariable String footing) {
        Building building = live.get(project).building();
        return FootingAnswers.of(building.model().get(new ElementId(footing), Footing.class), building);
    }

    /** The stairs that would fit into a rectangle, best first, and why others do not. */
    @PostMapping("/stairs/fitting")
    public List<WellAnswer> fitting(@PathVariable UUID project, @RequestBody WellRequest request) {
        Model model = live.get(project).model();
        DrawStair like = request.like();
        Storey from = model.get(like.storey(), Storey.class);
        @Nullable Storey above = StoreySpace.above(model, from);
        if (above == null)
            throw new Unusable("There is no storey above %s. Add one, then fit a stair.".formatted(from.name()));
        StairHeights heights = BuiltStair.heights(model, from, above);
        UnitSystem units = model.settings().units();
        StairWell well = new StairWell(
                stair(like),
                StairWell.Rectangle.of(request.corner(), request.opposite(), request.angle()),
                heights,
                BuiltStair.rules(model),
                BuiltStair.stepMm(units),
                LengthPrinter.ofScreen(units));
        return well.choices().stream().map(c -> answer(c, like, units)).toList();
    }

    private static Stair stair(DrawStair like) {
        return new Stair(
                new ElementId("stair"),
                like.storey(),
                like.layer(),
                "ST",
                like.at(),
                like.angle(),
                like.widthMm(),
                like.shape(),
                like.risers(),
                like.going(),
                like.make(),
                like.above(),
                WorkState.NEW);
    }

    private static WellAnswer answer(StairWell.Choice c, DrawStair like, UnitSystem units) {
        Stair s = c.stair();
        DrawStair edit = new DrawStair(
                like.storey(),
                like.layer(),
                s.at(),
                s.angle(),
                s.widthMm(),
                s.shape(),
                s.risers(),
                s.going(),
                like.make(),
                like.above());
        return new WellAnswer(c.name(), c.fits(), c.reason(), AreaPrinter.print(c.areaMm2(), units), edit);
    }
}
