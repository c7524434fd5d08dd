package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Two instances on one database: either sees what the other stored, and edits of a project never run side by side. */
class TwoServersTest {

    @Order(1)
    @RegisterExtension
    static final RunningServer FIRST = new RunningServer();

    @Order(2)
    @RegisterExtension
    static final RunningServer SECOND = RunningServer.besides(FIRST);

    private final Api here = Api.newProject(FIRST, "Shared");
    private final Api there = Api.of(SECOND, here.id());

    @Test
    void anEditIsSeenByTheOtherInstance() throws InterruptedException {
        assertThat(there.revision()).isZero();
        here.edit(Api.shell(0, 0, 7200, 4800));
        for (int i = 0; i < 100 && there.revision() == 0; i++) Thread.sleep(50);
        assertThat(there.revision()).isEqualTo(1);
        assertThat(there.edit(Api.wall(1000, 1000, 3000, 1000))
                        .json()
                        .path("revision")
                        .asLong())
                .isEqualTo(2);
    }

    @Test
    void aProjectThatIsDeletedHereIsGoneThereToo() throws InterruptedException {
        assertThat(there.get("/state").status()).isEqualTo(200);
        FIRST.delete(here.path(""));
        for (int i = 0; i < 100 && there.get("/state").status() == 200; i++) Thread.sleep(50);
        assertThat(there.get("/state").status()).isEqualTo(404);
        here.post("/restore", "{}");
        assertThat(there.get("/state").status()).isEqualTo(200);
    }

    @Test
    void editsFromBothSidesAreAllThere() throws Exception {
        List<Callable<Integer>> work = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            Api api = i % 2 == 0 ? here : there;
            double y = i * 8000.0;
            work.add(() -> api.edit(UUID.randomUUID(), 1_000_000, Api.shell(0, y, 5000, 4000))
                    .status());
        }
        try (var pool = Executors.newFixedThreadPool(6)) {
            for (Future<Integer> done : pool.invokeAll(work))
                assertThat(done.get()).isEqualTo(200);
        }
        here.undo();
        here.redo();
        assertThat(here.get("/state").json().path("revision").asLong()).isEqualTo(26);
        List<String> marks = here.get("/file").json().path("elements").findValuesAsString("mark").stream()
                .filter(mark -> mark.startsWith("WA"))
                .toList();
        assertThat(marks).hasSize(24 * 4).as("each mark once").doesNotHaveDuplicates();
    }
}
