package org.leanlintel.server;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Flow;

/** Gathers the lines with a beginning until one has what is waited for. */
final class LineListener implements Flow.Subscriber<String> {

    private final List<String> lines = new ArrayList<>();
    private final CompletableFuture<List<String>> found = new CompletableFuture<>();
    private final String beginning;
    private final String last;

    LineListener(String beginning, String last) {
        this.beginning = beginning;
        this.last = last;
    }

    /** All up to the one that was waited for. */
    CompletableFuture<List<String>> found() {
        return found;
    }

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
        subscription.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(String line) {
        if (!line.startsWith(beginning)) return;
        lines.add(line);
        if (line.contains(last)) found.complete(List.copyOf(lines));
    }

    @Override
    public void onError(Throwable error) {
        found.completeExceptionally(error);
    }

    @Override
    public void onComplete() {}
}
