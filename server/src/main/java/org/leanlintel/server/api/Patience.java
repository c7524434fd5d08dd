package org.leanlintel.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.GivenUp;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * Bounds what requests may take. A request that works longer than the limit is interrupted, which its work looks for ({@link
 * GivenUp}); and of one project only some are worked at a time, so that trouble with one never takes another's turn.
 */
@ControllerAdvice
class Patience implements AsyncHandlerInterceptor, ResponseBodyAdvice<Object> {

    /** Requests of one project at a time: those of a few windows, each with an edit, a preview and a picture. */
    private static final int AT_A_TIME = 12;

    private static final String TURN = Patience.class.getName();

    /** One request at work. Whether its thread is interrupted and whether it is over are decided one after the other. */
    private static final class Turn {

        private final Semaphore permits;
        private final Thread worker = Thread.currentThread();
        private boolean over;

        Turn(Semaphore permits) {
            this.permits = permits;
        }

        synchronized void interrupt() {
            if (!over) worker.interrupt();
        }

        /** Nothing is interrupted any more: an answer that is being written is written whole, however slowly it is read. */
        synchronized void end() {
            if (over) return;
            over = true;
            Thread.interrupted();
            permits.release();
        }
    }

    private final Map<String, Semaphore> projects = new ConcurrentHashMap<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("patience").factory());
    private final long limitMs, waitMs;

    Patience(
            @Value("${lintel.patience.limit-ms:20000}") long limitMs,
            @Value("${lintel.patience.wait-ms:5000}") long waitMs) {
        this.limitMs = limitMs;
        this.waitMs = waitMs;
    }

    /** Too many requests of one project are at work. */
    static final class Busy extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException {
        String project = projectOf(request);
        if (project == null) return true;
        Semaphore permits = projects.computeIfAbsent(project, p -> new Semaphore(AT_A_TIME, true));
        if (!permits.tryAcquire(waitMs, TimeUnit.MILLISECONDS)) throw new Busy();
        Turn turn = new Turn(permits);
        var unused = clock.schedule(turn::interrupt, limitMs, TimeUnit.MILLISECONDS);
        request.setAttribute(TURN, turn);
        return true;
    }

    @Override
    public boolean supports(MethodParameter returned, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter returned,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (request.getAttributes().get(TURN) instanceof Turn turn) turn.end();
        return body;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception fault) {
        if (!(request.getAttribute(TURN) instanceof Turn turn)) return;
        turn.end();
        if (turn.permits.availablePermits() == AT_A_TIME) projects.values().remove(turn.permits);
    }

    private static @Nullable String projectOf(HttpServletRequest request) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return variables instanceof Map<?, ?> m && m.get("project") instanceof String s ? s : null;
    }
}
