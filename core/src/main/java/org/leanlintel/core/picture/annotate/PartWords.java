package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.dimension.StringParts;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.OwnPart;

/** What stands over a part of a string, one line for each unit. @param typed whether a person typed it in place of what is measured */
record PartWords(List<String> lines, boolean typed) {

    /** Those of all parts, in their order. */
    static List<PartWords> of(List<Held> points, Vec direction, FigureWords words, OwnParts own) {
        List<List<StringParts.Part>> said = new ArrayList<>();
        for (LengthPrinter l : words.lengths()) said.add(StringParts.of(points, direction, l));
        List<PartWords> all = new ArrayList<>();
        for (int i = 0; i < said.getFirst().size(); i++) {
            StringParts.Part part = said.getFirst().get(i);
            OwnPart.Figure figure = own.figure(part.from(), part.to());
            if (figure != null && !figure.says().isEmpty()) {
                all.add(new PartWords(List.of(figure.says()), true));
                continue;
            }
            List<String> lines = new ArrayList<>();
            for (int unit = 0; unit < said.size(); unit++)
                lines.add(words.lengths().get(unit).print(said.get(unit).get(i).saidMm()));
            all.add(new PartWords(lines, false));
        }
        return all;
    }
}
