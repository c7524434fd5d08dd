package org.leanlintel.server.plotting;

import static com.hp.jipp.encoding.Tag.jobAttributes;
import static com.hp.jipp.encoding.Tag.printerAttributes;

import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppOutputStream;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.PrinterState;
import com.hp.jipp.model.PrinterStateReason;
import com.hp.jipp.model.Types;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Objects;

/** A plotter that understands IPP (RFC 8011): what state it is in, and what becomes of what was sent to it. */
final class IppPlotter {

    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final String USER = "Lean Lintel";
    /** Of IPP (RFC 8010). */
    private static final int USUAL_PORT = 631;

    private final URI address;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(3)).build();

    IppPlotter(URI address) {
        this.address = address;
    }

    /** @param address as {@code ipp://127.0.0.1:8631/ipp/print}, at the usual port where it says none */
    static IppPlotter at(String address) throws PlotterAway {
        try {
            URI said = new URI(address);
            if ("ipp".equals(said.getScheme()) && said.getHost() != null)
                return new IppPlotter(
                        said.getPort() >= 0
                                ? said
                                : new URI("ipp", null, said.getHost(), USUAL_PORT, said.getPath(), null, null));
        } catch (URISyntaxException notOne) {
            // said below
        }
        throw new PlotterAway("\"%s\" is no address of a plotter: ipp://HOST:631/ipp/print is one.".formatted(address));
    }

    /** @param sentence why it does not plot now; empty where it does */
    record State(String name, String sentence) {}

    /** What becomes of what was sent. */
    enum Doing {
        WAITS,
        STOPPED,
        DONE,
        CANCELLED,
        FAILED
    }

    State state() throws PlotterAway {
        IppPacket answer = ask(
                IppPacket.getPrinterAttributes(
                                address, Types.printerName, Types.printerState, Types.printerStateReasons)
                        .build(),
                new byte[0]);
        String name = answer.getString(printerAttributes, Types.printerName);
        boolean stopped = PrinterState.stopped.equals(answer.getValue(printerAttributes, Types.printerState));
        List<String> reasons = answer.getStrings(printerAttributes, Types.printerStateReasons);
        String why = reasons.contains(PrinterStateReason.mediaEmpty) ? "It is out of paper." : "It has stopped.";
        return new State(name == null ? address.getHost() : name, stopped ? why : "");
    }

    /** @return the number it was given */
    int plot(String name, byte[] pdf) throws PlotterAway {
        IppPacket answer = ask(
                IppPacket.printJob(address)
                        .putOperationAttributes(
                                Types.requestingUserName.of(USER),
                                Types.jobName.of(name),
                                Types.documentFormat.of("application/pdf"))
                        .build(),
                pdf);
        Integer job = answer.getValue(jobAttributes, Types.jobId);
        if (job == null) throw new PlotterAway("The plotter did not take %s.".formatted(name));
        return job;
    }

    Doing doing(int job) throws PlotterAway {
        IppPacket answer =
                ask(IppPacket.getJobAttributes(address, job, Types.jobState).build(), new byte[0]);
        JobState state = Objects.requireNonNullElse(answer.getValue(jobAttributes, Types.jobState), JobState.pending);
        if (state.equals(JobState.completed)) return Doing.DONE;
        if (state.equals(JobState.canceled)) return Doing.CANCELLED;
        if (state.equals(JobState.aborted)) return Doing.FAILED;
        return state.equals(JobState.processingStopped) ? Doing.STOPPED : Doing.WAITS;
    }

    void cancel(int job) throws PlotterAway {
        ask(IppPacket.cancelJob(address, job).build(), new byte[0]);
    }

    private IppPacket ask(IppPacket packet, byte[] document) throws PlotterAway {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        try {
            new IppOutputStream(body).write(packet);
            body.write(document);
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create(address.toString().replaceFirst("^ipp", "http")))
                    .timeout(PATIENCE)
                    .header("Content-Type", "application/ipp")
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                    .build();
            HttpResponse<byte[]> response = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) throw new PlotterAway("The plotter does not understand what it is sent.");
            IppPacket answer = new IppInputStream(new ByteArrayInputStream(response.body())).readPacket();
            if (answer.getCode() >= 0x100) throw new PlotterAway("The plotter refuses: " + answer.getStatus() + ".");
            return answer;
        } catch (IOException e) {
            throw new PlotterAway(
                    "The plotter does not answer at %s:%d.".formatted(address.getHost(), address.getPort()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PlotterAway("It was given up.");
        }
    }
}
