package org.leanlintel.server.api;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.Entry;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LengthReader;
import org.leanlintel.core.measure.LengthReading;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.takeoff.Measurement;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.api.Messages.EntryAnswer;
import org.leanlintel.server.api.Messages.LengthAnswer;
import org.leanlintel.server.api.Messages.LengthRequest;
import org.leanlintel.server.api.Messages.MeasureAnswer;
import org.leanlintel.server.api.Messages.MeasureRequest;
import org.leanlintel.server.api.Messages.PaperAnswer;
import org.leanlintel.server.events.EventStreams;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What belongs to no project: reading typed lengths, paper sizes, the stream of events. */
@RestController
@RequestMapping("/api/v1")
public class DeskApi {

    private final EventStreams streams;

    DeskApi(EventStreams streams) {
        this.streams = streams;
    }

    /** Reads a typed length: one meaning, two to choose from, or the reason it has none. */
    @PostMapping("/lengths")
    public LengthAnswer length(@RequestBody LengthRequest request) {
        return answer(LengthReader.read(request.text(), request.units()), request.units());
    }

    /** Reads what was typed into the entry line: one length or two, and an angle. */
    @PostMapping("/entries")
    public EntryAnswer entry(@RequestBody LengthRequest request) {
        Entry entry = Entry.read(request.text(), request.units());
        return new EntryAnswer(
                entry.length() == null ? null : answer(entry.length(), request.units()),
                entry.second() == null ? null : answer(entry.second(), request.units()),
                entry.degrees(),
                entry.fault());
    }

    private static LengthAnswer answer(LengthReading reading, UnitSystem units) {
        LengthPrinter printer = LengthPrinter.ofScreen(units);
        List<String> printed =
                switch (reading) {
                    case LengthReading.Read read -> List.of(printer.print(read.mm()));
                    case LengthReading.Asks asks ->
                        List.of(printer.print(asks.firstMm()), printer.print(asks.secondMm()));
                    case LengthReading.Unreadable no -> List.of();
                };
        return new LengthAnswer(reading, printed);
    }

    /** Measures between points. */
    @PostMapping("/measures")
    public MeasureAnswer measure(@RequestBody MeasureRequest request) {
        Measurement m = Measurement.of(request.points());
        LengthPrinter lengths = LengthPrinter.ofScreen(request.units());
        return new MeasureAnswer(
                m,
                m.legsMm().stream().map(lengths::print).toList(),
                lengths.print(m.totalMm()),
                m.areaMm2() == null ? null : AreaPrinter.print(m.areaMm2(), request.units()),
                m.perimeterMm() == null ? null : lengths.print(m.perimeterMm()),
                m.degrees() == null ? null : String.format(Locale.ROOT, "%.1f\u00B0", m.degrees()));
    }

    @GetMapping("/papers")
    public List<PaperAnswer> papers() {
        return Arrays.stream(PaperSize.values()).map(PaperAnswer::of).toList();
    }

    /** The rule sets a project can be checked against. */
    @GetMapping("/rule-sets")
    public List<Rules> ruleSets() {
        return List.copyOf(OfficeStandard.ruleSets().values());
    }

    /** Server-sent events: {@code revised} for every new revision of some projects, or of any where none is named. */
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    public SseEmitter events(@RequestParam(defaultValue = "") List<UUID> project) {
        return streams.open(Set.copyOf(project));
    }
}
