package org.leanlintel.core.picture;

/** What is drawn pale. */
public final class Inks {

    /** Of lines and words. */
    public static final String PALE = "#b4b9bc";

    /** Of lines and words of what stands already, and of what it is filled with. */
    public static final String STANDING = "#6f767a", STANDING_TINT = "#d3d0c8";

    /** Of what is to be mended. */
    public static final String WARNING = "#b3321f";

    /** What is left of a tint. */
    private static final double LEFT = 0.3;

    private Inks() {}

    /** A tint as {@code #rrggbb}, mixed with white. */
    public static String paled(String tint) {
        int rgb = Integer.parseInt(tint.substring(1), 16), mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int part = rgb >> shift & 0xff;
            mixed |= (int) Math.round(255 - (255 - part) * LEFT) << shift;
        }
        return "#%06x".formatted(mixed);
    }
}
