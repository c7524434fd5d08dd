package org.leanlintel.server.plotting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A plotter that cannot: away, at no address, or with nowhere to plot to. */
class IppPlotterTest {

    private static final byte[] SHEET = "%PDF-1.7".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    Path folder;

    @Test
    void whatIsNoAddressIsSaid() {
        for (String address : new String[] {"garbage", "http://127.0.0.1:80/", "ipp://", "ipp:// a b"})
            assertThatThrownBy(() -> IppPlotter.at(address))
                    .isInstanceOf(PlotterAway.class)
                    .hasMessageStartingWith("\"" + address + "\" is no address of a plotter");
    }

    @Test
    void oneThatIsAwayIsSaid() throws Exception {
        URI gone;
        try (PlotterStandIn standIn = new PlotterStandIn(folder, 0)) {
            gone = standIn.address();
            assertThat(IppPlotter.at(gone.toString()).state().sentence()).isEmpty();
        }
        assertThatThrownBy(() -> IppPlotter.at(gone.toString()).plot("A-101", SHEET))
                .isInstanceOf(PlotterAway.class)
                .hasMessage("The plotter does not answer at 127.0.0.1:%d.".formatted(gone.getPort()));
    }

    /** A file lies where the folder would be, as nothing can be written on a full disk. */
    @Test
    void aSheetThatCannotBeWrittenFails() throws Exception {
        Path taken = Files.writeString(folder.resolve("taken"), "in the way");
        try (PlotterStandIn standIn = new PlotterStandIn(taken, 0)) {
            IppPlotter plotter = new IppPlotter(standIn.address());
            int job = plotter.plot("A-101", SHEET);
            for (int i = 0; i < 200 && plotter.doing(job) == IppPlotter.Doing.WAITS; i++) Thread.sleep(50);
            assertThat(plotter.doing(job)).isEqualTo(IppPlotter.Doing.FAILED);
        }
        assertThat(taken).hasContent("in the way");
    }
}
