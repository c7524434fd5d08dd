package org.leanlintel.core.model;

import java.util.Base64;

/**
 * A picture made of dots that is kept within a project: a PNG (ISO/IEC 15948) or a JPEG (ISO/IEC 10918-1) in grey or red, green and
 * blue. Only what its file says of its size has been read.
 *
 * @param data its file, written to base 64
 */
public record Raster(String data, int widthDots, int heightDots) {

    private static final int MOST_BYTES = 300_000, MOST_DOTS = 3_000;
    private static final long PNG = 0x89504E470D0A1A0AL;
    /** Markers of JPEG: all begin with the first; frames begin with C0 to CF but for three. */
    private static final int MARKER = 0xFF, FRAMES = 0xC0, LAST_FRAME = 0xCF, TABLES = 0xC4, EXTENSION = 0xC8;

    private static final int CONDITIONS = 0xCC, PRINTING = 4;

    /** @throws Unusable with a sentence where it is none, or too large */
    public static Raster of(String data) {
        byte[] bytes;
        try {
            bytes = Base64.getDecoder().decode(data);
        } catch (IllegalArgumentException e) {
            throw new Unusable("A picture is a PNG or a JPEG.");
        }
        if (bytes.length > MOST_BYTES)
            throw new Unusable("The picture has %d kB; %d at most.".formatted(bytes.length / 1000, MOST_BYTES / 1000));
        Raster raster = isPng(bytes) ? new Raster(data, number(bytes, 16, 4), number(bytes, 20, 4)) : jpeg(data, bytes);
        int most = Math.max(raster.widthDots, raster.heightDots);
        if (raster.widthDots < 1 || raster.heightDots < 1 || most > MOST_DOTS)
            throw new Unusable("A picture has 1 to %,d dots each way.".formatted(MOST_DOTS));
        return raster;
    }

    private static boolean isPng(byte[] bytes) {
        return bytes.length > 24 && ((long) number(bytes, 0, 4) << 32 | number(bytes, 4, 4) & 0xFFFFFFFFL) == PNG;
    }

    /** From the first frame that begins. */
    private static Raster jpeg(String data, byte[] bytes) {
        int at = 2;
        boolean begins = bytes.length > 4 && number(bytes, 0, 2) == 0xFFD8;
        while (begins && at + 9 < bytes.length && (bytes[at] & 255) == MARKER) {
            int marker = bytes[at + 1] & 255;
            boolean frame = marker >= FRAMES
                    && marker <= LAST_FRAME
                    && marker != TABLES
                    && marker != EXTENSION
                    && marker != CONDITIONS;
            if (frame && bytes[at + 9] == PRINTING)
                throw new Unusable("The picture is in the four colours of printing. Save it in red, green and blue.");
            if (frame) return new Raster(data, number(bytes, at + 7, 2), number(bytes, at + 5, 2));
            at += 2 + number(bytes, at + 2, 2);
        }
        throw new Unusable("A picture is a PNG or a JPEG.");
    }

    /** Of so many bytes, the highest first. */
    private static int number(byte[] bytes, int at, int count) {
        int number = 0;
        for (int i = 0; i < count; i++) number = number << 8 | bytes[at + i] & 255;
        return number;
    }

    public byte[] bytes() {
        return Base64.getDecoder().decode(data);
    }

    /** As its address in a page or a drawing that has it in itself. */
    public String address() {
        return "data:image/%s;base64,%s".formatted(isPng(bytes()) ? "png" : "jpeg", data);
    }
}
