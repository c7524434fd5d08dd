package org.leanlintel.core.effect;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;

/** What becomes different when storeys come, go or change, in sentences: levels, walls, stairs, and what goes with one. */
final class StoreyEffects {

    private static final Map<Class<? extends Element>, String> COUNTED = counted();

    private final Building before;
    private final Building after;
    private final LengthPrinter lengths;
    private final LevelPrinter levels;
    private final List<String> sentences = new ArrayList<>();

    private StoreyEffects(Building before, Building after) {
        this.before = before;
        this.after = after;
        lengths = LengthPrinter.ofScreen(after.model().settings().units());
        levels = new LevelPrinter(
                after.model().settings().units(), Site.of(after.model()).zeroMm());
    }

    private static Map<Class<? extends Element>, String> counted() {
        Map<Class<? extends Element>, String> words = new LinkedHashMap<>();
        words.put(Wall.class, "wall");
        words.put(Opening.class, "opening");
        words.put(Post.class, "post");
        words.put(Floor.class, "floor");
        words.put(FloorVoid.class, "void");
        words.put(Roof.class, "roof");
        words.put(Stair.class, "stair");
        words.put(Room.class, "room");
        words.put(Fitting.class, "fitting");
        words.put(Drawing.class, "drawing");
        return words;
    }

    static List<String> between(Building before, Building after) {
        StoreyEffects effects = new StoreyEffects(before, after);
        effects.gone();
        if (!before.model().all(Storey.class).equals(after.model().all(Storey.class))) {
            effects.levels();
            effects.walls();
        }
        effects.stairs();
        return effects.sentences;
    }

    /** Where a storey goes, everything that goes with it. */
    private void gone() {
        Model was = before.model(), is = after.model();
        List<Storey> gone = was.all(Storey.class).stream()
                .filter(s -> is.find(s.id()) == null)
                .toList();
        if (gone.isEmpty()) return;
        List<String> counts = new ArrayList<>();
        COUNTED.forEach((kind, word) -> {
            long count =
                    was.all(kind).stream().filter(e -> is.find(e.id()) == null).count();
            if (count > 0) counts.add(count == 1 ? "1 " + word : count + " " + word + "s");
        });
        sentences.add("With %s %s."
                .formatted(
                        gone.getFirst().name(),
                        counts.isEmpty() ? "goes nothing else" : "go " + String.join(", ", counts)));
    }

    private void levels() {
        for (Storey s : StoreySpace.stack(after.model())) {
            if (!(before.model().find(s.id()) instanceof Storey was)) continue;
            double by = s.levelMm() - was.levelMm();
            if (!Tolerance.same(by, 0))
                sentences.add("%s moves %s by %s, to %s."
                        .formatted(
                                s.name(),
                                by > 0 ? "up" : "down",
                                lengths.print(Math.abs(by)),
                                levels.print(s.levelMm())));
        }
    }

    private void walls() {
        for (Storey s : StoreySpace.stack(after.model())) {
            if (before.model().find(s.id()) == null) continue;
            double was = height(before, s), is = height(after, s);
            long walls = after.model().relations().wallsOf(s.id()).stream()
                    .filter(w -> w.rise().equals(Rise.FULL))
                    .count();
            if (walls > 0 && !Tolerance.same(was, is))
                sentences.add("%d walls of %s become %s high instead of %s."
                        .formatted(walls, s.name(), lengths.print(is), lengths.print(was)));
        }
    }

    private static double height(Building building, Storey storey) {
        StoreySpace space = building.space(storey.id());
        return space.headMm() - space.footMm();
    }

    private void stairs() {
        for (Stair s : after.model().all(Stair.class)) {
            if (!(before.model().find(s.id()) instanceof Stair was)) continue;
            BuiltStair then = BuiltStair.find(was, before.model()), now = BuiltStair.find(s, after.model());
            if (then == null
                    || now != null && then.plan().sum().equals(now.plan().sum())) continue;
            if (now == null) {
                sentences.add("%s cannot be built any more.".formatted(s.mark()));
                continue;
            }
            sentences.add("%s: %d risers of %s become %d of %s."
                    .formatted(
                            s.mark(),
                            then.plan().sum().risers(),
                            lengths.print(then.plan().sum().riserMm()),
                            now.plan().sum().risers(),
                            lengths.print(now.plan().sum().riserMm())));
        }
    }
}
