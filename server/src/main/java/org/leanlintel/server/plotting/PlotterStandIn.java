package org.leanlintel.server.plotting;

import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppOutputStream;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.encoding.Tag;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.Operation;
import com.hp.jipp.model.PrinterState;
import com.hp.jipp.model.PrinterStateReason;
import com.hp.jipp.model.Status;
import com.hp.jipp.model.Types;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A simulated plotter on loopback: it takes PDF over IPP, plots one after the other into a folder, and stops while it is out of paper. Its
 * own page says what it has plotted, and takes its paper out and in.
 */
final class PlotterStandIn implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(PlotterStandIn.class);

    /** So long a sheet takes. */
    private static final long SHEET_MS = 400;

    private static final int LARGEST = 200 << 20, MOST_KEPT = 500;

    private record Job(String name, JobState state) {}

    private final Path folder;
    private final HttpServer http;
    private final ExecutorService arm = Executors.newSingleThreadExecutor();
    /** What is read and written of these is so while holding this. */
    private final Map<Integer, Job> jobs = new TreeMap<>();

    private boolean paper = true;
    private int last;

    /** @param port 0 for any that is free */
    PlotterStandIn(Path folder, int port) throws IOException {
        this.folder = folder;
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        http.createContext("/ipp/print", this::ipp);
        http.createContext("/paper", this::paper);
        http.createContext("/", this::page);
        http.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        http.start();
    }

    URI address() {
        return URI.create(
                "ipp://127.0.0.1:%d/ipp/print".formatted(http.getAddress().getPort()));
    }

    String ownPage() {
        return "http://127.0.0.1:%d/".formatted(http.getAddress().getPort());
    }

    @Override
    public void close() {
        http.stop(0);
        arm.shutdownNow();
    }

    private void ipp(HttpExchange exchange) throws IOException {
        try (exchange;
                IppInputStream in = new IppInputStream(exchange.getRequestBody())) {
            IppPacket asked = in.readPacket();
            byte[] document = in.readNBytes(LARGEST);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            new IppOutputStream(out).write(answer(asked, document));
            exchange.getResponseHeaders().add("Content-Type", "application/ipp");
            exchange.sendResponseHeaders(200, out.size());
            exchange.getResponseBody().write(out.toByteArray());
        }
    }

    private IppPacket answer(IppPacket asked, byte[] document) {
        Operation operation = asked.getOperation();
        if (operation.equals(Operation.printJob)) {
            String name = asked.getString(Tag.operationAttributes, Types.jobName);
            return ofJob(asked, take(name == null ? "sheet" : name, document));
        }
        if (operation.equals(Operation.getPrinterAttributes)) return ofPrinter(asked);
        Integer job = asked.getValue(Tag.operationAttributes, Types.jobId);
        if (job == null)
            return IppPacket.response(Status.clientErrorBadRequest)
                    .setRequestId(asked.getRequestId())
                    .build();
        if (operation.equals(Operation.cancelJob)) cancel(job);
        else if (!operation.equals(Operation.getJobAttributes))
            return IppPacket.response(Status.serverErrorOperationNotSupported)
                    .setRequestId(asked.getRequestId())
                    .build();
        return ofJob(asked, job);
    }

    private synchronized IppPacket ofPrinter(IppPacket asked) {
        return IppPacket.response(Status.successfulOk)
                .setRequestId(asked.getRequestId())
                .putPrinterAttributes(
                        Types.printerName.of("Simulated plotter"),
                        Types.printerState.of(paper ? PrinterState.idle : PrinterState.stopped),
                        Types.printerStateReasons.of(paper ? "none" : PrinterStateReason.mediaEmpty))
                .build();
    }

    private synchronized IppPacket ofJob(IppPacket asked, int id) {
        Job job = jobs.get(id);
        if (job == null)
            return IppPacket.response(Status.clientErrorNotFound)
                    .setRequestId(asked.getRequestId())
                    .build();
        boolean stopped = !paper && !isOver(job.state());
        JobState state = stopped ? JobState.processingStopped : job.state();
        return IppPacket.jobResponse(Status.successfulOk, id, URI.create(address() + "/" + id), state, List.of("none"))
                .setRequestId(asked.getRequestId())
                .build();
    }

    private static boolean isOver(JobState state) {
        return state.equals(JobState.completed) || state.equals(JobState.canceled) || state.equals(JobState.aborted);
    }

    private synchronized int take(String name, byte[] document) {
        int id = ++last;
        jobs.put(id, new Job(name, JobState.pending));
        jobs.keySet().removeIf(old -> old <= id - MOST_KEPT);
        arm.execute(() -> plot(id, name, document));
        return id;
    }

    private synchronized void cancel(int id) {
        Job job = jobs.get(id);
        if (job != null && !isOver(job.state())) become(id, JobState.canceled);
    }

    private synchronized void become(int id, JobState state) {
        jobs.computeIfPresent(id, (i, j) -> new Job(j.name(), state));
        notifyAll();
    }

    private void plot(int id, String name, byte[] document) {
        try {
            Thread.sleep(SHEET_MS);
            if (!waitsForPaper(id)) return;
            Files.createDirectories(folder);
            String file = "%04d %s.pdf".formatted(id, name.replaceAll("[^\\p{L}\\p{N} ._-]", "_"));
            Files.write(folder.resolve(file), document);
            become(id, JobState.completed);
        } catch (IOException e) {
            LOG.warn("A sheet cannot be plotted: {}", e.toString());
            become(id, JobState.aborted);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** @return whether it is still to be plotted */
    private synchronized boolean waitsForPaper(int id) throws InterruptedException {
        while (true) {
            Job job = jobs.get(id);
            if (job == null || isOver(job.state())) return false;
            if (paper) return true;
            wait();
        }
    }

    private void paper(HttpExchange exchange) throws IOException {
        try (exchange) {
            String origin = exchange.getRequestHeaders().getFirst("Origin");
            boolean own = origin == null || ownPage().equals(origin + "/");
            if (!exchange.getRequestMethod().equals("POST") || !own) {
                exchange.sendResponseHeaders(own ? 405 : 403, -1);
                return;
            }
            boolean in =
                    new String(exchange.getRequestBody().readNBytes(100), StandardCharsets.UTF_8).equals("paper=in");
            synchronized (this) {
                paper = in;
                notifyAll();
            }
            exchange.getResponseHeaders().add("Location", "/");
            exchange.sendResponseHeaders(303, -1);
        }
    }

    private void page(HttpExchange exchange) throws IOException {
        try (exchange) {
            byte[] html = html().getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().add("Content-Type", "text/html; charset=utf-8");
            exchange.getResponseHeaders()
                    .add(
                            "Content-Security-Policy",
                            "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'; frame-ancestors 'none'");
            exchange.sendResponseHeaders(200, html.length);
            exchange.getResponseBody().write(html);
        }
    }

    private synchronized String html() {
        StringBuilder rows = new StringBuilder();
        jobs.forEach((id, job) -> rows.append(
                "<tr><td>%d</td><td>%s</td><td>%s</td></tr>".formatted(id, escaped(job.name()), words(job.state()))));
        return """
                <!doctype html><html lang="en"><title>Simulated plotter</title>
                <style>body{font:15px sans-serif;margin:2rem;max-width:44rem}td{padding:.2rem 1rem .2rem 0}</style>
                <h1>Simulated plotter</h1>
                <p>%s What it plots lies in %s.</p>
                <form method="post" action="/paper"><button name="paper" value="%s">%s</button></form>
                <table>%s</table></html>"""
                .formatted(
                        paper ? "It has paper." : "It is out of paper.",
                        escaped(folder.toString()),
                        paper ? "out" : "in",
                        paper ? "Take the paper out" : "Put paper in",
                        rows);
    }

    private static String words(JobState state) {
        if (state.equals(JobState.completed)) return "plotted";
        if (state.equals(JobState.canceled)) return "cancelled";
        return state.equals(JobState.aborted) ? "failed" : "waits";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
