package org.leanlintel.server.api;

/** A file that was asked for is not kept here. */
class NoSuchFile extends RuntimeException {
    private static final long serialVersionUID = 1;

    NoSuchFile() {
        super("That file is not kept here: lay the picture anew.");
    }
}
