package org.leanlintel.core.model;

/**
 * One storey.
 *
 * @param levelMm its finished floor above the project's zero
 * @param heightMm from its level to that of the storey above; of the topmost, to where its walls' heads stand
 * @param floor what its floors are made of where they do not say otherwise; walls stand on its structure
 * @param ceiling where its ceilings are
 */
public record Storey(ElementId id, String name, double levelMm, double heightMm, Underfoot floor, Rise.Ceiling ceiling)
        implements Element.Apart {

    public Storey {
        name = Checks.name("A storey's name", name);
        levelMm = Checks.between("A storey's level", levelMm, -100_000, 500_000);
        heightMm = Checks.between("A storey's height", heightMm, 500, 20_000);
    }

    /** A storey whose walls stand on its level, with ceilings as high as it is. */
    public static Storey bare(ElementId id, String name, double levelMm, double heightMm) {
        return new Storey(id, name, levelMm, heightMm, new NotSaid(), new Rise.UnderStoreyAbove());
    }

    /** What its floors are made of. */
    public sealed interface Underfoot {}

    /** Its walls stand on its level. */
    public record NotSaid() implements Underfoot {}

    /** Of a build-up for floors. */
    public record Built(ElementId buildUp) implements Underfoot {}

    public double topMm() {
        return levelMm + heightMm;
    }

    public Storey at(double otherLevelMm) {
        return new Storey(id, name, otherLevelMm, heightMm, floor, ceiling);
    }

    public Storey high(double otherHeightMm) {
        return new Storey(id, name, levelMm, otherHeightMm, floor, ceiling);
    }

    public Storey called(ElementId otherId, String otherName) {
        return new Storey(otherId, otherName, levelMm, heightMm, floor, ceiling);
    }
}
