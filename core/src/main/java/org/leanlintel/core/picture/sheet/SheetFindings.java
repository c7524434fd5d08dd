package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.note.Filled;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.Undrawn;
import org.leanlintel.core.sheet.SheetArea;

/**
 * What is wrong with a sheet as it prints: words on words, words too small to read from a print, and what stands off its drawing
 * area or over its title block.
 */
public final class SheetFindings {

    /** The least height of capitals on paper (ISO 3098-1, the smallest of its series). */
    private static final double LEAST_MM = 1.8;
    /** How much smaller they may be for having been rounded. */
    private static final double ROUNDED_MM = 0.01;

    /** All that is drawn of an element. */
    private record Lines(Bounds bounds, Group group) {}

    /** A text on the sheet. */
    private record Placed(TextBox box, Bounds bounds, Group group) {}

    private final Sheet sheet;
    private final Model model;
    private final SheetArea area;
    private final List<Finding> findings = new ArrayList<>();
    /** By drawing, in the order they stand on the sheet. */
    private final Map<ElementId, List<Placed>> texts = new LinkedHashMap<>();

    /** What has lines off the drawing area, by drawing. */
    private final Map<ElementId, List<Lines>> lines = new LinkedHashMap<>();

    private final Map<ElementId, CrossedLeaders> leaders = new LinkedHashMap<>();

    /** Drawings that have been told to stand off it for their words. */
    private final Set<ElementId> wordsOff = new HashSet<>();

    private SheetFindings(Sheet sheet, Model model) {
        this.sheet = sheet;
        this.model = model;
        area = SheetArea.of(sheet.paper(), TitleBlock.of(model));
    }

    /** Of every sheet of a model. @param pictures of a sheet, as it prints */
    public static List<Finding> of(Model model, Function<Sheet, Picture> pictures, Lettering lettering) {
        List<Finding> all = new ArrayList<>();
        for (Sheet s : model.all(Sheet.class)) {
            SheetFindings found = new SheetFindings(s, model);
            found.read(pictures.apply(s), lettering);
            found.find();
            found.unfilled();
            all.addAll(found.findings);
        }
        return all;
    }

    private void read(Picture picture, Lettering lettering) {
        for (Group g : picture.groups()) {
            ElementId drawing = g.drawing();
            if (drawing == null) continue;
            if (Undrawn.said(g) instanceof String said) undrawn(model.get(drawing, Drawing.class), said, g);
            if (Extent.of(new Picture(1, List.of(g))) instanceof Bounds drawn && !area.holds(drawn))
                lines.computeIfAbsent(drawing, d -> new ArrayList<>()).add(new Lines(drawn, g));
            leaders.computeIfAbsent(drawing, d -> new CrossedLeaders()).add(g, model, lettering);
            for (Item item : g.items())
                if (item instanceof Item.Text t && !t.text().isBlank())
                    texts.computeIfAbsent(drawing, d -> new ArrayList<>()).add(placed(TextBox.of(t, 1, lettering), g));
        }
    }

    private void undrawn(Drawing drawing, String said, Group mark) {
        Bounds at = Objects.requireNonNull(Extent.of(new Picture(1, List.of(mark))));
        add(
                "On %s, in %s: %s. That is a fault of the program; the rest is drawn."
                        .formatted(sheet.number(), drawing.name(), said),
                "Change it and look again, or leave it out; please tell those who look after the program.",
                drawing,
                mark,
                new Vec(at.minX(), at.minY()),
                "");
    }

    private static Placed placed(TextBox box, Group group) {
        return new Placed(box, box.bounds(), group);
    }

    private void find() {
        texts.forEach((id, placed) -> {
            Drawing drawing = model.get(id, Drawing.class);
            meeting(drawing, placed);
            small(drawing, placed);
            outside(drawing, placed);
        });
        leaders.forEach((id, in) -> in.found().forEach(c -> crossed(model.get(id, Drawing.class), c)));
        lines.forEach((id, off) -> {
            if (!wordsOff.contains(id)) drawnOff(model.get(id, Drawing.class), off);
        });
    }

