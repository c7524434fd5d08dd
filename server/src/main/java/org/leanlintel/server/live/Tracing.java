package org.leanlintel.server.live;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.traced.TracedFile.Segment;
import org.leanlintel.formats.traced.TracedFile.Size;
import org.leanlintel.formats.traced.TracedFile.Untraceable;
import org.leanlintel.formats.traced.TracingWorker;
import org.leanlintel.formats.traced.TracingWorker.Question;
import org.leanlintel.server.store.TracedPages;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/**
 * Reads files to trace from, each in a process of its own with a limit of time and memory: whatever a file makes that do, the
 * server goes on. What was read of a page is kept.
 */
@Component
public class Tracing {

    private static final String MEMORY = "-Xmx1500m";

    /** As many files as may be are being read. */
    public static final class Busy extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** What was asked of a page of a file. */
    private record Asked(String name, int page, Question what) {}

    /** What could not be read, so that it is not tried again at every look. */
    private final Map<Asked, Untraceable> refused = new ConcurrentHashMap<>();

    /** Processes at a time. */
    private final Semaphore turns = new Semaphore(2, true);

    private final TracedPages kept;
    private final long limitMs;

    Tracing(TracedPages kept, @Value("${lintel.tracing.limit-ms:40000}") long limitMs) {
        this.kept = kept;
        this.limitMs = limitMs;
    }

    /** @throws Untraceable with a sentence if the bytes are nothing that can be traced from */
    public List<Size> pages(byte[] bytes) {
        return Json.mapper().readValue(ask(bytes, Question.PAGES, 1), new TypeReference<List<Size>>() {});
    }

    /** The same of a file that is kept. */
    public List<Size> pages(String name, byte[] bytes) {
        return Json.mapper().readValue(once(name, bytes, Question.PAGES, 1), new TypeReference<List<Size>>() {});
    }

    /** @param name of the file; @param page from 1 */
    public byte[] png(String name, byte[] bytes, int page) {
        return once(name, bytes, Question.PNG, page);
    }

    public List<Segment> lines(String name, byte[] bytes, int page) {
        return Json.mapper().readValue(once(name, bytes, Question.LINES, page), new TypeReference<List<Segment>>() {});
    }

    private byte[] once(String name, byte[] bytes, Question what, int page) {
        Asked asked = new Asked(name, page, what);
        Untraceable known = refused.get(asked);
        if (known != null) throw known;
        return kept.find(name, page, what).orElseGet(() -> {
            try {
                byte[] read = ask(bytes, what, page);
                kept.keep(name, page, what, read);
                return read;
            } catch (Untraceable untraceable) {
                refused.put(asked, untraceable);
                throw untraceable;
            }
        });
    }

    private byte[] ask(byte[] bytes, Question what, int page) {
        try {
            if (!turns.tryAcquire(limitMs, TimeUnit.MILLISECONDS)) throw new Busy();
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new Busy();
        }
        try {
            return answerOf(started(what, page), bytes);
        } catch (IOException broken) {
            throw new IllegalStateException("The process that reads files did not start", broken);
        } finally {
            turns.release();
        }
    }

    private static Process started(Question what, int page) throws IOException {
        String java = ProcessHandle.current().info().command().orElse("java");
        ProcessBuilder builder = new ProcessBuilder(
                java,
                MEMORY,
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Djava.awt.headless=true",
                TracingWorker.class.getName(),
                what.name(),
                String.valueOf(page));
        builder.environment().put("CLASSPATH", System.getProperty("java.class.path"));
        return builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    private byte[] answerOf(Process process, byte[] bytes) {
        CompletableFuture<byte[]> answer =
                CompletableFuture.supplyAsync(() -> read(process), Thread::startVirtualThread);
        Thread.startVirtualThread(() -> write(process, bytes));
        try {
            byte[] said = answer.get(limitMs, TimeUnit.MILLISECONDS);
            if (said.length == 0)
                throw new Untraceable("This file cannot be read: it takes more than there is to read it.");
            byte[] body = Arrays.copyOfRange(said, 1, said.length);
            if (said[0] == TracingWorker.REFUSED) throw new Untraceable(new String(body, StandardCharsets.UTF_8));
            return body;
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw tooLong();
        } catch (ExecutionException | TimeoutException slow) {
            throw tooLong();
        } finally {
            process.destroyForcibly();
        }
    }

    private static byte[] read(Process process) {
        try (InputStream in = process.getInputStream()) {
            return in.readAllBytes();
        } catch (IOException ended) {
            return new byte[0];
        }
    }

    /** A process that has read enough, or ended, takes no more. */
    private static void write(Process process, byte[] bytes) {
        try (OutputStream out = process.getOutputStream()) {
            out.write(bytes);
        } catch (IOException enough) {
            process.isAlive();
        }
    }

    private static Untraceable tooLong() {
        return new Untraceable(
                "This page takes too long to be read. Print it to a simpler PDF, or to a picture, and trace that.");
    }
}
