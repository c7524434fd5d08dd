package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.carry.Copied;
import org.leanlintel.core.edit.room.RoomNews;
import org.leanlintel.core.edit.setting.SetOutNews;
import org.leanlintel.core.edit.sound.CutWholeNews;
import org.leanlintel.core.effect.Effects;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.table.BuildUpCut;
import org.leanlintel.server.api.Messages.BuildUpAnswer;
import org.leanlintel.server.api.Messages.CopyAnswer;
import org.leanlintel.server.api.Messages.CopyRequest;
import org.leanlintel.server.api.Messages.EditAnswer;
import org.leanlintel.server.api.Messages.EditRequest;
import org.leanlintel.server.api.Messages.GapAnswer;
import org.leanlintel.server.api.Messages.PreviewAnswer;
import org.leanlintel.server.api.Messages.ProjectState;
import org.leanlintel.server.api.Messages.SettingOutAnswer;
import org.leanlintel.server.api.Messages.TurnBack;
import org.leanlintel.server.live.EditDesk;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.store.Journal;
import org.leanlintel.server.store.Journal.Sender;
import org.leanlintel.server.store.JournalRow;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Working in a project: its elements, edits, previews, undo and redo. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class BoardApi {

    private static final Logger LOG = LoggerFactory.getLogger(BoardApi.class);

    /** Of the cut through a build-up in its editor. */
    private static final double LOOK_SCALE = 4;
    /** How high it is, as a part of its width. */
    private static final double LOOK_HEIGHT = 0.25;

    private final LiveProjects live;
    private final EditDesk desk;
    private final Journal journal;
    private final People people;

    BoardApi(LiveProjects live, EditDesk desk, Journal journal, People people) {
        this.live = live;
        this.desk = desk;
        this.journal = journal;
        this.people = people;
    }

    @GetMapping("/state")
    public ProjectState state(@PathVariable UUID project) {
        Live now = live.get(project);
        return new ProjectState(
                now.model().revision(), List.copyOf(now.model().elements()), undoName(project), redoName(project));
    }

    /** Makes an edit. The answer comes after it is stored; with {@code drawing}, it says how that drawing changed. */
    @PostMapping("/edits")
    public EditAnswer edit(
            @PathVariable UUID project, @RequestParam @Nullable String drawing, @RequestBody EditRequest request) {
        ElementId shown = shown(project, drawing);
        return answer(
                project,
                shown,
                desk.accept(project, sender(request.editId(), request.window()), request.seen(), request.edit()));
    }

    /**
     * What has changed since a revision, as if it were one edit. Where that was long ago the answer is a refusal, and everything
     * is to be read anew.
     */
    @GetMapping("/changes")
    public EditAnswer changes(
            @PathVariable UUID project, @RequestParam long seen, @RequestParam @Nullable String drawing) {
        ElementId shown = shown(project, drawing);
        EditDesk.Answer since = desk.since(project, seen);
        if (since == null)
            throw new Refused(Refusal.because("Too much has changed since revision %d.".formatted(seen)));
        return answer(project, shown, since);
    }

    /**
     * Tries an edit without storing it. With {@code effects}, it says what else becomes different; with {@code gapsOf},
     * the gaps that wall would have; with {@code settingOut}, how the opening or fitting placed would be set out.
     */
    @PostMapping("/previews")
    public PreviewAnswer preview(
            @PathVariable UUID project,
            @RequestParam @Nullable String drawing,
            @RequestParam(defaultValue = "false") boolean effects,
            @RequestParam @Nullable String gapsOf,
            @RequestParam(defaultValue = "FINISH") Gap.Faces faces,
            @RequestParam(defaultValue = "false") boolean settingOut,
            @RequestBody Edit edit) {
        ElementId shown = shown(project, drawing);
        EditDesk.Answer answer = desk.preview(project, edit);
        long revision = answer.before().model().revision();
        return switch (answer.outcome()) {
            case Refusal refusal ->
                new PreviewAnswer(
                        revision,
                        null,
                        refusal.sentence(),
                        refusal.concerns(),
                        List.of(),
                        List.of(),
                        List.of(),
                        null,
                        null,
                        null);
            case Change change ->
                new PreviewAnswer(
                        revision,
                        change.name(),
                        null,
                        List.of(),
                        effects
                                ? Effects.between(
                                        answer.before().building(),
                                        answer.after().building())
                                : List.of(),
                        GapAnswers.of(answer.after().building(), gapsOf, faces),
                        news(answer),
                        settingOut ? SettingOutAnswers.of(change, answer.after().building(), of(faces)) : null,
                        GapAnswers.clearLength(change, answer.after().building()),
                        difference(shown, answer));
        };
    }

    /** The gaps of a wall to its neighbours. */
    @GetMapping("/gaps")
    public List<GapAnswer> gaps(
            @PathVariable UUID project,
            @RequestParam String wall,
            @RequestParam(defaultValue = "FINISH") Gap.Faces faces) {
        return GapAnswers.of(live.get(project).building(), wall, faces);
    }

    /** How an opening or a fitting is set out along its wall; nothing for what is on none. */
    @GetMapping("/setting-out")
    public List<SettingOutAnswer> settingOut(
            @PathVariable UUID project,
            @RequestParam String thing,
            @RequestParam(defaultValue = "FINISH") Gap.Faces faces) {
        SettingOutAnswer answer = SettingOutAnswers.of(live.get(project).building(), new ElementId(thing), of(faces));
        return answer == null ? List.of() : List.of(answer);
    }

    /** Things along a wall are measured from faces: the middle counts as structure. */
    private static Stop.Of of(Gap.Faces faces) {
        return faces == Gap.Faces.FINISH ? Stop.Of.FINISH : Stop.Of.STRUCTURE;
    }

    private static List<String> news(EditDesk.Answer answer) {
        Building before = answer.before().building(), after = answer.after().building();
        List<String> news = new ArrayList<>(SetOutNews.between(before.model(), after.model()));
        news.addAll(CutWholeNews.between(before.model(), after.model()));
        news.addAll(RoomNews.between(before, after));
        return news;
    }

    /** What a paste needs of things, to keep until then. */
    @PostMapping("/copied")
    public CopyAnswer copied(@PathVariable UUID project, @RequestBody CopyRequest request) {
        Model model = live.get(project).model();
        return new CopyAnswer(List.copyOf(Copied.of(model, request.things())), request.things());
    }

    /** The U-value of a build-up that need not be stored yet, and a cut through it. */
    @PostMapping("/build-ups/look")
    public BuildUpAnswer look(@PathVariable UUID project, @RequestBody BuildUp buildUp) {
        Model model = live.get(project).model();
        double height = buildUp.thicknessMm() * LOOK_HEIGHT;
        return new BuildUpAnswer(UValue.of(buildUp, model), BuildUpCut.picture(buildUp, model, height, LOOK_SCALE));
    }

    /** Takes back the person's own last edit. */
    @PostMapping("/undo")
    public EditAnswer undo(
            @PathVariable UUID project, @RequestParam @Nullable String drawing, @RequestBody TurnBack request) {
        ElementId shown = shown(project, drawing);
        return answer(project, shown, desk.undo(project, sender(request.editId(), request.window())));
    }

    @PostMapping("/redo")
    public EditAnswer redo(
            @PathVariable UUID project, @RequestParam @Nullable String drawing, @RequestBody TurnBack request) {
        ElementId shown = shown(project, drawing);
        return answer(project, shown, desk.redo(project, sender(request.editId(), request.window())));
    }

    Sender sender(UUID editId, String window) {
        return new Sender(people.current(), editId, window.matches("[A-Za-z0-9-]{1,64}") ? window : null);
    }

    /**
     * The drawing a request names, looked at before anything is changed; null where it is gone, as it may be by an edit that is
     * sent again. @throws MissingElement if it is something else
     */
    @Nullable
    ElementId shown(UUID project, @Nullable String drawing) {
        if (drawing == null) return null;
        ElementId id = new ElementId(drawing);
        Model model = live.get(project).model();
        return model.find(id) == null ? null : model.get(id, Drawing.class).id();
    }

    EditAnswer answer(UUID project, @Nullable ElementId drawing, EditDesk.Answer answer) {
        return switch (answer.outcome()) {
            case Refusal refusal -> throw new Refused(refusal);
            case Change change -> stored(project, drawing, answer, change);
        };
    }

    /** It is stored: whatever cannot be told of it any more, the answer is that it is. */
    private EditAnswer stored(UUID project, @Nullable ElementId drawing, EditDesk.Answer answer, Change change) {
        List<String> news = List.of();
        Picture.Difference picture = null;
        String fault = null;
        try {
            picture = difference(drawing, answer);
            news = news(answer);
        } catch (RuntimeException | StackOverflowError undrawable) {
            LOG.error("Stored, but cannot be drawn: {}", change.name(), undrawable);
            fault = "\"%s\" is stored, but the drawing cannot be worked out. Undo it, and do it another way."
                    .formatted(change.name());
        }
        return new EditAnswer(
                answer.after().model().revision(),
                change.name(),
                change.after(),
                removed(change),
                undoName(project),
                redoName(project),
                news,
                picture,
                fault);
    }

    private static List<ElementId> removed(Change change) {
        List<ElementId> put = change.after().stream().map(Element::id).toList();
        return change.before().stream()
                .map(Element::id)
                .filter(id -> !put.contains(id))
                .toList();
    }

    private static Picture.@Nullable Difference difference(@Nullable ElementId id, EditDesk.Answer answer) {
        if (id == null) return null;
        boolean shown = answer.before().model().find(id) != null
                && answer.after().model().find(id) != null;
        return shown ? answer.after().drawing(id).since(answer.before().drawing(id)) : null;
    }

    private @Nullable String undoName(UUID project) {
        return journal.toUndo(project, people.current()).map(JournalRow::name).orElse(null);
    }

    private @Nullable String redoName(UUID project) {
        return journal.toRedo(project, people.current()).map(JournalRow::name).orElse(null);
    }
}
