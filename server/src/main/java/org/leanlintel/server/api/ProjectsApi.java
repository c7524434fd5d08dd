package org.leanlintel.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.run.BegunWith;
import org.leanlintel.core.edit.run.Whole;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Settings;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.json.StandardFile;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.standard.TradeRegion;
import org.leanlintel.server.api.Messages.NewProject;
import org.leanlintel.server.api.Messages.ProjectSummary;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.live.Tracing;
import org.leanlintel.server.store.OfficeRegions;
import org.leanlintel.server.store.ProjectRow;
import org.leanlintel.server.store.ProjectStore;
import org.leanlintel.server.store.TracedFiles;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The list of projects. */
@RestController
@RequestMapping("/api/v1/projects")
public class ProjectsApi {

    private final ProjectStore store;
    private final LiveProjects live;
    private final TracedFiles files;
    private final OfficeRegions regions;
    private final Tracing tracing;

    ProjectsApi(ProjectStore store, LiveProjects live, TracedFiles files, OfficeRegions regions, Tracing tracing) {
        this.store = store;
        this.live = live;
        this.files = files;
        this.regions = regions;
        this.tracing = tracing;
    }

    /** Projects, last changed first; with {@code deleted}, those that can still be had back. */
    @GetMapping
    public List<ProjectSummary> list(@RequestParam(defaultValue = "false") boolean deleted) {
        store.removeExpired();
        return store.all(deleted).stream().map(ProjectsApi::summary).toList();
    }

    /** A new project from the office standard, the one that comes with the program or another, with one storey and its plan. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public ProjectSummary create(@RequestBody NewProject request) {
        TradeRegion own = regions.find(request.region()),
                region = own != null ? own : OfficeStandard.region(request.region());
        Settings settings = OfficeStandard.settings(
                region, request.name(), request.address(), request.client(), request.drawnBy(), request.paper());
        Model fresh = OfficeStandard.newProject(settings, region);
        String standard = request.standard();
        return summary(store.add(
                standard.isBlank()
                        ? fresh
                        : BegunWith.standard(StandardFile.read(standard.getBytes(StandardCharsets.UTF_8)), fresh)));
    }

    /** A copy with its own history. */
    @PostMapping("/{project}/duplicate")
    @ResponseStatus(HttpStatus.CREATED)
    public ProjectSummary duplicate(@PathVariable UUID project) {
        Model model = live.get(project).model();
        Settings s = model.settings();
        String base = s.name().length() > 110 ? s.name().substring(0, 110) : s.name();
        Settings named = s.named(base + " (copy)");
        List<Element> elements =
                model.elements().stream().map(e -> e == s ? named : e).toList();
        return summary(store.add(Model.of(model.revision(), elements)));
    }

    /** Deletes a project; it can be had back for 30 days. */
    @DeleteMapping("/{project}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void delete(@PathVariable UUID project) {
        store.delete(project);
        live.forget(project);
    }

    @PostMapping("/{project}/restore")
    public ProjectSummary restore(@PathVariable UUID project) {
        return summary(store.restore(project));
    }

    /** The whole project as one JSON file. */
    @GetMapping("/{project}/file")
    public ResponseEntity<byte[]> file(@PathVariable UUID project) {
        Model model = live.get(project).model();
        return download(
                ProjectFile.write(model, files.of(model)),
                MediaType.APPLICATION_JSON,
                model.settings().name() + ".lintel.json");
    }

    /** Adds a project from a project file. A broken file is refused whole, with the place that is wrong. */
    @PostMapping(path = "/file", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    public ProjectSummary importFile(@RequestBody byte[] file) {
        ProjectFile.Contents contents = ProjectFile.readAll(file);
        if (Whole.judged(Building.of(contents.model())) instanceof Refusal fault)
            throw new ProjectFile.Unreadable("What is in the file cannot be drawn: " + fault.sentence());
        for (byte[] traced : contents.files().values()) {
            tracing.pages(traced);
            files.keep(traced);
        }
        return summary(store.add(contents.model()));
    }

    /** A PDF is shown, anything else kept. */
    static ResponseEntity<byte[]> download(byte[] bytes, MediaType type, String name) {
        boolean shown = type.equals(MediaType.APPLICATION_PDF);
        ContentDisposition disposition = (shown ? ContentDisposition.inline() : ContentDisposition.attachment())
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(bytes);
    }

    static ProjectSummary summary(ProjectRow row) {
        return new ProjectSummary(
                row.id(),
                row.name(),
                row.address(),
                row.client(),
                UnitSystem.valueOf(row.units()),
                row.revision(),
                row.changedAt(),
                row.deletedAt());
    }
}
