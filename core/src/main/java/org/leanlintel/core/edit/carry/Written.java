package org.leanlintel.core.edit.carry;

import java.util.Collection;
import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Model;

/** What is written in a drawing, where its picture moves as one and holds what it held. */
public final class Written {

    private Written() {}

    /** @param written in one drawing that is no plan; @param in what it is written of, which stays as it is */
    public static Collection<Element> moved(List<Element> written, Rigid rigid, Building in) {
        Model model = in.model();
        Carrying carrying = new Carrying(
                        in, in, UnaryOperator.identity(), rigid, false, new NewIds(model), new Marks(model))
                .knowing(model.elements());
        if (!written.isEmpty() && carrying.carry(written) != null)
            throw new IllegalStateException("What is written can always be moved with its picture");
        return carrying.put();
    }
}
