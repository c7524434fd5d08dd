package org.leanlintel.core.model;

/**
 * One storey.
 *
 * @param levelMm its finished floor above the project's datum
 * @param heightMm from its level to where its walls' heads stand
 */
public record Storey(ElementId id, String name, double levelMm, double heightMm) implements Element {

    public Storey {
        name = Checks.name("A storey's name", name);
        levelMm = Checks.between("A storey's level", levelMm, -100_000, 500_000);
        heightMm = Checks.between("A storey's height", heightMm, 500, 20_000);
    }

    public double headMm() {
        return levelMm + heightMm;
    }
}
