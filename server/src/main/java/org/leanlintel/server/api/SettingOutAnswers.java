package org.leanlintel.server.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.setting.SettingOut;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Stop;
import org.leanlintel.server.api.Messages.MeasureAlong;
import org.leanlintel.server.api.Messages.SettingOutAnswer;

/** How things are set out along walls, as the board shows it. */
final class SettingOutAnswers {

    private SettingOutAnswers() {}

    static @Nullable SettingOutAnswer of(Building building, ElementId thing, Stop.Of of) {
        SettingOut.Answer answer = SettingOut.of(building, thing, of);
        if (answer == null) return null;
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        List<MeasureAlong> measures = answer.measures().stream()
                .map(m -> new MeasureAlong(
                        m.placing(), m.beyondMm(), m.mm(), lengths.print(m.mm()), m.from(), m.to(), m.words()))
                .toList();
        return new SettingOutAnswer(thing, answer.wall(), answer.rule(), answer.placing(), measures, answer.choices());
    }

    /** Of the first opening or fitting a change puts; null where it puts none. */
    static @Nullable SettingOutAnswer of(Change change, Building after, Stop.Of of) {
        for (Element e : change.after()) if (e instanceof Opening || e instanceof Fitting) return of(after, e.id(), of);
        return null;
    }
}
