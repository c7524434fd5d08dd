package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer.Answer;

/** A database that is away for a while: it is said, nothing is half done, and what is sent again counts once. */
class DatabaseAwayTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    @AfterEach
    void backInAnyCase() {
        SERVER.database(true);
    }

    private static boolean within(Duration limit, BooleanSupplier holds) throws InterruptedException {
        for (Instant end = Instant.now().plus(limit); Instant.now().isBefore(end); Thread.sleep(100))
            if (holds.getAsBoolean()) return true;
        return false;
    }

    @Test
    void anEditMeantMeanwhileIsStoredOnceItIsBack() throws InterruptedException {
        Api api = Api.newProject(SERVER, "Away");
        long seen = api.revision();
        UUID id = UUID.randomUUID();
        SERVER.database(false);
        Answer away = api.edit(id, seen, Api.wall(0, 0, 3000, 0));
        assertThat(away.status()).as(away.detail()).isEqualTo(503);
        assertThat(away.type()).startsWith("application/problem+json");
        assertThat(away.detail()).contains("The database does not answer");
        assertThat(api.undo().status()).isEqualTo(503);

        assertThat(SERVER.get("/actuator/health").status()).isEqualTo(503);
        assertThat(SERVER.get("/actuator/health/liveness").status()).isEqualTo(200);

        SERVER.database(true);
        assertThat(within(
                        Duration.ofSeconds(30),
                        () -> api.edit(id, seen, Api.wall(0, 0, 3000, 0)).status() == 200))
                .isTrue();
        assertThat(api.edit(id, seen, Api.wall(0, 0, 3000, 0)).status()).isEqualTo(200);
        assertThat(api.revision()).as("counted once").isEqualTo(seen + 1);
        assertThat(SERVER.get("/actuator/health").status()).isEqualTo(200);
        assertThat(SERVER.get("/actuator/metrics/hikaricp.connections.active").status())
                .isEqualTo(200);
    }

    @Test
    void aServerThatHeardNothingMeanwhileLooksAnew() throws Exception {
        Api here = Api.newProject(SERVER, "Two of them");
        RunningServer other = RunningServer.besides(SERVER);
        other.beforeAll(null);
        try {
            Api there = Api.of(other, here.id());
            long seen = there.revision();
            SERVER.dropListeners();
            UUID id = UUID.randomUUID();
            assertThat(within(
                            Duration.ofSeconds(20),
                            () -> here.edit(id, seen, Api.wall(0, 0, 3000, 0)).status() == 200))
                    .isTrue();
            assertThat(within(Duration.ofSeconds(20), () -> there.revision() == seen + 1))
                    .isTrue();
        } finally {
            other.afterAll(null);
        }
    }
}
