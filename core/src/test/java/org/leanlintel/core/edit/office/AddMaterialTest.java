package org.leanlintel.core.edit.office;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Surface;

class AddMaterialTest {

    private final Sketch sketch = new Sketch();

    private static Material material(String name) {
        return new Material(
                Sketch.id("new"),
                name,
                "cork",
                new Hatch(Hatch.Pattern.WAVE, 2),
                "#c9a26b",
                new Heat.Conducts(0.04),
                new Surface.Plain(),
                0,
                "maker");
    }

    @Test
    void aMaterialIsAddedBesideTheOthersAndCanBeUsedAtOnce() {
        Material made =
                (Material) sketch.run(new AddMaterial(material("Cork"))).after().getFirst();
        assertThat(made.id()).as("given by the edit").isNotEqualTo(Sketch.id("new"));
        sketch.run(new Revise(Sketch.buildUp(
                "lined",
                Sketch.ply("stud", 140, org.leanlintel.core.model.Does.CARRIES),
                org.leanlintel.core.model.Ply.solid(made.id(), 15, org.leanlintel.core.model.Does.LINING))));
        assertThat(sketch.refusal(new AddMaterial(material("cork"))))
                .isEqualTo("There is a material \"Cork\" already.");
        assertThat(sketch.refusal(new Delete(java.util.List.of(made.id())))).contains("still used by");
    }
}
