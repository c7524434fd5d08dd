package org.leanlintel.core.model;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;

/**
 * A roof over a storey. Its planes, ridges, hips and valleys follow from how each of its edges rises.
 *
 * @param mark what people call it: R1
 * @param plate the level of the wall plates its rafters stand on
 * @param heel how the rafters stand on the plate
 * @param usual what its edges are unless something else is said of them
 * @param own what is said of single edges, each named once
 * @param under what closes the rooms under it above
 */
public record Roof(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        ElementId buildUp,
        Over over,
        Plate plate,
        Heel heel,
        Edge usual,
        List<OwnEdge> own,
        Trim trim,
        Under under,
        WorkState state)
        implements InWork, OnStorey, Marked {

    private static final int MOST_EDGES = 400;

    public Roof {
        mark = Checks.name("A roof's mark", mark);
        own = List.copyOf(own);
        if (own.size() > MOST_EDGES) throw new Unusable("A roof has %d edges at most.".formatted(MOST_EDGES));
        Set<Along> said = new HashSet<>();
        for (OwnEdge o : own)
            if (!said.add(o.along()))
                throw new Unusable("The roof %s says of an edge twice what it is.".formatted(mark));
    }

    /** What it covers. */
    public sealed interface Over {}

    /** All that a shell of walls closes round, from their outer faces. @param seed a point in it */
    public record OverShell(Vec seed) implements Over {
        public OverShell {
            seed = Checks.near(seed);
        }
    }

    /** As drawn, without its overhang. @param ring counter-clockwise, not repeating the first point */
    public record OverRing(List<Vec> ring) implements Over {
        public OverRing {
            ring = Winding.counterClockwise(Checks.cleanRing("A roof", ring));
        }
    }

    /** The level its rafters stand at. */
    public sealed interface Plate {}

    public record AtWallHeads() implements Plate {}

    /** @param mm above the storey's level */
    public record AtHeight(double mm) implements Plate {
        public AtHeight {
            mm = Checks.between("The height of a roof's plate", mm, -1000, 20_000);
        }
    }

    /** How rafters stand on the plate. */
    public sealed interface Heel {}

    /** Cut over it. @param mm how wide the level cut is */
    public record Seated(double mm) implements Heel {
        public Seated {
            mm = Checks.between("A rafter's seat", mm, 0, 500);
        }
    }

    /** Raised. @param mm upright, from the plate's outer edge to the top of the rafter or truss */
    public record Raised(double mm) implements Heel {
        public Raised {
            mm = Checks.between("A raised heel", mm, 20, 2000);
        }
    }

    /** Where the water goes of a roof that ends within a parapet. */
    public sealed interface Fall {}

    public record FallsElsewhere() implements Fall {}

    /** A slope begins there. */
    public record FallsToIt(Pitch pitch) implements Fall {}

    /** An edge that is not as usual. */
    public record OwnEdge(Along along, Edge edge) {}

    /** Which edge. */
    public sealed interface Along {}

    /** The one over a wall. */
    public record OnWall(ElementId wall) implements Along {}

    /** One of the ring that was drawn, from its first point on. */
    public record OnSide(int index) implements Along {
        public OnSide {
            if (index < 0 || index >= MOST_EDGES) throw new Unusable("A roof has no edge %d.".formatted(index));
        }
    }

    /**
     * How a roof begins at one side.
     *
     * @param overhangMm level, from the wall's outer face to the outer face of the fascia or verge board
     * @param raisedMm its plate over that of the roof
     */
    public record Edge(Rises rises, double overhangMm, double raisedMm) {
        public Edge {
            overhangMm = Checks.between("An overhang", overhangMm, 0, 3000);
            raisedMm = Checks.between("How far a plate is raised", raisedMm, 0, 10_000);
            if (rises instanceof Against && overhangMm != 0)
                throw new Unusable("A roof that lies against a wall has no overhang there.");
            if (rises instanceof Parapet && overhangMm != 0)
                throw new Unusable("A roof has no overhang where a parapet stands.");
        }

        /** Rise per run of its first slope; 0 where none begins at it. */
        public double tan() {
            return switch (rises) {
                case Eaves e -> e.pitch().tan();
                case Broken b -> b.lower().tan();
                case Verge v -> 0;
                case HalfHip h -> 0;
                case Gablet g -> g.pitch().tan();
                case Against a -> 0;
                case Parapet p -> p.fall() instanceof FallsToIt f ? f.pitch().tan() : 0;
            };
        }

        /** What is said of it in words. */
        public String words() {
            return switch (rises) {
                case Eaves e -> "eaves, " + e.pitch().words();
                case Broken b ->
                    "eaves, " + b.lower().words() + " then " + b.upper().words();
                case Verge v -> "verge";
                case HalfHip h -> "half hip, " + h.pitch().words();
                case Gablet g -> "eaves with a gablet, " + g.pitch().words();
                case Against a -> "against a wall";
                case Parapet p ->
                    p.fall() instanceof FallsToIt f
                            ? "parapet, falling to it at " + f.pitch().words()
                            : "parapet";
            };
        }
    }

    /** How the roof rises over an edge. */
    public sealed interface Rises {}

    /** A slope begins there. */
    public record Eaves(Pitch pitch) implements Rises {}

    /** A gable. */
    public record Verge() implements Rises {}

    /** A gable up to a level, a slope from there. @param uprightMm of the gable, above the plate */
    public record HalfHip(double uprightMm, Pitch pitch) implements Rises {
        public HalfHip {
            uprightMm = Checks.between("The height of a half hip's gable", uprightMm, 50, 20_000);
        }
    }

    /** A slope up to a level, a small gable from there. @param uprightMm where that begins, above the plate */
    public record Gablet(Pitch pitch, double uprightMm) implements Rises {
        public Gablet {
            uprightMm = Checks.between("Where a gablet begins", uprightMm, 50, 20_000);
        }
    }

    /** A slope up to a level and another from there: a mansard where it is steeper below. @param breakMm above the plate */
    public record Broken(Pitch lower, double breakMm, Pitch upper) implements Rises {
        public Broken {
            breakMm = Checks.between("The height of a roof's break", breakMm, 50, 20_000);
        }
    }

    /** It ends against something that rises past it. */
    public record Against() implements Rises {}

    /**
     * It ends within the wall below, which rises past it.
     *
     * @param upMm level, of the wall above the plate; @param copingMm how thick what covers it is; 0 for none
     * @param fall where the water goes
     */
    public record Parapet(double upMm, double copingMm, Fall fall) implements Rises {
        public Parapet {
            upMm = Checks.between("A parapet's height", upMm, 50, 5000);
            copingMm = Checks.between("A coping's thickness", copingMm, 0, 300);
        }
    }

    /**
     * What finishes its edges.
     *
     * @param fasciaMm how high fascias and verge boards are; 0 for none
     * @param gutterMm how wide gutters are; 0 for none
     * @param material of fascias, soffits and copings
     * @param gutterOf the material of gutters
     * @param flashingMm how far up the wall it runs where a roof lies against one or ends within a parapet, above the covering; 0 for none
     * @param flashingOf its material
     */
    public record Trim(
            double fasciaMm,
            Soffit soffit,
            ElementId material,
            double gutterMm,
            ElementId gutterOf,
            double flashingMm,
            ElementId flashingOf) {
        public Trim {
            fasciaMm = Checks.between("A fascia's height", fasciaMm, 0, 1000);
            gutterMm = Checks.between("A gutter's width", gutterMm, 0, 500);
            flashingMm = Checks.between("A flashing's height", flashingMm, 0, 1000);
        }

        /** The same of other stock. */
        public Trim of(UnaryOperator<ElementId> other) {
            return new Trim(
                    fasciaMm,
                    soffit,
                    other.apply(material),
                    gutterMm,
                    other.apply(gutterOf),
                    flashingMm,
                    other.apply(flashingOf));
        }
    }

    public enum Soffit {
        LEVEL,
        /** Along the underside of the rafters. */
        SLOPED,
        NONE
    }

    /** What closes the rooms under a roof above. */
    public sealed interface Under {}

    /** The roof itself: walls go up to it. */
    public record ItsUnderside() implements Under {}

    /** Nothing of its own: a loft over rooms that something else closes, or none. */
    public record Loft() implements Under {}

    /** A ceiling on the plates. */
    public record LevelCeiling(ElementId buildUp) implements Under {}

    /** What its edge along a wall or a side is. */
    public Edge edge(Along along) {
        for (OwnEdge o : own) if (o.along().equals(along)) return o.edge();
        return usual;
    }

    public Roof on(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new Roof(
                otherId,
                otherStorey,
                otherLayer,
                otherMark,
                buildUp,
                over,
                plate,
                heel,
                usual,
                own,
                trim,
                under,
                state);
    }

    public Roof over(Over other, List<OwnEdge> otherOwn) {
        return new Roof(id, storey, layer, mark, buildUp, other, plate, heel, usual, otherOwn, trim, under, state);
    }

    /** The same of other stock. */
    public Roof of(ElementId otherBuildUp, Trim otherTrim, Under otherUnder) {
        return new Roof(
                id, storey, layer, mark, otherBuildUp, over, plate, heel, usual, own, otherTrim, otherUnder, state);
    }

    @Override
    public Roof in(WorkState other) {
        return new Roof(id, storey, layer, mark, buildUp, over, plate, heel, usual, own, trim, under, other);
    }

    @Override
    public Roof onLayer(ElementId other) {
        return new Roof(id, storey, other, mark, buildUp, over, plate, heel, usual, own, trim, under, state);
    }
}
