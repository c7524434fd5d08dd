package org.leanlintel.core.edit.run;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;

/** Names and marks that stand for one build-up alone, so that a schedule can be read. */
final class Taken {

    private Taken() {}

    /** The first build-up of {@code change} whose name or mark another has; null if none has. */
    static @Nullable Refusal by(Model next, Change change) {
        for (Element e : change.after()) {
            if (e instanceof BuildUp made && clash(next, made) instanceof Refusal refusal) return refusal;
        }
        return null;
    }

    private static @Nullable Refusal clash(Model next, BuildUp made) {
        for (BuildUp known : next.all(BuildUp.class)) {
            if (known.id().equals(made.id())) continue;
            if (known.name().equalsIgnoreCase(made.name()))
                return Refusal.because("There is a build-up \"%s\" already.".formatted(known.name()), known.id());
            if (known.mark().equalsIgnoreCase(made.mark()))
                return Refusal.because("Mark %s is \"%s\" already.".formatted(known.mark(), known.name()), known.id());
        }
        return null;
    }
}
