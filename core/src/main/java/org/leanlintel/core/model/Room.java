package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * What a drafter says of a closed area of a storey. The area itself is found from walls and room limits.
 *
 * @param seed a point of the area it is
 * @param number as on its label; may be empty
 * @param ceiling where its ceiling is, above the storey's level
 */
public record Room(
        ElementId id,
        ElementId storey,
        ElementId layer,
        Vec seed,
        String number,
        String name,
        Use use,
        Finishes finishes,
        Rise.Ceiling ceiling,
        LabelPlace label)
        implements OnLayer, OnStorey {

    public Room {
        seed = Checks.near(seed);
        number = Checks.text("A room's number", number.strip(), 12);
        name = Checks.name("A room's name", name);
    }

    public Room seeded(Vec other) {
        return new Room(id, storey, layer, other, number, name, use, finishes, ceiling, label);
    }

    public Room numbered(String other) {
        return new Room(id, storey, layer, seed, other, name, use, finishes, ceiling, label);
    }

    public Room labelled(LabelPlace other) {
        return new Room(id, storey, layer, seed, number, name, use, finishes, ceiling, other);
    }

    public Room on(ElementId otherId, ElementId otherStorey, ElementId otherLayer) {
        return new Room(otherId, otherStorey, otherLayer, seed, number, name, use, finishes, ceiling, label);
    }

    /** Above the storey's level, millimetres. */
    public double ceilingMm(StoreySpace on) {
        return ceiling instanceof Rise.Fixed f ? f.mm() : on.ceilingMm();
    }

    /** What happens in it; rules ask by this. */
    public enum Use {
        LIVING,
        KITCHEN,
        DINING,
        BEDROOM,
        STUDY,
        BATHROOM,
        WC,
        UTILITY,
        HALL,
        STORE,
        GARAGE,
        OTHER
    }

    /** As codes or in words, each may be empty. */
    public record Finishes(String floor, String walls, String ceiling) {

        public static final Finishes NONE = new Finishes("", "", "");

        public Finishes {
            floor = Checks.text("A floor finish", floor.strip(), 60);
            walls = Checks.text("A wall finish", walls.strip(), 60);
            ceiling = Checks.text("A ceiling finish", ceiling.strip(), 60);
        }
    }

    /** Where its label stands. */
    public sealed interface LabelPlace {}

    /** Where it is clear of everything else. */
    public record WhereClear() implements LabelPlace {}

    /** Where the drafter put it. @param at the middle of the label */
    public record PutAt(Vec at) implements LabelPlace {
        public PutAt {
            at = Checks.near(at);
        }
    }

    @Override
    public Room onLayer(ElementId other) {
        return new Room(id, storey, other, seed, number, name, use, finishes, ceiling, label);
    }
}
