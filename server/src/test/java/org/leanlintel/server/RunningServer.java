package org.leanlintel.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.leanlintel.formats.json.Json;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The real application on a free port against a database of its own in the test cluster that {@code ./lintel test} starts. */
public final class RunningServer implements BeforeAllCallback, AfterAllCallback {

    private final String database;
    private final boolean ownDatabase;
    private final List<String> settings;
    private final HttpClient http = HttpClient.newHttpClient();
    private ConfigurableApplicationContext application;

    /** Drawings are drawn when they are asked for, so that tests do not wait for what goes on besides. */
    private static final String NOTHING_AHEAD = "--lintel.ahead.still-ms=" + Integer.MAX_VALUE;

    public RunningServer() {
        this(NOTHING_AHEAD);
    }

    public RunningServer(boolean demo) {
        this("--lintel.demo=" + demo, NOTHING_AHEAD);
    }

    /** With the demo projects, as a drafter has it. */
    public static RunningServer asShipped() {
        return new RunningServer("--lintel.demo=true");
    }

    /** @param settings of the application, as arguments */
    RunningServer(String... settings) {
        this("test_" + UUID.randomUUID().toString().replace("-", ""), true, List.of(settings));
    }

    private RunningServer(String database, boolean ownDatabase, List<String> settings) {
        this.database = database;
        this.ownDatabase = ownDatabase;
        this.settings = settings;
    }

    /** Another instance on the database of {@code first}. */
    static RunningServer besides(RunningServer first) {
        return new RunningServer(first.database, false, List.of());
    }

    static String databasePort() {
        String port = System.getenv("LINTEL_TEST_DB_PORT");
        if (port == null) throw new IllegalStateException("Run ./lintel test: it starts the database the tests need.");
        return port;
    }

    static String jdbcUrl(String database) {
        return "jdbc:postgresql://127.0.0.1:" + databasePort() + "/" + database;
    }

    static void administer(String sql) {
        try (var connection = DriverManager.getConnection(
                        jdbcUrl("postgres"), "lintel", System.getenv("LINTEL_DB_PASSWORD"));
                var statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One column. */
    static <T> List<T> query(String database, String sql, Class<T> of) {
        try (var connection =
                        DriverManager.getConnection(jdbcUrl(database), "lintel", System.getenv("LINTEL_DB_PASSWORD"));
                var rows = connection.createStatement().executeQuery(sql)) {
            List<T> found = new ArrayList<>();
            while (rows.next()) found.add(rows.getObject(1, of));
            return found;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Whether its database lets anybody in; who was in is thrown out. */
    public void database(boolean there) {
        administer("alter database " + database + " with allow_connections " + there);
        if (!there) throwOut(database, "true");
    }

    /** Breaks the connections on which servers hear of each other. */
    void dropListeners() {
        throwOut(database, "query = 'listen lintel'");
    }

    /** Breaks connections to a database. @param which as SQL of pg_stat_activity */
    static void throwOut(String database, String which) {
        administer("select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + database + "' and "
                + which);
    }

    /**
     * The whole cluster stops at once, without storing anything more, and starts again, by the command that {@code ./lintel} gives;
     * without one only the connections to a database break.
     */
    static void crash(String database) throws InterruptedException {
        String command = System.getenv("LINTEL_TEST_DB_CRASH");
        if (command == null) {
            throwOut(database, "true");
            return;
        }
        try {
            int code = new ProcessBuilder("sh", "-c", command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start()
                    .waitFor();
            if (code != 0) throw new AssertionError("the database did not start again: " + command);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        if (ownDatabase) administer("create database " + database);
        start();
    }

    private void start() {
        List<String> arguments = new ArrayList<>(settings);
        arguments.add("--server.port=0");
        arguments.add("--spring.datasource.url=" + jdbcUrl(database));
        application = SpringApplication.run(LeanLintel.class, arguments.toArray(String[]::new));
    }

    /** Stops the server and starts it again on the same database. */
    public void restart() {
        application.close();
        start();
    }

    @Override
    public void afterAll(ExtensionContext context) {
        application.close();
        if (ownDatabase) administer("drop database " + database + " with (force)");
    }

    <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    /** Changes its database past it. */
    void execute(String sql) {
        new JdbcTemplate(bean(DataSource.class)).execute(sql);
    }

    /** A second person, as accounts will make. */
    long addPerson(String name) {
        var jdbc = new JdbcTemplate(bean(DataSource.class));
        return Objects.requireNonNull(
                jdbc.queryForObject("insert into person (name) values (?) returning id", Long.class, name));
    }

    public String address() {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) application).getWebServer().getPort();
    }

    /** An answer with its body read as JSON where it is JSON. */
    public record Answer(int status, JsonNode json, byte[] body, String type) {

        public String detail() {
            return json.path("detail").asString("");
        }
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).GET());
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body);
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, body);
    }

    /** @param body JSON; null for none */
    public Answer request(String method, String path, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path));
        return send(
                body == null
                        ? request.method(method, HttpRequest.BodyPublishers.noBody())
                        : request.header("Content-Type", "application/json")
                                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    private Answer send(String method, String path, Object body) {
        String json = body instanceof String text ? text : Json.mapper().writeValueAsString(body);
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).DELETE());
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode json = type.contains("json") && response.body().length > 0
                    ? Json.mapper().readTree(response.body())
                    : Json.mapper().createObjectNode();
            return new Answer(response.statusCode(), json, response.body(), type);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
