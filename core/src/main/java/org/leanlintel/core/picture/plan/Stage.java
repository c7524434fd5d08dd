package org.leanlintel.core.picture.plan;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Measuring;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.PlanOf;

/** In what order a plan is drawn: what may stand in several places keeps clear of all that was drawn at stages before. */
public enum Stage {
    /** What stands where it stands: things, notes and signs; of walls only what they take. */
    STANDING,
    /** Strings and other dimensions. */
    DIMENSIONS,
    /** How floors span. */
    SPANS,
    /** Stairs and steps, with their words. */
    WAYS,
    /** Room labels where the drafter put them. */
    PUT,
    /** Room labels that find a place in their room. */
    INSIDE,
    /** Walls, with the marks of their build-ups, which have more places to choose from than a label in its room. */
    WALLS,
    /** The marks of doors and windows, wall by wall. */
    OPENINGS,
    /** The marks of fittings. */
    FITTINGS,
    /** Room labels that do not. */
    OUTSIDE;

    /** One stage of one plan, by where things lie. */
    public record Of(PlanOf plan, Stage stage) implements Spread<OnPlan> {

        @Override
        public Collection<OnPlan> members(Element element) {
            ElementId of = stage.of(element, plan);
            return of == null ? List.of() : List.of(new OnPlan(plan, stage, of));
        }

        @Override
        public boolean isInOrder() {
            return stage.isOfWalls() || stage == FITTINGS || stage == OUTSIDE;
        }
    }

    /** Whether what is drawn belongs to walls and what stands in them. */
    public boolean isOfWalls() {
        return this == WALLS || this == OPENINGS;
    }

    /**
     * Whether what has a name is drawn at this stage: two edits that are tried on one model may give one name to things of
     * different kinds.
     */
    boolean draws(@Nullable Element named, PlanOf plan) {
        return this == WAYS ? named instanceof Drawing : named != null && of(named, plan) != null;
    }

    /** What an element is drawn as at this stage; null where it is not drawn. */
    private @Nullable ElementId of(Element element, PlanOf plan) {
        boolean drawn =
                switch (this) {
                    case STANDING -> isStanding(element, plan);
                    case DIMENSIONS -> element instanceof Measuring m && plan.shows(m);
                    case SPANS -> element instanceof Floor f && f.storey().equals(plan.storey());
                    case WAYS -> element instanceof Stair || element instanceof OutsideSteps;
                    case WALLS, OPENINGS ->
                        element instanceof Wall w && w.storey().equals(plan.storey());
                    case FITTINGS -> element instanceof Fitting f && f.storey().equals(plan.storey());
                    case PUT, INSIDE, OUTSIDE ->
                        element instanceof Room r && r.storey().equals(plan.storey());
                };
        return !drawn ? null : this == WAYS ? plan.drawing() : element.id();
    }

    /** Whether a drawing shows a part of a plan, which marks it there. */
    private static boolean isPart(Drawing drawing, PlanOf plan) {
        return drawing.kind() == Drawing.Kind.PLAN
                && drawing.frame() instanceof Drawing.Part
                && drawing.storey().equals(plan.storey())
                && !drawing.id().equals(plan.drawing());
    }

    private static boolean isStanding(Element element, PlanOf plan) {
        return switch (element) {
            case Wall w -> w.storey().equals(plan.storey());
            case Post p -> p.storey().equals(plan.storey());
            case Fitting f -> f.storey().equals(plan.storey());
            case RoomLimit l -> l.storey().equals(plan.storey());
            case ConstructionLine l -> l.storey().equals(plan.storey());
            case Tracing t -> t.storey().equals(plan.storey());
            case Floor f -> f.storey().equals(plan.storey());
            case FloorVoid v -> true;
            case RoofPart p -> true;
            case Truss t -> true;
            case Footing f -> f.storey().equals(plan.storey());
            case SpotLevel l -> true;
            case Roof r -> true;
            case Stair s -> true;
            case SectionLine l -> true;
            case Ruled r -> true;
            case Annotation a -> !(a instanceof Measuring) && plan.shows(a);
            case Room r -> r.storey().equals(plan.storey());
            case Opening o -> false;
            case WallPiece p -> false;
            case OutsideSteps s -> false;
            case Corner c -> false;
            case Drawing d -> isPart(d, plan);
            case Element.Apart a -> false;
        };
    }
}
