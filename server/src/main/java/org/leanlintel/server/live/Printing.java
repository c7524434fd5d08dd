package org.leanlintel.server.live;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.core.sheet.Told;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.SetWriter;

/** Sheets as they print. @param issues that their title blocks tell of, the oldest first */
public record Printing(Live now, List<Told> issues) {

    public Picture picture(Sheet sheet) {
        String today = LocalDate.now(ZoneId.systemDefault()).toString();
        return SheetPicture.of(
                sheet,
                now.model(),
                id -> now.drawing(id).picture(),
                DrawingLettering.get(),
                new TitleFacts(today, Told.on(sheet, issues)));
    }

    /** How much of a sheet a drawing takes. @param placed as it is turned and cropped there */
    public Footprint footprint(Sheet.Placed placed) {
        return Footprint.of(placed, now.model(), now.drawing(placed.drawing()).picture(), DrawingLettering.get());
    }

    /** How much a drawing takes as it is drawn. */
    public Footprint footprint(ElementId drawing) {
        return footprint(new Sheet.Placed(drawing, Vec.ORIGIN, Vec.ORIGIN));
    }

    /** How much it would take at another scale; nothing is changed. */
    public Footprint footprintAt(double scale, ElementId drawing) {
        Drawing d = now.model().get(drawing, Drawing.class);
        return new Printing(now.run(new Revise(d.scaled(scale))).after(), issues).footprint(drawing);
    }

    /** @param sheets one at least, in their order */
    public byte[] set(List<Sheet> sheets) {
        return set(sheets, null);
    }

    /** @param other what they come on instead of their own paper; null for that */
    public byte[] set(List<Sheet> sheets, SetWriter.@Nullable Other other) {
        List<SetWriter.Page> pages =
                sheets.stream().map(s -> new SetWriter.Page(s, picture(s))).toList();
        return SetWriter.write(pages, now.model(), DrawingLettering.get(), other);
    }
}
