package org.leanlintel.server.api;

import java.util.List;
import java.util.UUID;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.server.api.Messages.PlotRequest;
import org.leanlintel.server.live.Printing;
import org.leanlintel.server.plotting.Plot;
import org.leanlintel.server.plotting.PlotQueue;
import org.leanlintel.server.plotting.Plotter;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sheets sent to the plotter: watched and cancelled. */
@RestController
@RequestMapping("/api/v1")
public class PlotsApi {

    private final PlotQueue queue;
    private final AsPrinted asPrinted;

    PlotsApi(PlotQueue queue, AsPrinted asPrinted) {
        this.queue = queue;
        this.asPrinted = asPrinted;
    }

    /** How the plotter stands. */
    @GetMapping("/plotter")
    public Plotter plotter() {
        return queue.state();
    }

    /** What was sent, the oldest first. */
    @GetMapping("/plots")
    public List<Plot> plots() {
        return queue.all();
    }

    /** Sends sheets as they stand now, in the order of the set. */
    @PostMapping("/projects/{project}/plots")
    public Plot plot(@PathVariable UUID project, @RequestBody PlotRequest request) {
        Printing print = asPrinted.of(project, null);
        for (ElementId id : request.sheets()) print.now().model().get(id, Sheet.class);
        List<Sheet> sheets = SheetOrder.of(print.now().model()).stream()
                .filter(s -> request.sheets().contains(s.id()))
                .toList();
        if (sheets.isEmpty()) throw new Unusable("Choose the sheets that are to be plotted.");
        return queue.add(
                project,
                print.now().model().settings().name(),
                sheets.stream().map(Sheet::number).toList(),
                i -> print.set(List.of(sheets.get(i))));
    }

    /** Ends it after the sheet that is being plotted. */
    @DeleteMapping("/plots/{plot}")
    public Plot cancel(@PathVariable UUID plot) {
        Plot was = queue.cancel(plot);
        if (was == null) throw new NoSuchPlot();
        return was;
    }
}
