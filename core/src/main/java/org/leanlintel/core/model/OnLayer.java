package org.leanlintel.core.model;

/** What stands in drawings, and is shown or hidden with its layer. */
public sealed interface OnLayer extends Element
        permits InWork, Opening, Room, RoomLimit, SectionLine, Ruled, ConstructionLine, SpotLevel, Annotation {

    ElementId layer();

    /** The same on another layer. */
    OnLayer onLayer(ElementId other);
}
