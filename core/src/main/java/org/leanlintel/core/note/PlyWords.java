package org.leanlintel.core.note;

import java.util.Locale;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;

/** A ply in words: material, framing, and what it does where that is not plain from the material. */
public final class PlyWords {

    private PlyWords() {}

    /** With that it carries, where it does. */
    public static String of(Ply ply, Model model) {
        return madeOf(ply, model) + (ply.does() == Does.CARRIES ? ", carries" : "");
    }

    /** Material and framing. */
    public static String madeOf(Ply ply, Model model) {
        Material of = model.get(ply.material(), Material.class);
        String framing =
                switch (ply.framing()) {
                    case Framing.Solid s -> "";
                    case Framing.Timbers t -> ", " + timbers(t, model);
                    case Framing.Joints j -> joints(model.get(j.material(), Material.class), of);
                };
        return of.name() + framing;
    }

    /** Nothing where a ply is named for what stands in it, as rafters with something between them are. */
    private static String joints(Material in, Material of) {
        return in.joinsAs().equals(of.joinsAs()) ? "" : ", " + in.name().toLowerCase(Locale.ROOT) + " joints";
    }

    public static String timbers(Framing.Timbers timbers, Model model) {
        if (timbers.centresMm() == 0) return timbers.size().name();
        return timbers.size().name() + " at "
                + LengthPrinter.ofScreen(model.settings().units()).print(timbers.centresMm());
    }
}
