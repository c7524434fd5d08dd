package org.leanlintel.core.picture.drawing;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Measuring;
import org.leanlintel.core.picture.Covers;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Undrawn;
import org.leanlintel.core.picture.annotate.AnnotationPainter;
import org.leanlintel.core.picture.annotate.Around;
import org.leanlintel.core.picture.annotate.PartFrame;
import org.leanlintel.core.picture.height.ElevationPicture;
import org.leanlintel.core.picture.height.InteriorPicture;
import org.leanlintel.core.picture.height.SectionPicture;
import org.leanlintel.core.picture.height.StairPicture;
import org.leanlintel.core.picture.height.TrussPicture;
import org.leanlintel.core.picture.table.BuildUpSchedule;
import org.leanlintel.core.picture.table.Legend;
import org.leanlintel.core.picture.table.PictureBlock;
import org.leanlintel.core.picture.table.TableSchedule;
import org.leanlintel.core.picture.table.TextBlock;

/**
 * A drawing that is drawn whole where anything that it shows has changed, and not before it is asked for; what is written in
 * it is drawn by itself.
 */
final class WholePicture implements DrawingPicture {

    private final Building building;
    private final Of of;

    WholePicture(Building building, ElementId drawing, Lettering lettering) {
        this.building = building;
        of = new Of(drawing, lettering);
    }

    private record Of(ElementId drawing, Lettering lettering) implements Key<Picture> {
        @Override
        public Picture from(Reads reads) {
            Building building = Building.in(reads);
            Picture painted = building.get(new Painted(drawing, lettering));
            List<Annotation> written = building.model().relations().annotationsOf(drawing);
            Look look = building.get(new Look.Of(drawing));
            List<Group> things = look.layering().drawn(painted.groups());
            List<Group> words = written(building, look, reach -> Around.Near.NOTHING, written, false);
            List<Group> dimensions = written(building, look, around(look, things, words), written, true);
            Covers blanks = Covers.blanks(building.model(), look.drawing());
            List<Group> groups = new ArrayList<>(blanks.cut(things, List.of(), g -> false));
            groups.addAll(look.layering().shown(words));
            groups.addAll(look.layering().shown(dimensions));
            if (look.drawing().kind().isUpright()) frames(building, look, groups);
            return new Picture(painted.scale(), groups);
        }

        private static Around around(Look look, List<Group> things, List<Group> words) {
            List<Group> all = new ArrayList<>(things);
            all.addAll(words);
            Around.Near near = Around.Near.of(all, look.drawing().scale());
            return reach -> Around.Near.within(reach, List.of(near));
        }

        private List<Group> written(
                Building building, Look look, Around around, List<Annotation> all, boolean dimensions) {
            AnnotationPainter painter = new AnnotationPainter(building, look, lettering, around);
            return all.stream()
                    .filter(a -> a instanceof Measuring == dimensions)
                    .map(painter::paint)
                    .toList();
        }

        private void frames(Building building, Look look, List<Group> groups) {
            for (Drawing part : Drawing.register(building.model())) {
                Group frame = PartFrame.of(part, look, building.model(), lettering, List.copyOf(groups));
                if (frame != null) groups.add(frame);
            }
        }
    }

    /** The same without what is written in it. */
    private record Painted(ElementId drawing, Lettering lettering) implements Key<Picture> {
        @Override
        public Picture from(Reads reads) {
            Building building = Building.in(reads);
            Drawing of = building.model().get(drawing, Drawing.class);
            Undrawn undrawn = new Undrawn(building.get(new Look.Of(drawing)), lettering);
            Picture picture =
                    undrawn.orMark(() -> painting(building, of, lettering).draw());
            return of.kind().isUpright() ? undrawn.below(picture, new Bodies(building).failing()) : picture;
        }
    }

    private static Painting painting(Building building, Drawing drawing, Lettering lettering) {
        return switch (drawing.kind()) {
            case ELEVATION -> new ElevationPicture(building, drawing, lettering);
            case INTERIOR -> new InteriorPicture(building, drawing, lettering);
            case SECTION -> new SectionPicture(building, drawing, lettering);
            case TRUSS -> new TrussPicture(building, drawing, lettering);
            case STAIR -> new StairPicture(building, drawing, lettering);
            case BUILD_UPS -> new BuildUpSchedule(building, drawing, lettering);
            case DOORS, WINDOWS, ROOMS, FITTINGS, ROOFS, FOUNDATIONS, CLAUSES, SHEETS ->
                new TableSchedule(building, drawing, lettering);
            case LEGEND ->
                new Legend(building, drawing, lettering, beside -> DrawingPicture.of(building, beside, lettering)
                        .picture());
            case TEXT -> new TextBlock(building, drawing, lettering);
            case PICTURE -> new PictureBlock(building, drawing, lettering);
            case PLAN -> throw new IllegalStateException("Plans are drawn element by element");
        };
    }

    @Override
    public Picture picture() {
        return building.get(of);
    }
}
