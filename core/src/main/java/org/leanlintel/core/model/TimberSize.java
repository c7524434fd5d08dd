package org.leanlintel.core.model;

/**
 * A size timber is sold as, and what it really measures.
 *
 * @param name what the trade calls it: {@code 2x6}, {@code 38x140 CLS}
 * @param widthMm actual, along the wall
 * @param depthMm actual, across the wall
 */
public record TimberSize(String name, double widthMm, double depthMm, String source) {

    public TimberSize {
        name = Checks.name("A timber's name", name);
        widthMm = Checks.between("A timber's width", widthMm, 5, 1000);
        depthMm = Checks.between("A timber's depth", depthMm, 5, 1000);
        source = Checks.text("A source", source, 300);
    }
}
