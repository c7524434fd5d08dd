package org.leanlintel.server.api;

import java.util.List;
import java.util.UUID;
import org.leanlintel.core.edit.office.Standard;
import org.leanlintel.core.model.Model;
import org.leanlintel.formats.json.StandardFile;
import org.leanlintel.server.live.LiveProjects;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The office standard that a project has come to, and others beside it. */
@RestController
@RequestMapping("/api/v1/projects/{project}/standard")
public class StandardsApi {

    private final LiveProjects live;

    StandardsApi(LiveProjects live) {
        this.live = live;
    }

    /** Layers, lenses, materials, build-ups, symbols and rules as one JSON file. */
    @GetMapping
    public ResponseEntity<byte[]> file(@PathVariable UUID project) {
        Model model = live.get(project).model();
        return ProjectsApi.download(
                StandardFile.write(model),
                MediaType.APPLICATION_JSON,
                model.settings().name() + ", standard.json");
    }

    /** What of a standard the project lacks, has, or has otherwise. Nothing is changed. */
    @PostMapping(path = "/comparison", consumes = MediaType.APPLICATION_JSON_VALUE)
    public List<Standard.Compared> compare(@PathVariable UUID project, @RequestBody byte[] file) {
        return Standard.compare(live.get(project).model(), StandardFile.read(file));
    }
}
