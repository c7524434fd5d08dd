package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Detail;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Wall;

/**
 * How plies are shown at a scale: one that would print thinner than the lens allows is drawn as one with its neighbour
 * on the structure's side. The model keeps it; only the picture merges. A wall that stands already is drawn whole.
 */
public final class DrawnPlies {

    /** What a ply is drawn as. @param own whether it is drawn as itself */
    public record Drawn(Material material, Does does, boolean own) {

        /** What it is filled with. */
        public String tint(Pens pens) {
            return material.id().equals(PLAIN) ? material.tint() : pens.tint(material);
        }
    }

    private static final ElementId PLAIN = new ElementId("drawn");

    /** Of walls that are filled in one. */
    public static final String SOLID = "#4a5359";

    private static final Material WALL = plain("wall", "#e9e6df"),
            DARK = plain("wall", SOLID),
            EXISTING = plain("existing", Inks.STANDING_TINT),
            BETWEEN = plain("between plies", "#fffefb");

    private final Detail.Amount amount;
    private final double thinnestMm;
    private final Lens.Fill fill;
    private final Predicate<Wall> isCut, isGrey;
    private final IdentityHashMap<BuildUp, List<Drawn>> known = new IdentityHashMap<>();

    private DrawnPlies(Look look) {
        double scale = look.drawing().scale();
        fill = look.lens().fill();
        amount = fill == Lens.Fill.SOLID
                ? Detail.Amount.OUTLINE
                : look.lens().detail().at(scale);
        thinnestMm = look.lens().thinnestPlyMm() * scale;
        isCut = look::cuts;
        isGrey = wall -> look.of(wall.state()) == Lens.StateLook.GREY;
    }

    public static DrawnPlies of(Look look) {
        return new DrawnPlies(look);
    }

    private static Material plain(String name, String tint) {
        Hatch none = new Hatch(Hatch.Pattern.NONE, 1);
        return new Material(PLAIN, name, name, none, tint, new Heat.Unstated(), new Surface.Plain(), 0, "");
    }

    /** What is drawn for what fills a place; null where nothing does, or where that is not cut. */
    @Nullable
    public Drawn of(@Nullable Content content) {
        if (content == null || !isCut.test(content.strip().wall())) return null;
        if (content.buildUpPly() == Content.NO_PLY) return new Drawn(content.material(), content.does(), true);
        return of(content.strip()).get(content.buildUpPly());
    }

    /** By the index of the ply in the build-up. */
    public List<Drawn> of(Strip strip) {
        if (isGrey.test(strip.wall()))
            return Collections.nCopies(strip.plies().size(), new Drawn(EXISTING, Does.CARRIES, false));
        return known.computeIfAbsent(strip.buildUp(), b -> drawn(strip));
    }

    private List<Drawn> drawn(Strip strip) {
        int count = strip.plies().size();
        List<StripPly> plies = new ArrayList<>(strip.plies());
        plies.sort(Comparator.comparingInt(StripPly::index));
        Drawn[] drawn = new Drawn[count];
        int from = strip.buildUp().structureFrom();
        for (int i = from; i < count; i++) drawn[i] = drawn(plies.get(i), i > from ? drawn[i - 1] : null);
        for (int i = from - 1; i >= 0; i--) drawn[i] = drawn(plies.get(i), drawn[i + 1]);
        return List.of(drawn);
    }

    private Drawn drawn(StripPly ply, @Nullable Drawn inward) {
        if (amount == Detail.Amount.OUTLINE)
            return new Drawn(fill == Lens.Fill.SOLID ? DARK : WALL, Does.CARRIES, false);
        boolean tooThin = ply.thickness() < thinnestMm;
        if (tooThin && inward != null && inward.does() != Does.AIR_GAP)
            return new Drawn(inward.material(), inward.does(), false);
        boolean between = amount == Detail.Amount.STRUCTURE
                && switch (ply.does()) {
                    case CARRIES, FACING, LINING -> false;
                    case BOARDS, INSULATES, AIR_GAP, SHEET -> true;
                };
        return between ? new Drawn(BETWEEN, Does.AIR_GAP, false) : new Drawn(ply.material(), ply.does(), true);
    }

    /** What is drawn for what is built against a wall or stands free. */
    public Drawn alone(Material material, Does does) {
        if (amount != Detail.Amount.OUTLINE) return new Drawn(material, does, true);
        return new Drawn(fill == Lens.Fill.SOLID ? DARK : WALL, does, false);
    }

    /** A membrane is drawn where both plies beside it are drawn as themselves. */
    public boolean showsMembrane(Strip strip, int stripIndex) {
        if (amount != Detail.Amount.EVERYTHING) return false;
        boolean before = stripIndex == 0 || strip.plies().get(stripIndex - 1).thickness() >= thinnestMm;
        boolean after = stripIndex == strip.plies().size() - 1
                || strip.plies().get(stripIndex + 1).thickness() >= thinnestMm;
        return before && after;
    }
}
