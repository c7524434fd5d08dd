package org.leanlintel.server;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Flow;

/** Waits for the first line with a beginning. */
final class LineListener implements Flow.Subscriber<String> {

    private final CompletableFuture<String> found;
    private final String beginning;

    LineListener(CompletableFuture<String> found, String beginning) {
        this.found = found;
        this.beginning = beginning;
    }

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
        subscription.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(String line) {
        if (line.startsWith(beginning)) found.complete(line);
    }

    @Override
    public void onError(Throwable error) {
        found.completeExceptionally(error);
    }

    @Override
    public void onComplete() {}
}
