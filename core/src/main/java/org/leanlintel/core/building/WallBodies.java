package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.EndJoint.Cap;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.building.join.RiseLine;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Rise;

/** What a wall amounts to as bodies, and as areas in plan. */
public final class WallBodies {

    private final WallSolid solid;
    private final Strip strip;
    private final List<Body> bodies = new ArrayList<>();

    private WallBodies(WallSolid solid) {
        this.solid = solid;
        strip = solid.strip();
    }

    /** Everything that stands of a wall, from its foot to a height above its storey's level. */
    static List<Body> of(WallSolid solid, double topMm) {
        WallBodies made = new WallBodies(solid);
        for (Band band : solid.bands().upTo(topMm)) made.add(band);
        for (Slab slab : solid.slabs()) made.add(slab);
        made.addFacingBeforeFloor();
        return made.bodies;
    }

    private void add(Band band) {
        for (int i = 0; i < strip.plies().size(); i++) {
            if (strip.plies().get(i).thickness() == 0) continue;
            for (PlyRun run : solid.bands().runs(i, band)) add(i, run, band);
        }
        for (Cap cap : solid.caps()) {
            double height = solid.rise().headWithin(cap.from(), cap.to()) + solid.levelMm();
            if (height > band.lowMm() + Tolerance.SAME_MM)
                add(cap.ply(), solid.outline(cap), band.lowMm(), Math.min(height, band.highMm()));
        }
        for (Slab slab : solid.bands().leftByNiches(band)) add(slab);
    }

    private void add(Slab slab) {
        bodies.add(new Body(
                slab.element(),
                Content.NO_PLY,
                slab.material(),
                slab.does(),
                solid.outline(slab),
                Plane.level(slab.lowMm()),
                Plane.level(slab.highMm())));
    }

    /** A run of a ply between two heights; where the wall is raked or stepped, a body for each straight piece of it. */
    private void add(int ply, PlyRun run, Band band) {
        if (solid.rise().isLevel()) {
            add(ply, solid.bands().outline(ply, run), band.lowMm(), band.highMm());
            return;
        }
        double level = solid.levelMm();
        List<RiseLine.Piece> pieces = solid.rise().pieces(band.lowMm() - level, band.highMm() - level);
        List<Vec> whole = solid.bands().outline(ply, run);
        Vec start = strip.at(0, 0), along = strip.axis().chord().direction();
        for (RiseLine.Piece piece : pieces) {
            boolean first = piece.from() < Tolerance.SAME_MM, last = piece.to() > strip.length() - Tolerance.SAME_MM;
            List<Vec> outline = Clip.between(whole, start, along, first ? -1e6 : piece.from(), last ? 1e6 : piece.to());
            if (outline.isEmpty()) continue;
            StripPly p = strip.plies().get(ply);
            bodies.add(new Body(
                    strip.wall().id(),
                    p.index(),
                    p.material(),
                    p.does(),
                    outline,
                    plane(piece, piece.footFrom(), piece.footTo()),
                    plane(piece, piece.headFrom(), piece.headTo())));
        }
    }

    private Plane plane(RiseLine.Piece piece, double from, double to) {
        double level = solid.levelMm();
        Vec along = strip.axis().chord().direction();
        return Plane.rising(strip.at(piece.from(), 0), level + from, along, (to - from) / (piece.to() - piece.from()));
    }

    /** What lies outside the structure runs on down before the edge of the floor, to the wall below. */
    private void addFacingBeforeFloor() {
        double low = solid.space().facingFootMm(), high = solid.space().footMm();
        if (!(strip.wall().rise().foot() instanceof Rise.OnFloor) || high - low < Tolerance.SAME_MM) return;
        Band band = solid.bands().whole();
        for (int i = 0; i < strip.plies().size(); i++) {
            StripPly p = strip.plies().get(i);
            if (p.thickness() == 0 || p.index() >= strip.buildUp().structureFrom()) continue;
            for (PlyRun run : solid.bands().runs(i, band))
                add(i, solid.bands().outline(i, run), solid.levelMm() + low, solid.levelMm() + high);
        }
    }

    private void add(int ply, List<Vec> outline, double lowMm, double highMm) {
        StripPly p = strip.plies().get(ply);
        bodies.add(new Body(
                strip.wall().id(),
                p.index(),
                p.material(),
                p.does(),
                outline,
                Plane.level(lowMm),
                Plane.level(highMm)));
    }

    /** What stands of a wall's plies within {@code reach} of an end, openings left out. */
    public static List<Area> near(WallSolid solid, End which, double reach) {
        Vec at = solid.strip().axis().at(which);
        Area place = Area.rectangle(at.x() - reach, at.y() - reach, 2 * reach, 2 * reach);
        return plies(solid).stream().map(a -> a.and(place)).toList();
    }

    /** Whether no ply crosses itself, as one may where an arc is too tight for its joints. */
    public static boolean areClean(WallSolid solid) {
        return plies(solid).stream().allMatch(Area::isClean);
    }

    /** All plies of a wall in plan, openings left out; of one whose plies are clean. */
    public static Area footprint(WallSolid solid) {
        Area outline = WallOutline.of(solid);
        if (outline != null) return outline;
        List<Area> all = plies(solid);
        for (Cap cap : solid.caps()) all.add(Area.of(solid.outline(cap)));
        return Area.union(all);
    }

    /** What lies between the outer and the inner face of a wall's structure in plan, openings left out. */
    public static List<Area> structure(WallSolid solid) {
        BuildUp buildUp = solid.strip().buildUp();
        return plies(solid, p -> p.index() >= buildUp.structureFrom() && p.index() < buildUp.structureTo());
    }

    /** The plies outside face {@code face} of the build-up in plan, openings left out. */
    public static List<Area> outsideOf(WallSolid solid, int face) {
        return plies(solid, p -> p.index() < face);
    }

    private static List<Area> plies(WallSolid solid) {
        return plies(solid, p -> true);
    }

    private static List<Area> plies(WallSolid solid, Predicate<StripPly> counts) {
        Band whole = solid.bands().whole();
        List<Area> areas = new ArrayList<>();
        for (int i = 0; i < solid.strip().plies().size(); i++) {
            StripPly ply = solid.strip().plies().get(i);
            if (ply.thickness() == 0 || !counts.test(ply)) continue;
            for (PlyRun run : solid.bands().runs(i, whole))
                areas.add(Area.of(solid.bands().outline(i, run)));
        }
        return areas;
    }
}
