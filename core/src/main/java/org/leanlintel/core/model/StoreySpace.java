package org.leanlintel.core.model;

import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A storey between the floors below and above it. Heights are above the storey's level, millimetres.
 *
 * @param footMm the top of its floor's structure, on which walls stand; not above 0
 * @param headMm the underside of the structure above, under which walls end
 * @param ceilingMm the underside of its ceilings
 * @param facingFootMm from where facings run down before the floor's edge: the heads of the walls below
 */
public record StoreySpace(Storey storey, double footMm, double headMm, double ceilingMm, double facingFootMm) {

    public static StoreySpace of(Model model, ElementId id) {
        Storey storey = model.get(id, Storey.class);
        List<Storey> stack = stack(model);
        int at = stack.indexOf(storey);
        BuildUp floor = floorOf(model, storey);
        Storey next = at + 1 < stack.size() ? stack.get(at + 1) : null;
        BuildUp above = next == null ? null : floorOf(model, next);
        double foot = floor == null ? 0 : -floor.depthToStructure();
        double head = storey.heightMm() - (above == null ? 0 : above.depthBelowStructure());
        double under = storey.heightMm() - (above == null ? 0 : above.thicknessMm());
        double ceiling = storey.ceiling() instanceof Rise.Fixed f ? f.mm() : under;
        double facing = at > 0 && floor != null ? -floor.depthBelowStructure() : foot;
        return new StoreySpace(storey, foot, head, ceiling, facing);
    }

    /** The storeys from the lowest up. */
    public static List<Storey> stack(Model model) {
        return model.all(Storey.class).stream()
                .sorted(Comparator.comparingDouble(Storey::levelMm))
                .toList();
    }

    /** The storey above; null above the topmost. */
    public static @Nullable Storey above(Model model, Storey storey) {
        List<Storey> stack = stack(model);
        int next = stack.indexOf(storey) + 1;
        return next < stack.size() ? stack.get(next) : null;
    }

    /** The storey below; null below the lowest. */
    public static @Nullable Storey below(Model model, Storey storey) {
        List<Storey> stack = stack(model);
        int at = stack.indexOf(storey);
        return at > 0 ? stack.get(at - 1) : null;
    }

    /** What a storey's floors are made of; null where that is not said. */
    public static @Nullable BuildUp floorOf(Model model, Storey storey) {
        return storey.floor() instanceof Storey.Built b ? model.get(b.buildUp(), BuildUp.class) : null;
    }

    public double levelMm() {
        return storey.levelMm();
    }

    /** Where a wall stands at a part of its length from 0 to 1, above the storey's level. */
    public double footMm(Rise rise, double part) {
        return switch (rise.foot()) {
            case Rise.OnFloor f -> footMm;
            case Rise.Fixed f -> f.mm();
            case Rise.Along a -> a.at(part);
        };
    }

    /** Where a wall ends at a part of its length from 0 to 1, above the storey's level. */
    public double headMm(Rise rise, double part) {
        return switch (rise.head()) {
            case Rise.UnderStoreyAbove u -> headMm;
            case Rise.Fixed f -> f.mm();
            case Rise.Along a -> a.at(part);
            case Rise.UnderStairs s -> s.along().at(part);
        };
    }

    /** The lowest place of a wall's foot. */
    public double footMm(Rise rise) {
        return rise.foot() instanceof Rise.Along a ? a.least() : footMm(rise, 0);
    }

    /** The highest place of a wall's head. */
    public double headMm(Rise rise) {
        return rise.headAlong() instanceof Rise.Along a ? a.most() : headMm(rise, 0);
    }

    /** Whether a level plane this high above the storey's level meets a wall. */
    public boolean isCutAt(Rise rise, double aboveLevelMm) {
        return aboveLevelMm >= footMm(rise) && aboveLevelMm < headMm(rise);
    }
}
