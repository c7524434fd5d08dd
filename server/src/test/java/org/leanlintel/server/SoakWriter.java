package org.leanlintel.server;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.formats.anyedit.AnyEdit;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.server.ServerProcess.Answer;
import tools.jackson.core.JacksonException;

/** One who draws in a project on whichever server answers, and sends again what was not answered, as a window does. */
final class SoakWriter implements Runnable {

    private final List<ServerProcess> servers;
    private final String project;
    private final RandomGenerator random;
    private final SoakReport report;
    private final BooleanSupplier over;
    private final List<UUID> acknowledged = new ArrayList<>();
    private final Map<Class<?>, Integer> accepted = new HashMap<>();

    SoakWriter(
            List<ServerProcess> servers,
            String project,
            RandomGenerator random,
            SoakReport report,
            BooleanSupplier over) {
        this.servers = servers;
        this.project = project;
        this.random = random;
        this.report = report;
        this.over = over;
    }

    String project() {
        return project;
    }

    List<UUID> acknowledged() {
        return acknowledged;
    }

    static String path(String project, String rest) {
        return "/api/v1/projects/" + project + rest;
    }

    @Override
    public void run() {
        try {
            for (Edit edit : AnyEdit.house()) send(edit, model().revision());
            while (!over.getAsBoolean()) act();
        } catch (RuntimeException | IOException | InterruptedException fault) {
            report.fault("A writer stopped: " + fault);
        }
    }

    private void act() throws IOException, InterruptedException {
        Model model = model();
        switch (random.nextInt(20)) {
            case 0, 1 -> turnBack("/undo");
            case 2 -> turnBack("/redo");
            case 3 -> version();
            case 4 -> look(model);
            default -> {
                Edit edit = new AnyEdit(random, Building.of(model), random.nextInt(4)).next(accepted);
                if (edit != null && send(edit, model.revision())) accepted.merge(edit.getClass(), 1, Integer::sum);
            }
        }
    }

    private boolean send(Edit edit, long seen) throws InterruptedException {
        UUID id = UUID.randomUUID();
        String body;
        try {
            body = Api.body(id, seen, edit);
        } catch (JacksonException unwritable) {
            return false;
        }
        return changed(id, "/edits?drawing=drawing-ground-plan", body, edit.toString());
    }

    private void turnBack(String which) throws InterruptedException {
        UUID id = UUID.randomUUID();
        changed(id, which, "{\"editId\":\"%s\",\"window\":\"test\"}".formatted(id), which);
    }

    private boolean changed(UUID id, String path, String body, String what) throws InterruptedException {
        Answer answer = asked("POST", path, body, what);
        if (answer.status() == 200) acknowledged.add(id);
        report.answered(answer.status() == 200);
        return answer.status() == 200;
    }

    private void version() throws IOException, InterruptedException {
        var versions = asked("GET", "/versions", "", "versions").json();
        if (versions.isEmpty() || random.nextInt(3) == 0) {
            asked("POST", "/versions", "{\"name\":\"Then\"}", "name a version");
            return;
        }
        String version =
                versions.path(random.nextInt(versions.size())).path("id").asString();
        UUID id = UUID.randomUUID();
        changed(
                id,
                "/versions/" + version + "/go-back",
                "{\"editId\":\"%s\",\"window\":\"test\"}".formatted(id),
                "go back");
    }

    private void look(Model model) throws InterruptedException {
        List<Drawing> drawings = model.all(Drawing.class);
        Drawing one = drawings.get(random.nextInt(drawings.size()));
        asked("GET", "/drawings/" + one.id().value() + "/picture", "", one.toString());
    }

    private Model model() throws InterruptedException {
        for (; ; ) {
            try {
                return ProjectFile.read(server().bytes(path(project, "/file")));
            } catch (IOException | ProjectFile.Unreadable away) {
                report.sentAgain();
                Thread.sleep(200);
            }
        }
    }

    private ServerProcess server() {
        return servers.get(random.nextInt(servers.size()));
    }

    /** Asked until it is answered. */
    private Answer asked(String method, String path, String body, String what) throws InterruptedException {
        for (; ; ) {
            try {
                Answer answer = method.equals("GET")
                        ? server().get(path(project, path))
                        : server().post(path(project, path), body);
                if (answer.status() != 503) {
                    if (answer.status() >= 500)
                        report.fault(answer.status() + " "
                                + answer.json().path("detail").asString() + " to " + what);
                    if (!answer.json().path("fault").isMissingNode()
                            && !answer.json().path("fault").isNull())
                        report.fault(answer.json().path("fault").asString() + " to " + what);
                    return answer;
                }
            } catch (IOException killed) {
                // the other may answer
            }
            report.sentAgain();
            Thread.sleep(200);
        }
    }
}
