package org.leanlintel.server.api;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.setting.SettingOut;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.measure.LengthReading;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.LargerScales;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.takeoff.Measurement;
import org.leanlintel.formats.traced.TracedFile;

/** What goes in and out of the API, besides elements, edits and pictures themselves. */
public final class Messages {

    private Messages() {}

    /** A project in the list. @param deletedAt when it was deleted; null where it is not */
    public record ProjectSummary(
            UUID id,
            String name,
            String address,
            String client,
            UnitSystem units,
            long revision,
            Instant changedAt,
            @Nullable Instant deletedAt) {}

    /** @param standard the file of an office standard to begin with; empty for the one that comes with the program */
    public record NewProject(
            String name,
            String address,
            String client,
            String drawnBy,
            String region,
            PaperSize paper,
            String standard) {}

    /** Everything a board needs besides pictures. @param undo what undo would take back, by name; null for nothing */
    public record ProjectState(long revision, List<Element> elements, @Nullable String undo, @Nullable String redo) {}

    /** @param editId made by the sender: sent twice, the edit counts once; @param seen the revision it was made against */
    public record EditRequest(UUID editId, long seen, String window, Edit edit) {}

    /** An undo, a redo, or going back to a version. */
    public record TurnBack(UUID editId, String window) {}

    /**
     * @param news what became of rooms and of set-out lines, in sentences
     * @param picture how the drawing asked for changed from the revision before; null where none was asked for
     * @param fault why there is no picture though the edit is stored; null where all is well
     */
    public record EditAnswer(
            long revision,
            String name,
            List<Element> put,
            List<ElementId> removed,
            @Nullable String undo,
            @Nullable String redo,
            List<String> news,
            Picture.@Nullable Difference picture,
            @Nullable String fault) {}

    /**
     * @param revision the revision it was tried on
     * @param name what it would do
     * @param refusal why it would be refused, or null
     * @param effects what else becomes different, in sentences, where that was asked for
     * @param gaps of the wall asked for, as they would be
     * @param news what would become of rooms and of set-out lines
     * @param settingOut of the one opening or fitting it would place or change; null where it is none
     * @param length the clear length of the last wall's finished face on its inside; null where it is none or no other
     */
    public record PreviewAnswer(
            long revision,
            @Nullable String name,
            @Nullable String refusal,
            List<ElementId> concerns,
            List<String> effects,
            List<GapAnswer> gaps,
            List<String> news,
            @Nullable SettingOutAnswer settingOut,
            @Nullable String length,
            Picture.@Nullable Difference picture) {}

    /** How something is set out along its wall. @param rule the rule it has, in words; @param choices other rules */
    public record SettingOutAnswer(
            ElementId thing,
            ElementId wall,
            String rule,
            Placing placing,
            List<MeasureAlong> measures,
            List<SettingOut.Choice> choices) {}

    /** A distance to a neighbour. @param placing the rule that keeps it; @param beyondMm what its distance has besides */
    public record MeasureAlong(
            Placing.Off placing, double beyondMm, double mm, String printed, Vec from, Vec to, String words) {}

    /**
     * A closed area of a storey, with its measures as they are read.
     *
     * @param room what it was named as; null where it was not
     * @param at a point well inside it
     * @param sizes clear between finished faces, faces of structure, and from middle to middle
     * @param heights what of it is so high under slopes; none where no slope is over it
     */
    public record AreaAnswer(
            @Nullable ElementId room,
            Vec at,
            List<List<Vec>> rings,
            String net,
            String toStructure,
            String perimeter,
            String volume,
            String ceiling,
            List<String> sizes,
            List<RoofFigure> heights) {}

    /** The closed areas of a storey and their sums. @param outline to the outer faces of walls */
    public record AreasAnswer(List<AreaAnswer> areas, String net, String toStructure, String outline) {}

    /** Free floor that a fitting needs. @param isShort whether something stands there */
    public record ClearanceAnswer(ElementId fitting, List<Vec> ring, boolean isShort, String words) {}

    /** What a symbol looks like at a size. */
    public record SymbolRequest(Symbol symbol, double widthMm, double depthMm) {}

    /**
     * A storey with its heights, above its level where nothing else is said.
     *
     * @param footMm where walls stand; @param headMm where they end; @param floorMm how thick its floor is
     * @param level above the datum, as it is read
     */
    public record StoreyAnswer(
            ElementId id,
            String name,
            double levelMm,
            double heightMm,
            double footMm,
            double headMm,
            double ceilingMm,
            double floorMm,
            String level,
            String height,
            String ceiling,
            String floor,
            int walls) {}

    /** A figure of a stair. @param asked what the rules ask, in words; @param source of that */
    public record FigureAnswer(String name, String value, String asked, String source, boolean holds) {}

    /**
     * What a stair amounts to.
     *
     * @param cannot why it cannot be built; null where it can
     * @param rise from floor to floor
     * @param adds what rounding the riser adds up to; empty where it comes out
     */
    public record StairAnswer(
            @Nullable String cannot,
            String rules,
            String rise,
            int risers,
            double goingMm,
            String adds,
            List<FigureAnswer> figures) {}

    /** An edge of a roof. @param words what it is; @param length of it with its overhangs */
    public record RoofEdgeAnswer(
            List<Roof.Along> along, Roof.Edge edge, String over, String words, String length, Vec from, Vec to) {}

    /** A figure of a roof. */
    public record RoofFigure(String name, String value) {}

    /**
     * What a roof amounts to.
     *
     * @param cannot why it has no shape; empty where it has
     * @param edges counter-clockwise, at the outer faces of its walls
     */
    public record RoofAnswer(String roof, String cannot, List<RoofEdgeAnswer> edges, List<RoofFigure> figures) {}

