package org.leanlintel.formats.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;

/** An independent reader of DXF (Debian's python3-ezdxf), asked by a script. */
final class DxfReader {

    private DxfReader() {}

    /** @param script among the resources; @param folder for files of its own. @return what it says, line by line */
    static List<String> says(String script, byte[] dxf, Path folder) throws IOException, InterruptedException {
        Path file = Files.write(folder.resolve("drawing.dxf"), dxf), own = folder.resolve(script);
        try (var in = Objects.requireNonNull(DxfReader.class.getResourceAsStream("/" + script))) {
            Files.write(own, in.readAllBytes());
        }
        Process reader = new ProcessBuilder("/usr/bin/python3", own.toString(), file.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(reader.waitFor()).as(said).isZero();
        return said.lines().toList();
    }
}
