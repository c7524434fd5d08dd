package org.leanlintel.core.model;

/** An end of a wall or of an opening, in the direction its wall was drawn. */
public enum End {
    START,
    END;

    public End other() {
        return this == START ? END : START;
    }
}
