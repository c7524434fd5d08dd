package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.pdf.DrawingLettering;
import tools.jackson.databind.JsonNode;

/**
 * Several writers send edits of every kind to two servers on one database, take back, do again and go back to versions, while
 * servers and database are killed. Afterwards every acknowledged edit is there once, both servers draw what the model
 * gives from nothing, and undo leads to the first model. For half a minute; {@code ./lintel soak MINUTES} for longer.
 */
class SoakTest {

    private static final Duration LASTS = Duration.ofSeconds(Integer.getInteger("soak", 30));
    private static final long SEED = Long.getLong("seed", 1);
    private static final int PROJECTS = 2;
    private static final int WRITERS = 4;

    private final String database = "soak_" + UUID.randomUUID().toString().replace("-", "");
    private final SoakReport report = new SoakReport(SEED);
    private List<ServerProcess> servers = List.of();
    private volatile boolean over;

    @BeforeEach
    void start() throws Exception {
        RunningServer.administer("create database " + database);
        ServerProcess first = ServerProcess.started(database);
        first.awaitAnswers();
        ServerProcess second = ServerProcess.started(database);
        second.awaitAnswers();
        servers = List.of(first, second);
    }

    @AfterEach
    void stop() throws InterruptedException {
        for (ServerProcess server : servers) server.kill();
        RunningServer.administer("drop database " + database + " with (force)");
    }

    @Test
    void whateverIsKilledNothingIsLostAndAllIsDrawnAndTakenBack() throws Exception {
        List<String> projects = new ArrayList<>();
        List<Model> first = new ArrayList<>();
        for (int i = 0; i < PROJECTS; i++) {
            String project = Api.newProject(servers.getFirst(), "Soak " + i);
            projects.add(project);
            first.add(model(servers.getFirst(), project));
        }
        List<SoakWriter> writers = new ArrayList<>();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            SoakWriter writer =
                    new SoakWriter(servers, projects.get(i % PROJECTS), random(SEED * 100 + i), report, () -> over);
            writers.add(writer);
            threads.add(Thread.ofPlatform().start(writer));
        }
        killUntil(Instant.now().plus(LASTS), random(SEED * 100 + 99));
        over = true;
        for (Thread thread : threads) thread.join();
        for (ServerProcess server : servers) server.awaitAnswers();

        for (int i = 0; i < PROJECTS; i++) {
            String project = projects.get(i);
            assertKept(project, writers);
            assertDrawnAsFromNothing(project);
            int steps = undoAll(project);
            report.undone(steps);
            awaitHeard(project);
            assertThat(model(servers.getFirst(), project)).isEqualTo(first.get(i));
            assertDrawnAsFromNothing(project);
        }
        write();
        assertThat(report.faults()).isEmpty();
        assertThat(report.accepted()).isGreaterThan(10);
    }

    private static RandomGenerator random(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    private static Model model(ServerProcess server, String project) throws IOException {
        return ProjectFile.read(server.bytes(SoakWriter.path(project, "/file")));
    }

    private void killUntil(Instant end, RandomGenerator random) throws Exception {
        while (Instant.now().isBefore(end)) {
            Thread.sleep(2000 + random.nextInt(4000));
            int which = random.nextInt(3);
            if (which == 2) {
                RunningServer.crash(database);
                report.killed("database");
            } else {
                ServerProcess server = servers.get(which);
                server.kill();
                report.killed("server " + (which + 1));
                Thread.sleep(random.nextInt(1000));
                server.start();
                server.awaitAnswers();
            }
        }
    }

    /** Each acknowledged edit once, and one row for every revision. */
    private void assertKept(String project, List<SoakWriter> writers) {
        List<UUID> stored = journal(project);
        Set<UUID> acknowledged = new HashSet<>();
        for (SoakWriter writer : writers)
            if (writer.project().equals(project)) acknowledged.addAll(writer.acknowledged());
        assertThat(stored).doesNotHaveDuplicates().containsAll(acknowledged);
    }

    /** A server hears of what the other stored a moment later. */
    private void awaitHeard(String project) throws IOException, InterruptedException {
        int stored = journal(project).size();
        for (ServerProcess server : servers) {
            for (int i = 0; i < 100 && revision(server, project) < stored; i++) Thread.sleep(100);
            assertThat(revision(server, project)).as("heard of").isEqualTo(stored);
        }
    }

    private List<UUID> journal(String project) {
        return RunningServer.query(
                database,
                "select edit_id from journal where project_id = '" + project + "' order by revision",
                UUID.class);
    }

    /** What the journal says was done, oldest first. */
    private List<String> told(String project) {
        return RunningServer.query(
                database,
                "select revision || ' ' || kind || case when taken_back then ' (taken back) ' else ' ' end || name"
                        + " from journal where project_id = '" + project + "' order by revision",
                String.class);
    }

    private static int revision(ServerProcess server, String project) throws IOException {
        return server.get(SoakWriter.path(project, "/state"))
                .json()
                .path("revision")
                .asInt();
    }

    private void assertDrawnAsFromNothing(String project) throws IOException, InterruptedException {
        awaitHeard(project);
        Model model = model(servers.getFirst(), project);
        Building anew = Building.of(model);
        for (ServerProcess server : servers) {
            assertThat(model(server, project)).isEqualTo(model);
            for (Drawing d : model.all(Drawing.class)) {
                JsonNode expected = Json.mapper()
                        .readTree(Json.mapper()
                                .writeValueAsString(DrawingPicture.of(anew, d.id(), DrawingLettering.get())
                                        .picture()))
                        .path("groups");
                JsonNode drawn = server.get(SoakWriter.path(project, "/drawings/" + d.id().value() + "/picture"))
                        .json()
                        .path("picture")
                        .path("groups");
                assertThat(drawn).as("%s, seed %d", d, SEED).containsExactlyInAnyOrderElementsOf(expected);
                assertThat(drawn.toString()).doesNotContain("cannot be drawn");
                report.compared();
            }
            for (Sheet s : model.all(Sheet.class))
                assertThat(server.get(SoakWriter.path(project, "/sheets/" + s.id().value() + "/sheet.pdf"))
                                .status())
                        .isEqualTo(200);
        }
    }

    /** @return how many steps it took, by turns on both servers */
    private int undoAll(String project) throws IOException {
        for (int steps = 0; ; steps++) {
            ServerProcess.Answer answer = servers.get(steps % 2)
                    .post(
                            SoakWriter.path(project, "/undo"),
                            Json.mapper().writeValueAsString(Map.of("editId", UUID.randomUUID(), "window", "test")));
            if (answer.status() == 200) continue;
            assertThat(answer.json().path("detail").asString())
                    .as("step %d: %s%n%s", steps, answer.json(), String.join("\n", told(project)))
                    .isEqualTo("There is nothing to undo.");
            return steps;
        }
    }

    private void write() throws IOException {
        Path file = Path.of("target", "soak-" + SEED + ".txt");
        Files.writeString(file, report.toString());
    }
}
