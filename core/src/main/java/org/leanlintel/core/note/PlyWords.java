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
        String name = model.get(ply.material(), Material.class).name();
        String framing =
                switch (ply.framing()) {
                    case Framing.Solid s -> "";
                    case Framing.Timbers t -> ", " + timbers(t, model);
                    case Framing.Joints j ->
                        ", " + model.get(j.material(), Material.class).name().toLowerCase(Locale.ROOT) + " joints";
                };
        return name + framing;
    }

    public static String timbers(Framing.Timbers timbers, Model model) {
        if (timbers.centresMm() == 0) return timbers.size().name();
        return timbers.size().name() + " at "
                + LengthPrinter.ofScreen(model.settings().units()).print(timbers.centresMm());
    }
}
