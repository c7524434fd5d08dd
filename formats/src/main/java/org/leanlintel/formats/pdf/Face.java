package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The font files that ship with the product, all under the SIL Open Font License. */
enum Face {
    REGULAR("BarlowSemiCondensed_400Regular.ttf"),
    STRONG("BarlowSemiCondensed_600SemiBold.ttf"),
    /** For letters the drawing face lacks. */
    FALLBACK("NotoSans_400Regular.ttf");

    private final String file;

    Face(String file) {
        this.file = file;
    }

    InputStream open() {
        InputStream in = Face.class.getResourceAsStream("/fonts/" + file);
        if (in == null) throw new IllegalStateException("The font " + file + " is missing");
        return in;
    }

    TrueTypeFont parse() {
        try (InputStream in = open()) {
            return new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
