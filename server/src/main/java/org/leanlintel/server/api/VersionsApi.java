package org.leanlintel.server.api;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.server.api.Messages.EditAnswer;
import org.leanlintel.server.api.Messages.NewVersion;
import org.leanlintel.server.api.Messages.ProjectState;
import org.leanlintel.server.api.Messages.TurnBack;
import org.leanlintel.server.api.Messages.VersionSummary;
import org.leanlintel.server.live.EditDesk;
import org.leanlintel.server.store.ProjectStore;
import org.leanlintel.server.store.VersionRow;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Named versions of a project: kept to look at and to go back to. */
@RestController
@RequestMapping("/api/v1/projects/{project}/versions")
public class VersionsApi {

    private final ProjectStore store;
    private final EditDesk desk;
    private final BoardApi board;

    VersionsApi(ProjectStore store, EditDesk desk, BoardApi board) {
        this.store = store;
        this.desk = desk;
        this.board = board;
    }

    /** Newest first. */
    @GetMapping
    public List<VersionSummary> list(@PathVariable UUID project) {
        return store.versions(project).stream().map(VersionsApi::summary).toList();
    }

    /** Keeps the project as it stands, under a name. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public VersionSummary keep(@PathVariable UUID project, @RequestBody NewVersion request) {
        String name = request.name().strip();
        if (name.isEmpty() || name.length() > 120) throw new Unusable("A version's name has 1 to 120 characters.");
        return summary(store.nameVersion(project, name));
    }

    /** The elements of a version. */
    @GetMapping("/{version}/state")
    public ProjectState state(@PathVariable UUID project, @PathVariable UUID version) {
        var model = store.loadVersion(project, version);
        return new ProjectState(model.revision(), List.copyOf(model.elements()), null, null);
    }

    /** Makes the project what it was then. This is one edit, and can be undone. */
    @PostMapping("/{version}/go-back")
    public EditAnswer goBack(
            @PathVariable UUID project,
            @PathVariable UUID version,
            @RequestParam @Nullable String drawing,
            @RequestBody TurnBack request) {
        ElementId shown = board.shown(project, drawing);
        return board.answer(
                project, shown, desk.goBack(project, board.sender(request.editId(), request.window()), version));
    }

    private static VersionSummary summary(VersionRow row) {
        return new VersionSummary(row.id(), row.name(), row.revision(), row.madeAt());
    }
}
