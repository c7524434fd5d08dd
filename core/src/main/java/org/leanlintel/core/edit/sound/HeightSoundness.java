package org.leanlintel.core.edit.sound;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.PlacedSteps;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.roof.Solution;

/**
 * What must be true of storeys, floors and stairs: storeys stand on each other without gaps, floors are of build-ups for
 * floors and close round something, a stair that was drawn or changed can be built.
 */
final class HeightSoundness {

    private HeightSoundness() {}

    static @Nullable Refusal check(Building after, Change change) {
        boolean storeys = false;
        for (Element e : change.before()) storeys |= e instanceof Storey;
        for (Element e : change.after()) {
            storeys |= e instanceof Storey;
            Refusal refusal = check(e, after);
            if (refusal != null) return refusal;
        }
        return storeys ? stack(after.model()) : null;
    }

    private static @Nullable Refusal check(Element element, Building after) {
        return switch (element) {
            case Storey s -> floorOf(s, after.model());
            case Floor f -> floor(f, after);
            case FloorVoid v -> clean(v, v.ring());
            case RoofPart p -> roofPart(p, after);
            case Truss t -> truss(t, after);
            case Footing f -> footing(f, after);
            case Roof r -> roof(r, after);
            case Stair s -> stair(s, after.model());
            case OutsideSteps s -> steps(s, after);
            case Wall w -> null;
            case Opening o -> null;
            case WallPiece w -> null;
            case Post p -> null;
            case Room r -> null;
            case RoomLimit r -> null;
            case ConstructionLine c -> null;
            case Ruled r -> null;
            case SpotLevel l -> null;
            case Fitting f -> null;
            case SectionLine s -> null;
            case Annotation a -> null;
            case Corner c -> null;
            case Tracing t -> null;
            case Element.Apart a -> null;
        };
    }

    private static @Nullable Refusal floorOf(Storey storey, Model model) {
        BuildUp floor = StoreySpace.floorOf(model, storey);
        return floor == null ? null : forFloors(storey, floor);
    }

    private static @Nullable Refusal forFloors(Element of, BuildUp buildUp) {
        boolean fits = buildUp.use() == BuildUp.Use.FLOOR || buildUp.use() == BuildUp.Use.GROUND_FLOOR;
        return fits
                ? null
                : Refusal.because(
                        "%s is not for floors, so the %s cannot be of it.".formatted(buildUp.name(), Naming.of(of)),
                        of.id());
    }

    private static @Nullable Refusal floor(Floor floor, Building after) {
        Refusal refusal = forFloors(floor, after.model().get(floor.buildUp(), BuildUp.class));
        if (refusal != null) return refusal;
        if (floor.outline() instanceof Floor.Drawn d) return clean(floor, d.ring());
        return FloorAreas.of(floor, after).isEmpty()
                ? Refusal.because("No walls close round that point, so no floor can fill them.", floor.id())
                : null;
    }

    private static @Nullable Refusal truss(Truss truss, Building after) {
        return BuiltTruss.of(truss, after) instanceof BuiltTruss.Cannot cannot
                ? Refusal.because("%s cannot stand: %s".formatted(Naming.of(truss), cannot.why()), truss.id())
                : null;
    }

    private static @Nullable Refusal footing(Footing footing, Building after) {
        return BuiltFooting.of(footing, after) == null
                ? Refusal.because("Nothing stands there for a foundation to lie under.", footing.id())
                : null;
    }

    private static @Nullable Refusal roofPart(RoofPart part, Building after) {
        if (PlacedRoofPart.of(part, after) != null) return null;
        if (part.make() instanceof RoofPart.Downpipe)
            return Refusal.because(
                    "%s stands under no gutter of %s any more."
                            .formatted(
                                    part.mark(),
                                    after.model().get(part.roof(), Roof.class).mark()),
                    part.id());
        if (part.make() instanceof RoofPart.Dormer)
            return Refusal.because(
                    "%s does not end in its slope: make it lower or narrower, its own roof flatter, or move it down."
                            .formatted(part.mark()),
                    part.id());
        return Refusal.because(
                "%s has no slope there for the %s."
                        .formatted(after.model().get(part.roof(), Roof.class).mark(), part.noun()),
                part.id());
    }

    private static @Nullable Refusal roof(Roof roof, Building after) {
        BuildUp buildUp = after.model().get(roof.buildUp(), BuildUp.class);
        if (buildUp.use() != BuildUp.Use.ROOF)
            return Refusal.because("%s is not for roofs.".formatted(buildUp.name()), roof.id());
        if (roof.under() instanceof Roof.LevelCeiling c
                && after.model().get(c.buildUp(), BuildUp.class).use() != BuildUp.Use.CEILING)
            return Refusal.because("The ceiling under a roof is of a build-up for ceilings.", roof.id());
        return BuiltRoof.of(roof, after).solution() instanceof Solution.None none
                ? Refusal.because("%s cannot be built: %s".formatted(roof.mark(), none.why()), roof.id())
                : null;
    }

    private static @Nullable Refusal clean(Element of, List<Vec> ring) {
        return Area.of(ring).isClean()
                ? null
                : Refusal.because("The outline of the %s crosses itself.".formatted(Naming.of(of)), of.id());
    }

    private static @Nullable Refusal stair(Stair stair, Model model) {
        try {
            BuiltStair.of(stair, model);
            return null;
        } catch (Unusable cannot) {
            return Refusal.because(String.valueOf(cannot.getMessage()), stair.id());
        }
    }

    private static @Nullable Refusal steps(OutsideSteps steps, Building after) {
        return PlacedSteps.of(steps, after) == null
                ? Refusal.because(
                        "The ground outside does not lie below the sill of %s: change it with the storeys."
                                .formatted(after.model()
                                        .get(steps.opening(), Opening.class)
                                        .mark()),
                        steps.id(),
                        steps.opening())
                : null;
    }

    private static @Nullable Refusal stack(Model model) {
        List<Storey> stack = StoreySpace.stack(model);
        for (int i = 0; i < stack.size(); i++) {
            StoreySpace space = StoreySpace.of(model, stack.get(i).id());
            if (!(space.ceilingMm() > 0 && space.headMm() - space.footMm() >= Tolerance.SHORTEST_WALL_MM))
                return Refusal.because(
                        "%s would be no higher than the floor above it is thick."
                                .formatted(stack.get(i).name()),
                        stack.get(i).id());
            if (i > 0 && !Tolerance.same(stack.get(i - 1).topMm(), stack.get(i).levelMm()))
                return Refusal.because(
                        "%s would not stand on %s: change the height of that one instead."
                                .formatted(stack.get(i).name(), stack.get(i - 1).name()),
                        stack.get(i).id());
        }
        return null;
    }
}
