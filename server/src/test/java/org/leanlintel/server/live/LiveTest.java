package org.leanlintel.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
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
