package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.formats.json.Json;
import tools.jackson.databind.JsonNode;

/**
 * A server killed at random moments of a stream of edits, and its connections to the database broken before: every acknowledged
 * edit is there afterwards, and none is half there.
 */
class KilledServerTest {

    private static final int KILLS = Integer.getInteger("kills", 3);
    private final String database = "killed_" + UUID.randomUUID().toString().replace("-", "");
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(20);
    private int port;
    private Process process;

    @BeforeEach
    void createDatabase() {
        RunningServer.administer("create database " + database);
    }

    @AfterEach
    void dropDatabase() {
        process.destroyForcibly();
        RunningServer.administer("drop database " + database + " with (force)");
    }

    @Test
    void acknowledgedEditsSurviveAndNoneIsHalfThere() throws Exception {
        start();
        String project = post(
                        "/api/v1/projects",
                        Json.mapper()
                                .writeValueAsString(Map.of(
                                        "name", "Killed", "address", "", "client", "", "drawnBy", "", "region", "UK",
                                        "paper", "A2")))
                .path("id")
                .asString();
        List<UUID> acknowledged = new ArrayList<>();
        int row = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            CountDownLatch underWay = new CountDownLatch(2);
            Thread killer = killSoonAfter(underWay, random.nextInt(400));
            row = stream(project, row, acknowledged, underWay);
            killer.join();
            assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
            start();
            check(project, acknowledged);
        }
        assertThat(acknowledged).as("edits before the kills").hasSizeGreaterThan(KILLS);
    }

    /** Each edit draws four walls at four corners, so a half edit would show. */
    private int stream(String project, int row, List<UUID> acknowledged, CountDownLatch underWay) {
        for (; ; row++) {
            UUID id = UUID.randomUUID();
            try {
                JsonNode answer = post(
                        "/api/v1/projects/" + project + "/edits",
                        Api.body(id, 1_000_000, Api.shell(0, row * 6000.0 % 900_000, 5000, 4000)));
                if (answer.path("revision").asLong() > 0) {
                    acknowledged.add(id);
                    underWay.countDown();
                }
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
                RunningServer.throwOut(database, "true");
                Thread.sleep(ms);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            process.destroyForcibly();
        });
    }

    private void check(String project, List<UUID> acknowledged) throws IOException {
        JsonNode state = get("/api/v1/projects/" + project + "/state");
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
        assertThat(get("/api/v1/projects/" + project + "/drawings/drawing-ground-plan/picture")
                        .path("picture")
                        .path("groups"))
                .hasSize(walls);
    }

    private void start() throws Exception {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        LeanLintel.class.getName(),
                        "--server.port=" + port,
                        "--spring.datasource.url=" + RunningServer.jdbcUrl(database))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        for (int i = 0; i < 600; i++) {
            try {
                get("/api/v1/papers");
                return;
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new AssertionError("the server did not start");
    }

    private JsonNode get(String path) throws IOException {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)));
    }

    private JsonNode post(String path, String body) throws IOException {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private JsonNode send(HttpRequest.Builder request) throws IOException {
        try {
            return Json.mapper()
                    .readTree(http.send(
                                    request.timeout(Duration.ofSeconds(10)).build(),
                                    HttpResponse.BodyHandlers.ofByteArray())
                            .body());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
