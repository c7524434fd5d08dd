package org.leanlintel.server.plotting;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Unusable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What is sent to the plotter, one after the other, sheet by sheet; each can be watched and cancelled. */
@Component
public class PlotQueue implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(PlotQueue.class);
    private static final long LOOK_MS = 150;
    private static final int MOST_WAITING = 50, MOST_KEPT = 100;

    /** What is sent where nobody says another address: one of the program's own. */
    private static final String SIMULATED = "";

    private final String address;
    private final Path folder;
    private final ExecutorService hand = Executors.newSingleThreadExecutor();
    private final Map<UUID, Plot> plots = new LinkedHashMap<>();
    private @Nullable PlotterStandIn standIn;
    private @Nullable IppPlotter plotter;

    PlotQueue(@Value("${lintel.plotter.address}") String address, @Value("${lintel.plotter.folder}") Path folder) {
        this.address = address;
        this.folder = folder;
    }

    public Plotter state() {
        try {
            IppPlotter.State state = plotter().state();
            return new Plotter(state.name(), state.sentence(), ownPage());
        } catch (PlotterAway away) {
            return new Plotter(address, String.valueOf(away.getMessage()), "");
        }
    }

    private synchronized String ownPage() {
        return standIn == null ? "" : standIn.ownPage();
    }

    private synchronized IppPlotter plotter() throws PlotterAway {
        IppPlotter known = plotter;
        if (known != null) return known;
        try {
            if (address.equals(SIMULATED)) {
                PlotterStandIn own = new PlotterStandIn(folder, 0);
                standIn = own;
                return plotter = new IppPlotter(own.address());
            }
            return plotter = IppPlotter.at(address);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The oldest first. */
    public synchronized List<Plot> all() {
        return List.copyOf(plots.values());
    }

    /** @param sheets their numbers; @param pdf of each by its place among them, made when its turn comes */
    public synchronized Plot add(UUID project, String title, List<String> sheets, IntFunction<byte[]> pdf) {
        if (plots.values().stream().filter(p -> !p.isOver()).count() >= MOST_WAITING)
            throw new Unusable("So much waits for the plotter already that nothing more is taken.");
        Plot made = new Plot(UUID.randomUUID(), project, title, sheets, 0, Plot.Stands.WAITING, "");
        plots.put(made.id(), made);
        List<UUID> over = new ArrayList<>(
                plots.values().stream().filter(Plot::isOver).map(Plot::id).toList());
        while (plots.size() > MOST_KEPT && !over.isEmpty()) plots.remove(over.removeFirst());
        hand.execute(() -> run(made.id(), pdf));
        return made;
    }

    /** Ends it after the sheet that is being plotted, or before it. */
    public synchronized @Nullable Plot cancel(UUID id) {
        return plots.computeIfPresent(id, (i, p) -> p.isOver() ? p : p.at(p.done(), Plot.Stands.CANCELLED, ""));
    }

    private synchronized @Nullable Plot get(UUID id) {
        return plots.get(id);
    }

    /** What is over stays so. */
    private synchronized void now(UUID id, int done, Plot.Stands stands, String sentence) {
        plots.computeIfPresent(
                id, (i, p) -> p.isOver() ? p.at(done, p.stands(), p.sentence()) : p.at(done, stands, sentence));
    }

    private boolean goesOn(UUID id) {
        return get(id) instanceof Plot p && !p.isOver();
    }

    private void run(UUID id, IntFunction<byte[]> pdf) {
        if (!(get(id) instanceof Plot plot)) return;
        int done = 0;
        try {
            for (; done < plot.sheets().size() && goesOn(id); done++) {
                now(id, done, Plot.Stands.PLOTTING, "");
                String name = "%s %s".formatted(plot.title(), plot.sheets().get(done));
                if (!follow(id, done, plotter().plot(name, pdf.apply(done)))) return;
            }
            now(id, done, Plot.Stands.DONE, "");
        } catch (PlotterAway away) {
            now(id, done, Plot.Stands.FAILED, String.valueOf(away.getMessage()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException fault) {
            LOG.error("A sheet cannot be plotted", fault);
            now(id, done, Plot.Stands.FAILED, "The sheet could not be made.");
        }
    }

    /** Until a sheet is plotted. @return whether it was */
    private boolean follow(UUID id, int done, int job) throws PlotterAway, InterruptedException {
        while (true) {
            if (!goesOn(id)) {
                plotter().cancel(job);
                return false;
            }
            switch (plotter().doing(job)) {
                case DONE -> {
                    return true;
                }
                case STOPPED ->
                    now(id, done, Plot.Stands.HELD, plotter().state().sentence());
                case WAITS -> now(id, done, Plot.Stands.PLOTTING, "");
                case CANCELLED -> {
                    now(id, done, Plot.Stands.CANCELLED, "It was cancelled at the plotter.");
                    return false;
                }
                case FAILED -> {
                    now(id, done, Plot.Stands.FAILED, "The plotter could not plot it.");
                    return false;
                }
            }
            Thread.sleep(LOOK_MS);
        }
    }

    @Override
    public void destroy() {
        hand.shutdownNow();
        if (standIn != null) standIn.close();
    }
}
