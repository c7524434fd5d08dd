package org.leanlintel.server.api;

import org.leanlintel.core.model.Refusal;

/** An edit that was refused, on its way to a problem document. */
final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Refusal refusal;

    Refused(Refusal refusal) {
        super(refusal.sentence());
        this.refusal = refusal;
    }

    Refusal refusal() {
        return refusal;
    }
}
