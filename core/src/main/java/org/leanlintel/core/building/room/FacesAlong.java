package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;

/** What set-out lines enclose, of each face the edge of which is along a wall ({@link RingsAlong}). */
record FacesAlong(ElementId wall, Parting parting) implements Key<List<Area>> {

    @Override
    public List<Area> from(Reads reads) {
        List<Area> faces = new ArrayList<>();
        for (Ring ring : reads.get(new RingsAlong(wall, parting))) {
            if (ring.shell() == null) continue;
            List<Ring.Loop> others = new ArrayList<>();
            for (RingsAlong along : reads.lying(
                    new RingsAlong.Islands(parting), Bounds.of(ring.shell().line())))
                for (Ring other : reads.get(along))
                    if (other.storey().equals(ring.storey())) others.addAll(other.alone());
            Area face = ring.face(others);
            if (!face.isEmpty()) faces.add(face);
        }
        return List.copyOf(faces);
    }

    /** All faces of a storey. */
    record Of(ElementId storey, Parting parting) implements Key<List<Area>> {

        @Override
        public List<Area> from(Reads reads) {
            List<Area> faces = new ArrayList<>();
            for (Wall w : reads.model().relations().wallsOf(storey))
                faces.addAll(reads.get(new FacesAlong(w.id(), parting)));
            return List.copyOf(faces);
        }
    }
}
