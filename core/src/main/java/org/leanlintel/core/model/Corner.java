package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A point that ends of walls share; moved once, they all follow. With one wall at it, it is that wall's free end. */
public record Corner(ElementId id, ElementId storey, Vec at, Meeting meeting) implements Element, OnStorey {

    public Corner {
        at = Checks.near(at);
    }

    public static Corner at(ElementId id, ElementId storey, Vec at) {
        return new Corner(id, storey, at, new Meeting.ByRule());
    }

    public Corner moved(Vec to) {
        return new Corner(id, storey, to, meeting);
    }

    public Corner decided(Meeting otherMeeting) {
        return new Corner(id, storey, at, otherMeeting);
    }
}