    /** What trusses amount to. @param cannot why they do not stand; empty where they do; @param riseMm of the peak over the plates */
    public record TrussAnswer(String truss, String cannot, List<RoofFigure> figures, double spanMm, double riseMm) {}

    /** What a foundation amounts to. @param cannot why it does not lie; empty where it does */
    public record FootingAnswer(String footing, String cannot, List<RoofFigure> figures) {}

    /** Sheets to plot. */
    public record PlotRequest(List<ElementId> sheets) {
        public PlotRequest {
            sheets = List.copyOf(sheets);
        }
    }

    /** A rectangle for a stair: from the corner it starts in to the opposite one. @param angle of its sides, radians */
    public record WellRequest(DrawStair like, Vec corner, Vec opposite, double angle) {}

    /** A set of rules for stairs. @param own whether the office added it */
    public record StairRulesAnswer(StairRules rules, boolean own) {}

    /** A layout tried in a rectangle. @param reason why it does not fit, or how it walks; @param edit what would draw it */
    public record WellAnswer(String name, boolean fits, String reason, String area, DrawStair edit) {}

    /** A gap as it is. @param from on the wall, @param to on the other; @param kept the kept gap that holds it, or null */
    public record GapAnswer(Gap gap, double clearMm, String printed, Vec from, Vec to, @Nullable ElementId kept) {}

    /** Things to copy, by id. */
    public record CopyRequest(List<ElementId> things) {}

    /** All that a paste needs. */
    public record CopyAnswer(List<Element> elements, List<ElementId> things) {}

    /** @param points in their order, two at least */
    public record MeasureRequest(List<Vec> points, UnitSystem units) {}

    /** A measurement with its figures as they are read. */
    public record MeasureAnswer(
            Measurement measured,
            List<String> legs,
            String total,
            @Nullable String area,
            @Nullable String perimeter,
            @Nullable String angle) {}

    /** A build-up as it stands in the editor: its U-value, or why there is none, and a cut through it. */
    public record BuildUpAnswer(HeatLoss heat, Picture picture) {}

    public record LengthRequest(String text, UnitSystem units) {}

    /** @param printed the readings as text, in their order */
    public record LengthAnswer(LengthReading reading, List<String> printed) {}

    /**
     * What the entry line was read as.
     *
     * @param length the first length; null where only an angle was typed
     * @param second where two were typed
     * @param fault what is wrong with an angle, or null
     */
    public record EntryAnswer(
            @Nullable LengthAnswer length,
            @Nullable LengthAnswer second,
            @Nullable Double degrees,
            @Nullable String fault) {}

    /** A file to trace from. @param file its name, for tracings and for asking for its pages */
    public record TracedFileAnswer(String file, boolean pdf, List<TracedFile.Size> pages) {}

    /** @param reason why an issue no longer counts */
    public record Withdrawal(String reason) {}

    /**
     * What is to be laid out.
     *
     * @param drawings in any order; without any, those that stand on no sheet
     * @param papers the one of these that is used best is laid out on; without any, of those the project's trade draws on
     * @param after the number that those of the new sheets follow; empty for the highest there is
     * @param set the name of the set they are bound in
     * @param filling whether room on sheets of that set that have the like is used before new ones are made
     */
    public record LayOutRequest(
            List<ElementId> drawings,
            List<Paper> papers,
            String after,
            List<Double> scales,
            String set,
            boolean filling) {}

    /** @param box round a drawing, on paper, from where its anchor lies */
    public record LaidOutDrawing(ElementId drawing, Vec anchor, Vec at, Bounds box) {}

    /** @param larger scales at which drawings would use its room better, where it stands largely empty */
    public record LaidOutSheet(
            String number,
            String title,
            Paper paper,
            List<LaidOutDrawing> drawings,
            List<LargerScales.Larger> larger) {}

    /** @param filled sheets there are; @param sheets new ones; @param tooLarge drawings that fit on no such paper; @param used what part of the room on the sheets is taken */
    public record LaidOut(List<FilledSheet> filled, List<LaidOutSheet> sheets, List<TooLarge> tooLarge, double used) {}

    /** What comes to stand on a sheet there is. @param taken round each drawing that stands there, on paper */
    public record FilledSheet(
            ElementId sheet,
            String number,
            String title,
            Paper paper,
            List<Bounds> taken,
            List<LaidOutDrawing> drawings) {}

    /** A drawing that fits on no such paper. @param scale at which it would, the number under the line; 0 where it would at none */
    public record TooLarge(ElementId drawing, double scale) {}

    /** An issue to hand out. @param sheets which; all where none is named */
    public record IssueRequest(Issued issued, List<ElementId> sheets) {}

    /** A size of paper. @param across its frame where it lies across; {@code upright} likewise */
    public record PaperAnswer(
            PaperSize id, String label, double longMm, double shortMm, Bounds across, Bounds upright) {

        static PaperAnswer of(PaperSize size) {
            return new PaperAnswer(
                    size,
                    size.label(),
                    size.longMm(),
                    size.shortMm(),
                    SheetArea.frame(new Paper(size, false)),
                    SheetArea.frame(new Paper(size, true)));
        }
    }

    /** A picture with the revision it shows. */
    public record PictureAnswer(long revision, Picture picture) {}

    /** The picture of the drawing that a board opens with. */
    public record OpeningAnswer(ElementId drawing, long revision, Picture picture) {}

    public record VersionSummary(UUID id, String name, long revision, Instant madeAt) {}

    public record NewVersion(String name) {}

    /** What can be said of a thing. @param field its name, as it is written in braces */
    public record FactAnswer(String field, String value) {}
}
