package org.leanlintel.server.api;

import jakarta.persistence.PersistenceException;
import java.net.URI;
import java.util.Arrays;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.MissingElement;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.json.JsonErrors;
import org.leanlintel.formats.json.ProjectFile;
import org.leanlintel.formats.traced.TracedFile;
import org.leanlintel.server.live.Tracing;
import org.leanlintel.server.store.NoSuchProject;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;

/** Turns every fault into a problem document (RFC 9457) that says in words what is wrong. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {

    /** Before what kind of problem it is; a name, not an address. */
    private static final String TYPE = "urn:lean-lintel:problem:";

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        Refusal refusal = refused.refusal();
        ProblemDetail problem = refusal.overtaken()
                ? problem(HttpStatus.CONFLICT, "overtaken", "Others were quicker", refusal.sentence())
                : problem(HttpStatus.UNPROCESSABLE_CONTENT, "refused", "The edit was refused", refusal.sentence());
        problem.setProperty(
                "concerns", refusal.concerns().stream().map(ElementId::value).toList());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail noSuchProject(NoSuchProject missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", String.valueOf(missing.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail missing(MissingElement missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", String.valueOf(missing.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail unreadableFile(ProjectFile.Unreadable unreadable) {
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "unreadable",
                "The file cannot be imported",
                String.valueOf(unreadable.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail untraceable(TracedFile.Untraceable untraceable) {
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "untraceable",
                "The file cannot be traced from",
                String.valueOf(untraceable.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail tooLarge(BodyLimit.TooLarge large) {
        return problem(HttpStatus.CONTENT_TOO_LARGE, "too-large", "Too large", String.valueOf(large.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail noSuchPlot(NoSuchPlot missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", String.valueOf(missing.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail noSuchFile(NoSuchFile missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", String.valueOf(missing.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail badValue(Unusable bad) {
        return problem(HttpStatus.BAD_REQUEST, "unusable", "A value cannot be used", String.valueOf(bad.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail givenUp(GivenUp slow) {
        Thread.interrupted();
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "given-up",
                "Given up",
                "That took longer than it may and was given up; nothing was changed.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Patience.Busy busy) {
        return unavailable("Too much is asked of this project at once. Try again in a moment.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> readingOthers(Tracing.Busy busy) {
        return unavailable("Other files are being read. Try again in a moment.");
    }

    /** A database that is away: nothing was stored, or nobody knows; who asks again under the same id finds out. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class, PersistenceException.class})
    ResponseEntity<ProblemDetail> database(Exception fault) {
        DatabaseFault why = DatabaseFault.of(fault);
        if (why == null) return ResponseEntity.internalServerError().body(unexpected(fault));
        LOG.warn("{} ({})", why.sentence(), fault.getMessage());
        return unavailable(why.sentence());
    }

    private static ResponseEntity<ProblemDetail> unavailable(String detail) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "2")
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "not-now", "Not just now", detail));
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception unexpected) {
        LOG.error("A request failed", unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "fault",
                "Something went wrong here",
                "The server could not do this; nothing was changed. Its log says more.");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = ex.getCause() instanceof JacksonException json
                ? JsonErrors.sentence(json)
                : "The request's body cannot be read.";
        return ResponseEntity.badRequest()
                .headers(headers)
                .body(problem(HttpStatus.BAD_REQUEST, "unreadable-request", "The request cannot be read", detail));
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.NOT_FOUND)
                .headers(headers)
                .body(problem(HttpStatus.NOT_FOUND, "not-found", "Not found", "There is nothing at this address."));
    }

    /** What the framework refuses by itself says of what kind it is, too. */
    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception ex, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ResponseEntity<Object> answer = super.handleExceptionInternal(ex, body, headers, status, request);
        if (answer != null && answer.getBody() instanceof ProblemDetail problem && problem.getType() == null)
            problem.setType(URI.create(TYPE + "unreadable-request"));
        return answer;
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException ex, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String what = ex instanceof MethodArgumentTypeMismatchException m ? m.getName() : "A part of the address";
        Class<?> type = ex.getRequiredType();
        String wanted = type != null && type.isEnum()
                ? "is one of "
                        + String.join(
                                ", ",
                                Arrays.stream(type.getEnumConstants())
                                        .map(Object::toString)
                                        .toList())
                : type == UUID.class ? "names something by a UUID" : "is a number, true or false";
        return ResponseEntity.badRequest()
                .headers(headers)
                .body(problem(
                        HttpStatus.BAD_REQUEST,
                        "unreadable-request",
                        "The request cannot be read",
                        "%s %s.".formatted(what, wanted)));
    }

    /** @param kind what programs know it by, at the end of the problem's type */
    private static ProblemDetail problem(HttpStatus status, String kind, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setType(URI.create(TYPE + kind));
        return problem;
    }
}