    /** Words on it with fields that the project does not fill. */
    private void unfilled() {
        for (Sheet.Placed p : sheet.drawings()) {
            Drawing drawing = model.get(p.drawing(), Drawing.class);
            if (!(drawing.subject() instanceof Drawing.Written written)) continue;
            List<String> unknown = Filled.of(written.text(), model.settings()).unknown();
            if (unknown.isEmpty()) continue;
            findings.add(new Finding(
                    Finding.Kind.SHEET,
                    "On %s, %s says %s, and the project has nothing for that."
                            .formatted(sheet.number(), drawing.name(), String.join(" and ", unknown)),
                    "Write it in the project's facts or in a field of the title block, or write the words out.",
                    List.of(sheet.id(), drawing.id()),
                    drawing.storey(),
                    Vec.ORIGIN,
                    ""));
        }
    }

    private void crossed(Drawing drawing, CrossedLeaders.Crossing crossing) {
        add(
                "On %s, the leader of \"%s\" %s in %s."
                        .formatted(
                                sheet.number(),
                                crossing.leader(),
                                crossing.way().words(crossing.said()),
                                drawing.name()),
                "Move one of them, or point elsewhere; notes in a column can be tidied at once.",
                drawing,
                crossing.group(),
                crossing.at(),
                "ISO 128-22: leader lines cross no other leaders, no words and no dimension lines");
    }

    private void drawnOff(Drawing drawing, List<Lines> off) {
        Lines first = off.getFirst();
        add(
                "On %s, lines of %s run off the drawing area.".formatted(sheet.number(), drawing.name()),
                "Move it on its sheet, or show the drawing at a smaller scale.",
                drawing,
                first.group(),
                new Vec(first.bounds().minX(), first.bounds().minY()),
                "");
    }

    /** From left to right, so that each is held against those alone that begin before it ends. */
    private void meeting(Drawing drawing, List<Placed> placed) {
        List<Placed> inRow = new ArrayList<>(placed);
        inRow.sort(Comparator.comparingDouble(p -> p.bounds().minX()));
        for (int i = 0; i < inRow.size(); i++)
            for (Placed other : inRow.subList(i + 1, inRow.size())) {
                Placed one = inRow.get(i);
                if (other.bounds().minX() > one.bounds().maxX()) break;
                if (one.bounds().meets(other.bounds()) && one.box().meets(other.box()))
                    add(
                            "On %s, \"%s\" and \"%s\" of %s lie on each other."
                                    .formatted(
                                            sheet.number(),
                                            one.box().said(),
                                            other.box().said(),
                                            drawing.name()),
                            "Move one of them.",
                            drawing,
                            one,
                            "");
            }
    }

    private void small(Drawing drawing, List<Placed> placed) {
        List<Placed> small = placed.stream()
                .filter(p -> p.box().heightMm() < LEAST_MM - ROUNDED_MM)
                .toList();
        if (small.isEmpty()) return;
        add(
                "On %s, %s of %s under %s mm high, such as \"%s\"."
                        .formatted(
                                sheet.number(),
                                small.size() == 1 ? "a text" : small.size() + " texts",
                                drawing.name() + (small.size() == 1 ? " is" : " are"),
                                LEAST_MM,
                                small.getFirst().box().said()),
                "Show the drawing at a larger scale, or in larger letters.",
                drawing,
                small.getFirst(),
                "ISO 3098-1: letters from 1.8 mm");
    }

    private void outside(Drawing drawing, List<Placed> placed) {
        List<Placed> off = placed.stream().filter(p -> !area.holds(p.bounds())).toList();
        if (off.isEmpty()) return;
        wordsOff.add(drawing.id());
        add(
                "On %s, \"%s\" of %s stands off the drawing area%s."
                        .formatted(
                                sheet.number(),
                                off.getFirst().box().said(),
                                drawing.name(),
                                off.size() == 1 ? "" : ", with %d more".formatted(off.size() - 1)),
                "Move it, or the drawing on its sheet.",
                drawing,
                off.getFirst(),
                "");
    }

    /** Of an element of a drawing on the sheet; the way to it is the sheet. */
    private void add(String sentence, String remedy, Drawing drawing, Placed at, String source) {
        add(sentence, remedy, drawing, at.group(), at.box().corners().getFirst(), source);
    }

    private void add(String sentence, String remedy, Drawing drawing, Group of, Vec corner, String source) {
        findings.add(new Finding(
                Finding.Kind.SHEET,
                sentence,
                remedy,
                List.of(sheet.id(), drawing.id(), of.element()),
                drawing.storey(),
                corner,
                source));
    }
}
