package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.model.Does;

/**
 * Which plies of two walls that meet end to end turn the corner together: structure with structure, and what lies to
 * either side of it in order, by what it does. Plies without a mate are left out.
 */
final class PlyPairs {

    /** Ply {@code a} of the one wall continues as ply {@code b} of the other. */
    record Pair(int a, int b) {}

    /** Plies from index {@code from} up to but not including {@code to}. */
    record Range(int from, int to) {}

    private PlyPairs() {}

    /** Pairs of plies within two ranges, in rising order of both. */
    static List<Pair> of(List<ArmPly> as, int aFrom, int aTo, List<ArmPly> bs, int bFrom, int bTo) {
        List<Pair> pairs = new ArrayList<>();
        match(as, aFrom, aTo, bs, bFrom, bTo, pairs);
        return pairs;
    }

    /** From the first ply that carries to the last. */
    static Range structure(List<ArmPly> plies) {
        return new Range(firstCarrying(plies), lastCarrying(plies) + 1);
    }

    private static int firstCarrying(List<ArmPly> plies) {
        int i = 0;
        while (plies.get(i).does() != Does.CARRIES) i++;
        return i;
    }

    private static int lastCarrying(List<ArmPly> plies) {
        int i = plies.size() - 1;
        while (plies.get(i).does() != Does.CARRIES) i--;
        return i;
    }

    /** Longest common subsequence of what the plies do, by the usual table of best counts. */
    private static void match(
            List<ArmPly> as, int aFrom, int aTo, List<ArmPly> bs, int bFrom, int bTo, List<Pair> pairs) {
        int rows = aTo - aFrom, columns = bTo - bFrom;
        int[][] best = new int[rows + 1][columns + 1];
        for (int i = rows - 1; i >= 0; i--) {
            for (int j = columns - 1; j >= 0; j--) {
                best[i][j] = same(as, aFrom + i, bs, bFrom + j)
                        ? best[i + 1][j + 1] + 1
                        : Math.max(best[i + 1][j], best[i][j + 1]);
            }
        }
        int i = 0, j = 0;
        while (i < rows && j < columns) {
            if (same(as, aFrom + i, bs, bFrom + j)) pairs.add(new Pair(aFrom + i++, bFrom + j++));
            else if (best[i + 1][j] >= best[i][j + 1]) i++;
            else j++;
        }
    }

    private static boolean same(List<ArmPly> as, int i, List<ArmPly> bs, int j) {
        return as.get(i).does() == bs.get(j).does();
    }
}
