package org.leanlintel.formats.dxf;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import org.leanlintel.core.geometry.Vec;

/** The pairs of a group code and a value that a DXF file is made of, and the handles that its objects are told apart by. */
final class Tags {

    private static final int PLACES = 6;

    private final StringBuilder out = new StringBuilder(1 << 16);
    private final Handles handles;

    /** The handles of one file, each given once. */
    static final class Handles {

        private int last = 0x10000;

        String next() {
            return Integer.toHexString(++last).toUpperCase(Locale.ROOT);
        }
    }

    Tags(Handles handles) {
        this.handles = handles;
    }

    Tags put(int code, String value) {
        out.append(code).append('\n').append(value).append('\n');
        return this;
    }

    Tags put(int code, int value) {
        return put(code, Integer.toString(value));
    }

    Tags put(int code, double value) {
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(PLACES, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return put(
                code,
                rounded.scale() < 1
                        ? rounded.setScale(1, RoundingMode.UNNECESSARY).toPlainString()
                        : rounded.toPlainString());
    }

    /** A point: its x under a code, its y under that and 10. */
    Tags at(int code, Vec point) {
        return put(code, point.x()).put(code + 10, point.y());
    }

    /** The same with no height, under that and 20. */
    Tags at3(int code, Vec point) {
        return at(code, point).put(code + 20, 0.0);
    }

    /** Begins an object with a handle of its own, belonging to another. */
    Tags begin(String type, String owner) {
        return put(0, type).put(5, handles.next()).put(330, owner);
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
