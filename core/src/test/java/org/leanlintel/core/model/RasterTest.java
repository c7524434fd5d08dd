package org.leanlintel.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.util.Base64;
import org.junit.jupiter.api.Test;

class RasterTest {

    /** As a PNG begins: its signature, the length and the name of its first part, its size. */
    private static String png(int width, int height) {
        ByteBuffer bytes = ByteBuffer.allocate(33).putLong(0x89504E470D0A1A0AL).putInt(13);
        return base64(bytes.put("IHDR".getBytes()).putInt(width).putInt(height).array());
    }

    /** As a JPEG begins: a part of its own, then a frame with its height before its width. */
    private static String jpeg(int width, int height, int colours) {
        ByteBuffer bytes = ByteBuffer.allocate(40).putShort((short) 0xFFD8);
        bytes.putShort((short) 0xFFE0).putShort((short) 6).putInt(0);
        bytes.putShort((short) 0xFFC2).putShort((short) 17).put((byte) 8);
        return base64(bytes.putShort((short) height)
                .putShort((short) width)
                .put((byte) colours)
                .array());
    }

    private static String base64(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }

    @Test
    void itsSizeIsReadFromItsFile() {
        assertThat(Raster.of(png(640, 200))).returns(640, Raster::widthDots).returns(200, Raster::heightDots);
        assertThat(Raster.of(jpeg(300, 700, 3))).returns(300, Raster::widthDots).returns(700, Raster::heightDots);
        assertThat(Raster.of(png(1, 1)).address()).startsWith("data:image/png;base64,iVBORw0KGgo");
        assertThat(Raster.of(jpeg(1, 1, 1)).address()).startsWith("data:image/jpeg;base64,/9j/");
    }

    @Test
    void whatIsNoneOrTooLargeIsRefusedWithAReason() {
        assertThatThrownBy(() -> Raster.of("no base 64!")).isInstanceOf(Unusable.class);
        assertThatThrownBy(() -> Raster.of(base64("<svg/>".repeat(9).getBytes())))
                .hasMessage("A picture is a PNG or a JPEG.");
        assertThatThrownBy(() -> Raster.of(png(4000, 10))).hasMessageContaining("3,000 dots");
        assertThatThrownBy(() -> Raster.of(png(0, 10))).hasMessageContaining("1 to");
        assertThatThrownBy(() -> Raster.of(base64(new byte[300_001]))).hasMessageContaining("300 at most");
        assertThatThrownBy(() -> Raster.of(jpeg(10, 10, 4))).hasMessageContaining("four colours of printing");
        assertThatThrownBy(() -> Raster.of(base64(new byte[] {-1, -40, -1, -32, 0, 0, 0, 0, 0, 0, 0, 0})))
                .as("a part without a length")
                .isInstanceOf(Unusable.class);
    }
}
