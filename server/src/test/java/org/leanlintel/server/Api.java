package org.leanlintel.server;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.RunningServer.Answer;

/** One project of a running server, spoken to as a window does. */
public final class Api {

    private final RunningServer server;
    private final String project;

    private Api(RunningServer server, String project) {
        this.server = server;
        this.project = project;
    }

    public static Api newProject(RunningServer server, String name) {
        return new Api(server, begun(server, name, "").json().path("id").asString());
    }

    /** Asks for a project that begins with a standard. */
    static Answer begun(RunningServer server, String name, String standard) {
        return server.post("/api/v1/projects", facts(name, standard));
    }

    /** @return its id */
    static String newProject(ServerProcess server, String name) throws IOException {
        return server.post("/api/v1/projects", Json.mapper().writeValueAsString(facts(name, "")))
                .json()
                .path("id")
                .asString();
    }

    private static Map<String, String> facts(String name, String standard) {
        return Map.of(
                "name",
                name,
                "address",
                "1 Test Row",
                "client",
                "Nobody",
                "drawnBy",
                "Test",
                "region",
                "UK",
                "paper",
                "A2",
                "standard",
                standard);
    }

    public static Api of(RunningServer server, String project) {
        return new Api(server, project);
    }

    public String id() {
        return project;
    }

    public String path(String rest) {
        return "/api/v1/projects/" + project + rest;
    }

    public Answer get(String rest) {
        return server.get(path(rest));
    }

    public Answer post(String rest, Object body) {
        return server.post(path(rest), body);
    }

    public long revision() {
        return get("/state").json().path("revision").asLong();
    }

    public Answer edit(Edit edit) {
        return edit(UUID.randomUUID(), revision(), edit);
    }

    public Answer edit(UUID editId, long seen, Edit edit) {
        return post("/edits", body(editId, seen, edit));
    }

    static String body(UUID editId, long seen, Edit edit) {
        return "{\"editId\":\"%s\",\"seen\":%d,\"window\":\"test\",\"edit\":%s}".formatted(editId, seen, json(edit));
    }

    public static String json(Edit edit) {
        return Json.mapper().writerFor(Edit.class).writeValueAsString(edit);
    }

    public Answer undo() {
        return post("/undo", Map.of("editId", UUID.randomUUID(), "window", "test"));
    }

    public Answer redo() {
        return post("/redo", Map.of("editId", UUID.randomUUID(), "window", "test"));
    }

    /** A closed rectangle of the brick and timber frame. */
    public static DrawWalls shell(double x, double y, double width, double height) {
        return new DrawWalls(
                NewWall.of(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_WALLS,
                        new ElementId("build-up-frame-brick"),
                        new SetOut.OnFace(0),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(
                        Pick.bare(x, y),
                        Pick.bare(x, y + height),
                        Pick.bare(x + width, y + height),
                        Pick.bare(x + width, y)),
                true);
    }

    /** One free wall of a partition. */
    public static DrawWalls wall(double x0, double y0, double x1, double y1) {
        return new DrawWalls(
                NewWall.of(
                        OfficeStandard.GROUND,
                        OfficeStandard.LAYER_WALLS,
                        new ElementId("build-up-stud-partition"),
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(Pick.bare(x0, y0), Pick.bare(x1, y1)),
                false);
    }
}
