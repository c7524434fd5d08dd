package org.leanlintel.server.api;

import java.time.Duration;
import java.util.List;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.traced.TracedFile;
import org.leanlintel.server.api.Messages.TracedFileAnswer;
import org.leanlintel.server.live.Tracing;
import org.leanlintel.server.store.TracedFiles;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures and PDFs to trace from. A file is named by its bytes, so what is said of it never changes. */
@RestController
@RequestMapping("/api/v1/files")
public class FilesApi {

    static final int MOST_BYTES = 40_000_000;

    private final TracedFiles files;
    private final Tracing tracing;

    FilesApi(TracedFiles files, Tracing tracing) {
        this.files = files;
        this.tracing = tracing;
    }

    /** Keeps a file, and says what it shows. */
    @PostMapping(
            consumes = {
                MediaType.APPLICATION_PDF_VALUE,
                MediaType.IMAGE_PNG_VALUE,
                MediaType.IMAGE_JPEG_VALUE,
            })
    @ResponseStatus(HttpStatus.CREATED)
    public TracedFileAnswer keep(@RequestBody byte[] bytes) {
        if (bytes.length > MOST_BYTES)
            throw new Unusable("A file to trace from may have %d MB at most.".formatted(MOST_BYTES / 1_000_000));
        List<TracedFile.Size> pages = tracing.pages(bytes);
        return new TracedFileAnswer(files.keep(bytes), TracedFile.isPdf(bytes), pages);
    }

    @GetMapping("/{file}")
    public TracedFileAnswer file(@PathVariable String file) {
        byte[] bytes = bytesOf(file);
        return new TracedFileAnswer(file, TracedFile.isPdf(bytes), tracing.pages(file, bytes));
    }

    /** One page as a PNG. */
    @GetMapping(path = "/{file}/pages/{page}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
    public ResponseEntity<byte[]> picture(@PathVariable String file, @PathVariable int page) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(tracing.png(file, bytesOf(file), page));
    }

    /** The straight lines on a page of a PDF, in millimetres of paper. */
    @GetMapping("/{file}/pages/{page}/lines")
    public List<TracedFile.Segment> lines(@PathVariable String file, @PathVariable int page) {
        return tracing.lines(file, bytesOf(file), page);
    }

    private byte[] bytesOf(String file) {
        return files.find(file).orElseThrow(NoSuchFile::new);
    }
}
