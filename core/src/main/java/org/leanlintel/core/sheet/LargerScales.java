package org.leanlintel.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.TitleBlock;

/**
 * The next larger scales at which drawings would use a sheet better that stands largely empty: of all of them, where they fit on it
 * together so, else of the largest that does. Words and figures, which keep their size, are taken to grow with the rest, so what is
 * proposed fits.
 */
public final class LargerScales {

    /** A drawing and a scale, the number under the line. */
    public record Larger(ElementId drawing, double scale) {}

    /** A drawing as it stands on the sheet, and as it would at the next larger scale. */
    private record Enlarged(LayOut.Put put, double scale, LayOut.Block block) {}

    private LargerScales() {}

    /**
     * @param drawn the scales of those of the drawings that have one, as tables have none
     * @param scales in use, in any order
     * @return nothing where the sheet is well used, or none would fit
     */
    public static List<Larger> of(
            List<LayOut.Put> sheet, Paper paper, TitleBlock titles, List<Larger> drawn, List<Double> scales) {
        if (LayOut.isWellUsed(sheet, paper, titles)) return List.of();
        List<Enlarged> all = new ArrayList<>();
        for (LayOut.Put put : sheet) {
            double next = next(put.block().drawing(), drawn, scales);
            if (next > 0) all.add(enlarged(put, now(put.block().drawing(), drawn), next));
        }
        if (!all.isEmpty() && fit(sheet, all, paper, titles)) return larger(all);
        return all.stream()
                .sorted(Comparator.comparingDouble((Enlarged e) -> -area(e.put.box())))
                .filter(e -> fit(sheet, List.of(e), paper, titles))
                .findFirst()
                .map(e -> larger(List.of(e)))
                .orElse(List.of());
    }

    private static List<Larger> larger(List<Enlarged> all) {
        return all.stream().map(e -> new Larger(e.block.drawing(), e.scale)).toList();
    }

    private static double now(ElementId drawing, List<Larger> drawn) {
        for (Larger d : drawn) if (d.drawing().equals(drawing)) return d.scale();
        return 0;
    }

    /** 0 where there is none. */
    private static double next(ElementId drawing, List<Larger> drawn, List<Double> scales) {
        double now = now(drawing, drawn);
        return scales.stream().filter(s -> s < now).max(Double::compare).orElse(0.0);
    }

    private static Enlarged enlarged(LayOut.Put put, double now, double next) {
        double by = now / next;
        Bounds b = put.block().box();
        Bounds box = new Bounds(b.minX() * by, b.minY() * by, b.maxX() * by, b.maxY() * by);
        return new Enlarged(
                put, next, new LayOut.Block(put.block().drawing(), put.block().anchor(), box));
    }

    private static boolean fit(List<LayOut.Put> sheet, List<Enlarged> some, Paper paper, TitleBlock titles) {
        List<LayOut.Block> blocks = new ArrayList<>();
        for (LayOut.Put put : sheet) {
            LayOut.Block block = put.block();
            for (Enlarged e : some) if (e.put == put) block = e.block;
            blocks.add(block);
        }
        LayOut.Result result = LayOut.on(paper, titles, blocks);
        return result.tooLarge().isEmpty() && result.sheets().size() == 1;
    }

    private static double area(Bounds box) {
        return box.width() * box.height();
    }
}
