package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hatch;

/** The hatch of one ply where it is cut. @param scale model millimetres to one on paper */
record PlyHatch(Hatch hatch, double scale, double thicknessMm) {

    /**
     * @param ring convex
     * @param from along the ply, where a pattern that goes from face to face begins
     * @param to likewise ends
     * @param place the point at s along and t across the ply, from 0 to 1
     */
    List<List<Vec>> lines(List<Vec> ring, double from, double to, BiFunction<Double, Double, Vec> place) {
        double pitch = hatch.pitchMm() * scale;
        List<List<Vec>> lines = new ArrayList<>();
        switch (hatch.pattern()) {
            case NONE -> {}
            case DIAGONAL -> lines.addAll(HatchLines.parallel(ring, Math.PI / 4, pitch));
            case CROSSED -> {
                lines.addAll(HatchLines.parallel(ring, Math.PI / 4, pitch));
                lines.addAll(HatchLines.parallel(ring, -Math.PI / 4, pitch));
            }
            case WAVE -> {
                if (to > from) lines.add(HatchLines.wave(from, to, thicknessMm, thicknessMm / scale, place));
            }
            case ZIGZAG -> {
                if (to > from) lines.add(HatchLines.zigzag(from, to, thicknessMm, place));
            }
        }
        return lines;
    }
}
