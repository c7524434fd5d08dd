package org.leanlintel.core.picture.wall;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Catches;
import org.leanlintel.core.picture.DrawnPlies;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.Undrawn;
import org.leanlintel.core.picture.annotate.WallMark;

/**
 * A wall as a plan shows it, with its openings and pieces, but for the mark of its build-up.
 *
 * @param groups the wall's own first
 * @param mark where that may stand; without a place where none is shown
 * @param reach all that any place of the mark takes; null where it has none
 * @param texts boxes of the marks of its openings and pieces
 * @param leaves boxes its doors swing through and its bays stand out into
 */
public record DrawnWall(
        List<Group> groups, WallMark mark, @Nullable Bounds reach, List<Bounds> texts, List<Bounds> leaves) {

    public DrawnWall {
        groups = List.copyOf(groups);
        texts = List.copyOf(texts);
        leaves = List.copyOf(leaves);
    }

    /** That of a plan; null where the wall is not there, has no length or does not show. */
    public record Of(PlanOf plan, ElementId wall) implements Key<@Nullable DrawnWall> {
        @Override
        public @Nullable DrawnWall from(Reads reads) {
            Building building = Building.in(reads);
            WallSolid solid = building.solid(wall);
            if (solid == null || !solid.strip().wall().storey().equals(plan.storey())) return null;
            Look look = plan.look(building);
            if (look.hides(solid.strip().wall())) return null;
            return orMark(solid, look, new Undrawn(look, plan.lettering()));
        }
    }

    /** Marked where it cannot be drawn. */
    private static DrawnWall orMark(WallSolid solid, Look look, Undrawn undrawn) {
        Wall wall = solid.strip().wall();
        DrawnWall[] drawn = new DrawnWall[1];
        Group group = undrawn.orMark(
                wall.id(),
                wall.layer(),
                wall.mark(),
                solid.strip().at(solid.strip().length() / 2, 0),
                () -> {
                    drawn[0] = of(solid, look);
                    return drawn[0].groups().getFirst();
                });
        return drawn[0] != null ? drawn[0] : new DrawnWall(List.of(group), WallMark.NONE, null, List.of(), List.of());
    }

    static DrawnWall of(WallSolid solid, Look look) {
        List<Group> groups = new ArrayList<>();
        List<Bounds> leaves = new ArrayList<>();
        groups.add(wall(solid.closing(o -> OpeningLook.of(o, look).isClosed(), look::isOff), look));
        for (PlacedOpening placed : solid.openings()) {
            OpeningLook shown = OpeningLook.of(placed.opening(), look);
            if (shown == OpeningLook.NOT_THERE
                    || look.layering().hides(placed.opening().layer())) continue;
            groups.add(opening(solid, placed, shown, look));
            if (shown != OpeningLook.OPEN || look.lens().symbol() != Lens.Symbol.LEAF) continue;
            for (Leaf leaf : Leaf.of(solid.strip(), placed)) leaves.addAll(leaf.sweptBoxes());
            List<Vec> bay = placed.bay(solid.strip());
            if (!bay.isEmpty()) leaves.add(Bounds.of(bay));
        }
        for (PlacedPiece piece : solid.pieces())
            if (!look.hides(piece.piece())) groups.add(PiecePainter.of(solid, piece, look));
        double scale = look.drawing().scale();
        WallMark mark = mark(solid, look);
        Bounds reach = mark.places().stream()
                .map(p -> p.box(scale))
                .reduce(Bounds::with)
                .orElse(null);
        return new DrawnWall(groups, mark, reach, TakenBoxes.marks(groups, scale), leaves);
    }

    private static Group opening(WallSolid solid, PlacedOpening placed, OpeningLook shown, Look look) {
        Pens pens = new Pens(look.lens());
        new OpeningPainter(solid, placed, look.cutMm(), look.lens().symbol(), pens).paint(shown);
        Strip strip = solid.strip();
        List<Vec> through = strip.ring(placed.from(), placed.to(), strip.lo(), strip.hi());
        Opening opening = placed.opening();
        return new Group(opening.id(), opening.layer(), pens.items(), Catches.of(solid, placed)).on(List.of(through));
    }

    private static WallMark mark(WallSolid solid, Look look) {
        Wall wall = solid.strip().wall();
        boolean shown = look.marks(Lens.MarkOf.BUILD_UPS)
                && !look.layering().hides(wall.layer())
                && look.cuts(wall)
                && wall.state() == WorkState.NEW;
        return shown ? WallMark.of(solid, look.drawing().scale()) : WallMark.NONE;
    }

    private static Group wall(WallSolid solid, Look look) {
        Wall wall = solid.strip().wall();
        Pens pens = new Pens(look.lens());
        if (look.cuts(wall)) {
            double scale = look.drawing().scale();
            new WallPainter(solid, solid.bands().at(look.cutMm()), DrawnPlies.of(look), scale, pens).paint();
        } else if (look.of(wall.state()) == Lens.StateLook.DASHED) UncutWall.paintRemoved(solid, pens);
        else UncutWall.paint(solid, look.cutMm(), pens);
        return new Group(wall.id(), wall.layer(), pens.items(), Catches.of(solid));
    }
}
