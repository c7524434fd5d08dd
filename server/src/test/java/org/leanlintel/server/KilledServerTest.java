package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A server killed at random moments of a stream of edits, and its database before: every acknowledged edit is there afterwards,
 * and none is half there.
 */
class KilledServerTest {

    private static final int KILLS = Integer.getInteger("kills", 3);
    private final String database = "killed_" + UUID.randomUUID().toString().replace("-", "");
    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(20);
    private ServerProcess server;

    @BeforeEach
    void createDatabase() {
        RunningServer.administer("create database " + database);
    }

    @AfterEach
    void dropDatabase() throws InterruptedException {
        server.kill();
        RunningServer.administer("drop database " + database + " with (force)");
    }

    @Test
    void acknowledgedEditsSurviveAndNoneIsHalfThere() throws Exception {
        server = ServerProcess.started(database);
        server.awaitAnswers();
        String project = Api.newProject(server, "Killed");
        List<UUID> acknowledged = new ArrayList<>();
        int row = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            CountDownLatch underWay = new CountDownLatch(2);
            Thread killer = killSoonAfter(underWay, random.nextInt(400));
            row = stream(project, row, acknowledged, underWay);
            killer.join();
            server.start();
            server.awaitAnswers();
            check(project, acknowledged);
        }
        assertThat(acknowledged).as("edits before the kills").hasSizeGreaterThan(KILLS);
    }

    /** Each edit draws four walls at four corners, so a half edit would show. */
    private int stream(String project, int row, List<UUID> acknowledged, CountDownLatch underWay)
            throws InterruptedException {
        for (; ; row++) {
            UUID id = UUID.randomUUID();
            String body = Api.body(id, 1_000_000, Api.shell(row % 150 * 6000.0, row / 150 * 6000.0, 5000, 4000));
            try {
                ServerProcess.Answer answer = server.post("/api/v1/projects/" + project + "/edits", body);
                while (answer.status() == 503) {
                    Thread.sleep(20);
                    answer = server.post("/api/v1/projects/" + project + "/edits", body);
                }
                assertThat(answer.status()).as("%s", answer.json()).isEqualTo(200);
                acknowledged.add(id);
                underWay.countDown();
            } catch (IOException killed) {
                return row + 1;
            }
        }
    }

    /** However slow the machine, two edits are acknowledged before the kill. */
    private Thread killSoonAfter(CountDownLatch underWay, long ms) {
        return Thread.ofPlatform().start(() -> {
            try {
                underWay.await();
                Thread.sleep(ms);
                RunningServer.crash(database);
                Thread.sleep(ms);
                server.kill();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }

    private void check(String project, List<UUID> acknowledged) throws IOException {
        JsonNode state = server.get("/api/v1/projects/" + project + "/state").json();
        int walls = 0, corners = 0;
        for (JsonNode e : state.path("elements")) {
            if (e.path("type").asString().equals("wall")) walls++;
            if (e.path("type").asString().equals("corner")) corners++;
        }
        long edits = state.path("revision").asLong();
        assertThat(edits)
                .as("an edit may be stored whose answer was lost, never the other way about")
                .isBetween((long) acknowledged.size(), (long) acknowledged.size() + 2L * KILLS);
        assertThat(walls).isEqualTo((int) edits * 4);
        assertThat(corners).isEqualTo((int) edits * 4);
        assertThat(server.get("/api/v1/projects/" + project + "/drawings/drawing-ground-plan/picture")
                        .json()
                        .path("picture")
                        .path("groups"))
                .hasSize(walls);
    }
}
