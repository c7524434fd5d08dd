package org.leanlintel.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;

/** A one-page PDF, read back: its size, its straight lines in millimetres, its fonts and its words. */
final class PrintedPage {

    private static final double MM_PER_POINT = 25.4 / 72;

    final double widthMm;
    final double heightMm;
    final List<Double> levelLinesMm = new ArrayList<>();
    final List<String> fontsNotEmbedded = new ArrayList<>();
    final String words;
    final String printScaling;

    PrintedPage(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDPage page = document.getPage(0);
            PDRectangle box = page.getMediaBox();
            widthMm = box.getWidth() * MM_PER_POINT;
            heightMm = box.getHeight() * MM_PER_POINT;
            words = new PDFTextStripper().getText(document);
            printScaling = document.getDocumentCatalog().getViewerPreferences().getPrintScaling();
            for (var name : page.getResources().getFontNames()) {
                var font = page.getResources().getFont(name);
                if (!font.isEmbedded()) fontsNotEmbedded.add(font.getName());
            }
            readLines(new PDFStreamParser(page).parse());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void readLines(List<Object> tokens) {
        List<Double> operands = new ArrayList<>();
        double x = 0, y = 0;
        for (Object token : tokens) {
            if (token instanceof COSBase base) {
                if (base instanceof COSNumber number) operands.add((double) number.floatValue());
                continue;
            }
            String operator = ((Operator) token).getName();
            if ((operator.equals("m") || operator.equals("l")) && operands.size() == 2) {
                if (operator.equals("l") && Math.abs(operands.get(1) - y) < 0.001)
                    levelLinesMm.add(Math.abs(operands.get(0) - x) * MM_PER_POINT);
                x = operands.get(0);
                y = operands.get(1);
            }
            operands.clear();
        }
    }
}
