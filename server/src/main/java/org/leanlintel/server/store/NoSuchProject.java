package org.leanlintel.server.store;

/** A project, or a version of one, that is not there. */
public final class NoSuchProject extends RuntimeException {

    private static final long serialVersionUID = 1;

    NoSuchProject() {
        super("There is no such project; it may have been deleted.");
    }
}
