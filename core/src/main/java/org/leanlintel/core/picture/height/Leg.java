package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Shown;
import org.leanlintel.core.picture.cut.Cut;
import org.leanlintel.core.picture.cut.GroundLine;
import org.leanlintel.core.picture.seen.Sight;
import org.leanlintel.core.picture.seen.View;

/** What is looked at through one leg of a section, counted from its left. */
record Leg(ElementId drawing, int leg) implements Key<View> {

    @Override
    public View from(Reads reads) {
        return View.of(
                frame(reads.model()), reads.get(new Shown.Of(drawing, true)).bodies());
    }

    private SectionFrame frame(Model model) {
        return SectionFrame.legs(model.get(drawing, Drawing.class), model).get(leg);
    }

    /** What a section sees beyond its cut, leg by leg from the left. */
    static List<Sight> sights(ElementId drawing, Model model) {
        return all(drawing, model).stream().map(l -> new Sight(l, new First(l))).toList();
    }

    private static List<Leg> all(ElementId drawing, Model model) {
        int legs = SectionFrame.legs(model.get(drawing, Drawing.class), model).size();
        return IntStream.range(0, legs).mapToObj(i -> new Leg(drawing, i)).toList();
    }

    /** What hides all beyond a leg: what is cut there; of a section that cuts nothing of the house, the ground. */
    private record First(Leg leg) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            List<Area> cut = reads.get(new Cut.Areas(leg));
            for (Leg l : all(leg.drawing(), reads.model()))
                if (!reads.get(new Cut.Areas(l)).isEmpty()) return cut;
            return ground(reads);
        }

        /** Where it is cut, and where it lies along what stands beyond. */
        private List<Area> ground(Reads reads) {
            SectionFrame frame = leg.frame(reads.model());
            Ground ground = Ground.finished(Building.in(reads));
            List<Area> under = new ArrayList<>();
            under.add(GroundLine.under(GroundLine.cut(ground, frame, frame.startMm(), frame.endMm())));
            List<Body> beyond = reads.get(leg).bodies().values().stream()
                    .flatMap(List::stream)
                    .filter(b -> b.outline().stream().map(frame::seen).allMatch(p -> p.y() > 0))
                    .toList();
            if (!beyond.isEmpty()) {
                List<Vec> along = GroundLine.before(beyond, ground, frame, frame.startMm(), frame.endMm());
                under.add(GroundLine.under(along));
            }
            return under;
        }
    }
}
