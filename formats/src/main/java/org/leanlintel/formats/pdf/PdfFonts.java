package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces embedded in one document, each as a subset of the letters used, and its pictures of dots. */
final class PdfFonts {

    /** Letters that one face can show. */
    record Piece(PDFont font, String letters) {}

    private final PDDocument document;
    private final Map<Face, PDFont> loaded = new EnumMap<>(Face.class);
    private final PdfImages images;

    PdfFonts(PDDocument document) {
        this.document = document;
        images = new PdfImages(document);
    }

    PdfImages images() {
        return images;
    }

    private PDFont font(Face face) throws IOException {
        PDFont font = loaded.get(face);
        if (font == null) {
            font = PDType0Font.load(document, face.open(), true);
            loaded.put(face, font);
        }
        return font;
    }

    /** Splits letters by the face that has them; a letter no face has becomes a question mark. */
    List<Piece> pieces(String letters, boolean strong) throws IOException {
        PDFont first = font(strong ? Face.STRONG : Face.REGULAR);
        List<Piece> pieces = new ArrayList<>();
        for (int c : letters.codePoints().toArray()) {
            String letter = Character.toString(c);
            Piece piece = has(first, letter) ? new Piece(first, letter) : fallback(first, letter);
            boolean joins = !pieces.isEmpty() && pieces.getLast().font == piece.font;
            if (joins) pieces.set(pieces.size() - 1, new Piece(piece.font, pieces.getLast().letters + piece.letters));
            else pieces.add(piece);
        }
        return pieces;
    }

    private Piece fallback(PDFont first, String letter) throws IOException {
        PDFont other = font(Face.FALLBACK);
        return has(other, letter) ? new Piece(other, letter) : new Piece(first, "?");
    }

    private static boolean has(PDFont font, String letter) throws IOException {
        try {
            font.encode(letter);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }
}
