package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.note.Facts;
import org.leanlintel.core.note.Pointed;
import org.leanlintel.core.picture.height.MaterialNames;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.server.api.Messages.FactAnswer;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What notes can say of what they point at. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class NotesApi {

    private final LiveProjects live;

    NotesApi(LiveProjects live) {
        this.live = live;
    }

    /** Of a thing, as a note would say it that points at a place of it. */
    @GetMapping("/drawings/{drawing}/facts")
    public List<FactAnswer> facts(
            @PathVariable UUID project,
            @PathVariable String drawing,
            @RequestParam String thing,
            @RequestParam double x,
            @RequestParam double y) {
        Building building = live.get(project).building();
        Drawing on = building.model().get(new ElementId(drawing), Drawing.class);
        Element element = building.model().get(new ElementId(thing), Element.class);
        if (!(Math.abs(x) <= Tolerance.FURTHEST_MM && Math.abs(y) <= Tolerance.FURTHEST_MM))
            throw new Unusable("That is more than 1 km from the drawing's origin.");
        return answer(Pointed.in(on, building).on(element, new Vec(x, y)), building);
    }

    /** Notes that would name the materials an elevation shows, or a section beyond its cut, as far as none names them yet. */
    @GetMapping("/drawings/{drawing}/materials")
    public List<MaterialNames.Named> materials(@PathVariable UUID project, @PathVariable String drawing) {
        Live now = live.get(project);
        Drawing on = now.model().get(new ElementId(drawing), Drawing.class);
        if (on.kind() != Drawing.Kind.ELEVATION && on.kind() != Drawing.Kind.SECTION)
            throw new Unusable("Materials are named in elevations and sections.");
        return MaterialNames.of(now.building(), on.id(), DrawingLettering.get());
    }

    /** Of the first thing that a note points at. */
    @GetMapping("/notes/{note}/facts")
    public List<FactAnswer> ofNote(@PathVariable UUID project, @PathVariable String note) {
        Building building = live.get(project).building();
        List<Target> targets =
                building.model().get(new ElementId(note), Note.class).leaders().targets();
        return targets.isEmpty() ? List.of() : answer(targets.getFirst(), building);
    }

    private static List<FactAnswer> answer(Target target, Building building) {
        List<FactAnswer> facts = new ArrayList<>();
        Facts.of(target, building).forEach((field, value) -> facts.add(new FactAnswer(field, value)));
        return facts;
    }
}
