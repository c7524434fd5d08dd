package org.leanlintel.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.formats.standard.OfficeStandard;

/** What is tried on a revision is known when it is made, and belongs to that revision alone. */
class LiveTest {

    private final Live live = new OneProject().live.get(OneProject.ID);

    @Test
    void whatWasTriedIsNotWorkedOutAgain() {
        Tried.Result tried = live.run(note("Kitchen"));
        tried.after().drawing(OfficeStandard.GROUND_PLAN).picture();
        Live made = live.run(note("Kitchen")).after();
        assertThat(made).isSameAs(tried.after());
        assertThat(made.isDrawn(OfficeStandard.GROUND_PLAN)).isTrue();
        assertThat(live.run(note("Hall")).after()).isNotSameAs(made);
        assertThat(live.kept().run(note("Kitchen")).outcome()).isEqualTo(tried.outcome());
        assertThat(made.run(note("Kitchen")).after().model().elements())
                .hasSize(made.model().elements().size() + 1);
    }

    @Test
    void theEldestGoesAndWhatChangesMuchLeavesRoomForNothingElse() {
        Tried tried = new Tried();
        Tried.Result first = tried.of(note("0"), e -> changing(1));
        for (int i = 1; i < 16; i++) tried.of(note("n" + i), e -> changing(1));
        assertThat(tried.of(note("0"), e -> changing(1))).as("sixteen are kept").isSameAs(first);
        tried.of(note("n16"), e -> changing(1));
        assertThat(tried.of(note("0"), e -> changing(1))).as("the eldest goes").isNotSameAs(first);
        Tried.Result much = tried.of(note("much"), e -> changing(500));
        assertThat(tried.of(note("much"), e -> changing(500))).isSameAs(much);
        Tried.Result alone = tried.of(note("n16"), e -> changing(1));
        assertThat(tried.of(note("much"), e -> changing(500))).isNotSameAs(much);
        assertThat(tried.of(note("n16"), e -> changing(1))).isNotSameAs(alone);
    }

    /** The outcome of an edit that puts so many new layers. */
    private Tried.Result changing(int elements) {
        List<Element> layers = new ArrayList<>();
        for (int i = 0; i < elements; i++)
            layers.add(live.model().get(OfficeStandard.LAYER_NOTES, Layer.class).copied(new ElementId("new-" + i)));
        return new Tried.Result(Change.to(live.model(), "try", layers, List.of()), live);
    }

    @Test
    void whatIsRefusedLeavesTheRevision() {
        Tried.Result refused = live.run(new Delete(List.of(new ElementId("none"))));
        assertThat(refused.outcome()).isInstanceOf(Refusal.class);
        assertThat(refused.after()).isSameAs(live);
    }

    private static Edit note(String text) {
        return new PlaceNote(
                OfficeStandard.GROUND_PLAN,
                OfficeStandard.LAYER_NOTES,
                new Vec(0, 0),
                text,
                OfficeStandard.LETTERS_NAME);
    }
}
