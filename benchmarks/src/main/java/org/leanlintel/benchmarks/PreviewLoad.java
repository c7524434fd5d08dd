package org.leanlintel.benchmarks;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.gap.SetGap;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.standard.OfficeStandard;

/**
 * Asks a running server on this machine for previews, one after another as a board does, and prints how long they take:
 * median and 95th of 100, and as a ratio to an empty request. It imports a project for each size and deletes it again.
 */
public final class PreviewLoad {

    private static final int WARM_UP = 400, ASKED = 600;
    private static final int[] SIZES = {500, 2000};

    private final HttpClient http = HttpClient.newHttpClient();
    private final String address;

    private PreviewLoad(String port) {
        address = "http://127.0.0.1:" + Integer.parseInt(port) + "/api/v1";
    }

    /** @param arguments the server's port */
    public static void main(String... arguments) throws IOException, InterruptedException {
        new PreviewLoad(arguments.length == 0 ? "8460" : arguments[0]).run();
    }

    private void run() throws IOException, InterruptedException {
        String length = "{\"text\":\"3200\",\"units\":\"METRIC\"}";
        times(i -> post("/lengths", length));
        double[] empty = times(i -> post("/lengths", length));
        print("empty request", empty, empty);
        for (int walls : SIZES) ask(walls + " walls", Houses.of(walls), empty);
        ask("400 walls, fitted out", Houses.fitted(400), empty);
    }

    private void ask(String what, Houses houses, double[] empty) throws IOException, InterruptedException {
        String project = imported(houses);
        String previews = "/projects/" + project + "/previews?drawing=" + OfficeStandard.GROUND_PLAN + "&gapsOf="
                + houses.moved();
        print(what + ": move one", times(i -> post(previews, json(move(houses, i)))), empty);
        print(what + ": set a gap", times(i -> post(previews, json(gap(houses, i)))), empty);
        print(what + ": draw a run", times(i -> post(previews, json(run(i)))), empty);
        send(HttpRequest.newBuilder(URI.create(address + "/projects/" + project))
                .DELETE()
                .build());
    }

    private String imported(Houses houses) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/projects/file"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(ProjectFile.write(houses.model())))
                .build();
        return Json.mapper().readTree(send(request)).path("id").asString();
    }

    private static Edit move(Houses houses, int i) {
        return new Move(List.of(houses.moved()), new Vec(i % 40 - 20, i % 7));
    }

    private static Edit gap(Houses houses, int i) {
        Gap gap = new Gap.Beside(houses.partition(), Side.LEFT, houses.moved());
        return new SetGap(gap, Gap.Faces.FINISH, 2400 + i % 50, false);
    }

    private static Edit run(int i) {
        NewWall wall = NewWall.of(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_WALLS,
                new ElementId("build-up-stud-partition"),
                new SetOut.MiddleOfStructure(),
                Side.LEFT,
                WallEnd.Reach.STRUCTURE);
        return new DrawWalls(
                wall, List.of(Pick.bare(-9000, 0), Pick.bare(-9000, 3000 + i), Pick.bare(-4000 - i, 3000 + i)), false);
    }

    private static String json(Edit edit) {
        return Json.mapper().writerFor(Edit.class).writeValueAsString(edit);
    }

    private HttpRequest post(String path, String body) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    /** Milliseconds, in order of size. */
    private double[] times(IntFunction<HttpRequest> request) throws IOException, InterruptedException {
        double[] times = new double[ASKED];
        for (int i = -WARM_UP; i < ASKED; i++) {
            HttpRequest next = request.apply(i + WARM_UP);
            long from = System.nanoTime();
            send(next);
            if (i >= 0) times[i] = (System.nanoTime() - from) / 1e6;
        }
        Arrays.sort(times);
        return times;
    }

    private String send(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) throw new IOException(answer.statusCode() + " " + answer.body());
        return answer.body();
    }

    private static void print(String what, double[] times, double[] empty) {
        double median = times[times.length / 2], p95 = times[times.length * 95 / 100];
        System.out.printf(
                "%-34s median %6.2f ms  p95 %6.2f ms  %5.1f times an empty request%n",
                what, median, p95, median / empty[empty.length / 2]);
    }
}
