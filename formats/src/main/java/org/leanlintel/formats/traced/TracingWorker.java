package org.leanlintel.formats.traced;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.traced.TracedFile.Untraceable;

/**
 * Reads a file to trace from in a process of its own, which can be ended whatever the file makes it do. The file comes on standard
 * input; on standard output goes {@link #READ} and what was asked for, or {@link #REFUSED} and a sentence.
 */
public final class TracingWorker {

    public static final int READ = 0, REFUSED = 1;

    /** What can be asked of a file. */
    public enum Question {
        /** The sizes of its pages, as JSON; a picture is read whole. */
        PAGES,
        /** A page as a PNG. */
        PNG,
        /** The lines on a page, as JSON. */
        LINES
    }

    private TracingWorker() {}

    /** @param arguments a {@link Question} and a page from 1 */
    public static void main(String[] arguments) throws IOException {
        PrintStream out = System.out;
        System.setOut(System.err);
        System.setProperty("java.awt.headless", "true");
        byte[] answer;
        int status = READ;
        try {
            TracedFile file = TracedFile.of(System.in.readAllBytes());
            answer = answer(file, Question.valueOf(arguments[0]), Integer.parseInt(arguments[1]));
        } catch (Untraceable | OutOfMemoryError | StackOverflowError refused) {
            status = REFUSED;
            String sentence = refused instanceof Untraceable
                    ? String.valueOf(refused.getMessage())
                    : "This file takes more memory than there is to read it.";
            answer = sentence.getBytes(StandardCharsets.UTF_8);
        }
        write(out, status, answer);
        Runtime.getRuntime().halt(0);
    }

    private static byte[] answer(TracedFile file, Question question, int page) {
        return switch (question) {
            case PAGES -> {
                file.readWhole();
                yield Json.mapper().writeValueAsBytes(file.pages());
            }
            case PNG -> file.png(page);
            case LINES -> Json.mapper().writeValueAsBytes(file.lines(page));
        };
    }

    private static void write(OutputStream out, int status, byte[] answer) throws IOException {
        out.write(status);
        out.write(answer);
        out.flush();
    }
}
