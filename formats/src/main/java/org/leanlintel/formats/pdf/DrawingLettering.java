package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.leanlintel.core.picture.Lettering;

/** The tables of advances of the drawing faces, read from the font files, so that core can lay out text without fonts. */
public final class DrawingLettering {

    private static final int LAST_CHARACTER = 0x2265;
    private static final Lettering LETTERING = read();

    private DrawingLettering() {}

    public static Lettering get() {
        return LETTERING;
    }

    private static Lettering read() {
        try (TrueTypeFont regular = Face.REGULAR.parse();
                TrueTypeFont strong = Face.STRONG.parse();
                TrueTypeFont fallback = Face.FALLBACK.parse()) {
            double capital = regular.getOS2Windows().getCapHeight() / (double) regular.getUnitsPerEm();
            return new Lettering(advances(regular, fallback), advances(strong, fallback), 0.6, capital);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<Integer, Double> advances(TrueTypeFont face, TrueTypeFont fallback) throws IOException {
        Map<Integer, Double> advances = new HashMap<>();
        addAdvances(fallback, advances);
        addAdvances(face, advances);
        return advances;
    }

    private static void addAdvances(TrueTypeFont font, Map<Integer, Double> advances) throws IOException {
        CmapLookup glyphs = font.getUnicodeCmapLookup();
        for (int c = 32; c <= LAST_CHARACTER; c++) {
            int glyph = glyphs.getGlyphId(c);
            if (glyph > 0) advances.put(c, font.getAdvanceWidth(glyph) / (double) font.getUnitsPerEm());
        }
    }
}
