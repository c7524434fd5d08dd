package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.issue.ComparedSheet;
import org.leanlintel.core.issue.Comparison;
import org.leanlintel.core.issue.ProposedCloud;
import org.leanlintel.core.issue.SetCheck;
import org.leanlintel.core.issue.State;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.plan.LabelFindings;
import org.leanlintel.core.picture.sheet.SheetFindings;
import org.leanlintel.core.picture.sheet.Transmittal;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.Told;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.PdfWriter;
import org.leanlintel.server.api.Messages.IssueRequest;
import org.leanlintel.server.api.Messages.Withdrawal;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.live.Printing;
import org.leanlintel.server.store.Issue;
import org.leanlintel.server.store.Issues;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sets that are handed out: frozen as they stand, opened again, held against each other, given to people, withdrawn. */
@RestController
@RequestMapping("/api/v1/projects/{project}/issues")
public class IssuesApi {

    private static final int MOST_RECIPIENTS = 100, LONGEST_REASON = 200;

    private final LiveProjects live;
    private final ProjectStore store;
    private final Issues issues;
    private final AsPrinted asPrinted;

    IssuesApi(LiveProjects live, ProjectStore store, Issues issues, AsPrinted asPrinted) {
        this.live = live;
        this.store = store;
        this.issues = issues;
        this.asPrinted = asPrinted;
    }

    /** The oldest first. */
    @GetMapping
    public List<Issue> list(@PathVariable UUID project) {
        return issues.of(project);
    }

    /** What would be missed in the set as it stands: sheets, then what does not print well, then what is found of the project. */
    @GetMapping("/check")
    public List<Finding> check(@PathVariable UUID project) {
        Printing print = asPrinted.of(project, null);
        Live now = print.now();
        List<Finding> all = new ArrayList<>(SetCheck.of(now.model(), print::footprint));
        all.addAll(SheetFindings.of(now.model(), print::picture, DrawingLettering.get()));
        all.addAll(LabelFindings.of(now.building(), DrawingLettering.get()));
        all.addAll(Findings.of(now.building()));
        return all;
    }

    /** Hands out sheets as they stand: those named, or all. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public Issue issue(@PathVariable UUID project, @RequestBody IssueRequest request) {
        Told asked =
                new Told(request.issued(), request.sheets().stream().distinct().toList());
        String number = asked.issued().number();
        List<Issue> before = issues.of(project);
        for (Issue i : before)
            if (i.issued().number().equalsIgnoreCase(number))
                throw new Unusable("There is an issue %s already.".formatted(number));
        Live now = live.get(project);
        List<Sheet> sheets = SheetOrder.of(now.model(), asked.sheets());
        if (sheets.isEmpty()) throw new Unusable("There are no sheets to issue yet.");
        List<Told> told = new ArrayList<>(AsPrinted.counting(before));
        told.add(asked);
        byte[] set = new Printing(now, told).set(sheets);
        try {
            return issues.add(project, asked, now.model(), set);
        } catch (DataIntegrityViolationException takenMeanwhile) {
            throw new Unusable("There is an issue %s already.".formatted(number));
        }
    }

    /** A page to go with an issue: what it is for, its sheets, and who was given it. */
    @GetMapping(path = "/{issue}/transmittal.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> transmittal(@PathVariable UUID project, @PathVariable UUID issue) {
        Issue asked = issues.get(project, issue);
        Model then = store.loadVersion(project, asked.version());
        List<Transmittal.Given> given = asked.recipients().stream()
                .map(r -> new Transmittal.Given(r.name(), r.date(), r.way()))
                .toList();
        Transmittal page = new Transmittal(asked.issued(), SheetOrder.of(then, asked.sheets()), given);
        String name = "%s, issue %s, transmittal.pdf"
                .formatted(then.settings().name(), asked.issued().number());
        return ProjectsApi.download(
                PdfWriter.pages(
                        page.pages(then, DrawingLettering.get()),
                        Transmittal.paper(then),
                        name,
                        DrawingLettering.get()),
                MediaType.APPLICATION_PDF,
                name);
    }

    /** The document as it was handed out. */
    @GetMapping(path = "/{issue}/set.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> document(@PathVariable UUID project, @PathVariable UUID issue) {
        String name = "%s, issue %s.pdf"
                .formatted(
                        live.get(project).model().settings().name(),
                        issues.get(project, issue).issued().number());
        return ProjectsApi.download(issues.document(project, issue), MediaType.APPLICATION_PDF, name);
    }

    @PostMapping("/{issue}/withdrawal")
    public Issue withdraw(@PathVariable UUID project, @PathVariable UUID issue, @RequestBody Withdrawal request) {
        String reason = request.reason().strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON)
            throw new Unusable("Say why it is withdrawn, in %d characters at most.".formatted(LONGEST_REASON));
        Issue asked = issues.get(project, issue);
        if (!asked.counts())
            throw new Unusable(
                    "Issue %s is withdrawn already.".formatted(asked.issued().number()));
        return issues.withdraw(project, issue, reason);
    }

    @PostMapping("/{issue}/recipients")
    public Issue give(@PathVariable UUID project, @PathVariable UUID issue, @RequestBody Issue.Recipient request) {
        if (issues.get(project, issue).recipients().size() >= MOST_RECIPIENTS)
            throw new Unusable("An issue has %d recipients at most.".formatted(MOST_RECIPIENTS));
        return issues.give(project, issue, request);
    }

    /** An issue held against a later one, or against the set of today where none is named. */
    @GetMapping("/{issue}/comparison")
    public List<ComparedSheet> compare(
            @PathVariable UUID project, @PathVariable UUID issue, @RequestParam @Nullable UUID with) {
        State before = issued(project, issues.get(project, issue));
        State after = with == null ? today(project, before) : issued(project, issues.get(project, with));
        return Comparison.of(before, after, DrawingLettering.get());
    }

    /** Revision clouds for what is different today from what was issued. */
    @GetMapping("/{issue}/clouds")
    public List<ProposedCloud> clouds(@PathVariable UUID project, @PathVariable UUID issue) {
        State before = issued(project, issues.get(project, issue));
        return ProposedCloud.of(before, today(project, before));
    }

    private State issued(UUID project, Issue issue) {
        return state(Live.of(store.loadVersion(project, issue.version())), issue.sheets());
    }

    /** With the sheets that an issue is of. */
    private State today(UUID project, State issued) {
        return state(live.get(project), issued.sheets());
    }

    private static State state(Live live, List<ElementId> sheets) {
        return new State(live.model(), id -> live.drawing(id).picture(), sheets);
    }
}
