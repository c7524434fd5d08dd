package org.leanlintel.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.leanlintel.formats.json.ProjectFile;

/** Writes a project of 400 walls, 60 rooms, 320 openings, 480 fittings, 50 strings and 5 drawn floors, for measuring the board with. */
public final class FittedStorey {

    private static final int WALLS = 400;

    private FittedStorey() {}

    /** @param arguments the file to write */
    public static void main(String... arguments) throws IOException {
        Files.write(
                Path.of(arguments[0]), ProjectFile.write(Houses.fitted(WALLS).model()));
    }
}
