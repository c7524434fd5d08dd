package org.leanlintel.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.leanlintel.formats.json.Json;
import tools.jackson.databind.JsonNode;

/** The application in a process of its own, so that it can be killed and started again at the same port. */
final class ServerProcess {

    /** @param json empty where the body is none */
    record Answer(int status, JsonNode json) {}

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final String database;
    private final int port;
    private volatile Process process;

    private ServerProcess(String database, int port) {
        this.database = database;
        this.port = port;
    }

    static ServerProcess started(String database) throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            ServerProcess server = new ServerProcess(database, free.getLocalPort());
            server.start();
            return server;
        }
    }

    /** Does not wait until it answers. */
    void start() throws IOException {
        process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx1g",
                        "-cp",
                        System.getProperty("java.class.path"),
                        LeanLintel.class.getName(),
                        "--server.port=" + port,
                        "--spring.datasource.url=" + RunningServer.jdbcUrl(database))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("target", "server-" + port + ".log").toFile()))
                .start();
    }

    void awaitAnswers() throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            try {
                if (get("/api/v1/projects").status() == 200) return;
            } catch (IOException notYet) {
                // it starts
            }
            Thread.sleep(100);
        }
        throw new AssertionError("the server at " + port + " did not start");
    }

    /** At once, whatever it is doing. */
    void kill() throws InterruptedException {
        process.destroyForcibly();
        if (!process.waitFor(10, TimeUnit.SECONDS)) throw new AssertionError("it cannot be killed");
    }

    /** Asks it to stop. @return whether it did in the 5 s that it may take */
    boolean stop() throws InterruptedException {
        process.destroy();
        boolean stopped = process.waitFor(5, TimeUnit.SECONDS);
        if (!stopped) kill();
        return stopped;
    }

    int port() {
        return port;
    }

    Answer get(String path) throws IOException {
        return send(request(path));
    }

    Answer post(String path, String body) throws IOException {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** As it comes. */
    byte[] bytes(String path) throws IOException {
        return sent(request(path)).body();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(30));
    }

    private Answer send(HttpRequest.Builder request) throws IOException {
        HttpResponse<byte[]> response = sent(request);
        boolean json = response.headers().firstValue("Content-Type").orElse("").contains("json");
        return new Answer(
                response.statusCode(),
                json ? Json.mapper().readTree(response.body()) : Json.mapper().createObjectNode());
    }

    private HttpResponse<byte[]> sent(HttpRequest.Builder request) throws IOException {
        try {
            return http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
