package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A server that is asked to stop does, whoever still listens to it. */
class StoppingTest {

    private final String database = "stopping_" + UUID.randomUUID().toString().replace("-", "");
    private final List<Socket> readers = new ArrayList<>();

    @BeforeEach
    void createDatabase() {
        RunningServer.administer("create database " + database);
    }

    @AfterEach
    void dropDatabase() throws IOException {
        for (Socket reader : readers) reader.close();
        RunningServer.administer("drop database " + database + " with (force)");
    }

    @Test
    void itDoesNotWaitForStreamsThatNobodyReads() throws Exception {
        ServerProcess server = ServerProcess.started(database);
        server.awaitAnswers();
        for (int i = 0; i < 20; i++) listen(server);
        String project = Api.newProject(server, "Stopping");
        for (int i = 0; i < 20; i++)
            server.post(
                    SoakWriter.path(project, "/edits"),
                    Api.body(UUID.randomUUID(), 1_000_000, Api.shell(0, i * 6000, 5000, 4000)));
        assertThat(server.stop()).as("stopped within the time it is given").isTrue();
    }

    /** Opens a stream of events and reads nothing of it. */
    private void listen(ServerProcess server) throws IOException {
        Socket reader = new Socket("127.0.0.1", server.port());
        readers.add(reader);
        OutputStream out = reader.getOutputStream();
        out.write("GET /api/v1/events HTTP/1.1\r\nHost: 127.0.0.1:%d\r\n\r\n"
                .formatted(server.port())
                .getBytes(StandardCharsets.US_ASCII));
        out.flush();
    }
}
