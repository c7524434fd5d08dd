package org.leanlintel.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Ply;

class PlyWordsTest {

    private final Sketch sketch = new Sketch();

    private String words(String material, String joints) {
        Framing framing = new Framing.Joints(Sketch.id(joints), 0.1);
        return PlyWords.madeOf(new Ply(Sketch.id(material), 100, Does.CARRIES, framing), sketch.model());
    }

    @Test
    void jointsAreNamedWhereTheyAreOfSomethingElse() {
        assertThat(words("brick", "board")).isEqualTo("brick, board joints");
        assertThat(words("stud", "stud"))
                .as("studs with something between them")
                .isEqualTo("stud");
    }
}
