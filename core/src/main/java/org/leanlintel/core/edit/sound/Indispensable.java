package org.leanlintel.core.edit.sound;

import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Storey;

/** What a project cannot do without: its settings, site and rules, and one layer, storey, plan, lens and style of letters. */
public final class Indispensable {

    private Indispensable() {}

    public static @Nullable Refusal check(Model next, Change change) {
        Set<Class<?>> gone = new HashSet<>();
        for (Element e : change.before()) {
            if (next.find(e.id()) != null) continue;
            gone.add(e.getClass());
            if (e instanceof Settings || e instanceof Site || e instanceof Rules || e instanceof HeatRule)
                return needs("its settings, its site and its rules", e.id());
        }
        if (gone.contains(Layer.class) && next.all(Layer.class).isEmpty()) return needs("a layer to draw on");
        if (gone.contains(Storey.class) && next.all(Storey.class).isEmpty()) return needs("a storey");
        if (gone.contains(LetterStyle.class) && next.all(LetterStyle.class).isEmpty())
            return needs("a style of letters");
        if (gone.contains(Lens.class) && next.all(Lens.class).isEmpty()) return needs("a lens to draw through");
        boolean plan = next.all(Drawing.class).stream().anyMatch(d -> d.kind() == Drawing.Kind.PLAN);
        return gone.contains(Drawing.class) && !plan ? needs("a plan to draw in") : null;
    }

    /** What a project that comes whole lacks; null where it has all. */
    public static @Nullable Refusal lacking(Model model) {
        boolean single = model.find(Settings.ID, Settings.class) != null
                && model.find(Site.ID, Site.class) != null
                && model.find(Rules.ID, Rules.class) != null
                && model.find(HeatRule.ID, HeatRule.class) != null;
        boolean plan = model.all(Drawing.class).stream().anyMatch(d -> d.kind() == Drawing.Kind.PLAN);
        boolean whole = single
                && plan
                && !model.all(Layer.class).isEmpty()
                && !model.all(Storey.class).isEmpty()
                && !model.all(Lens.class).isEmpty();
        return whole
                ? null
                : Refusal.because(
                        "A project has settings, a site, rules for rooms, stairs and heat, a layer, a storey, a lens and a plan.");
    }

    private static Refusal needs(String what, ElementId... concerns) {
        return Refusal.because("A project needs %s: that cannot be deleted.".formatted(what), concerns);
    }
}
