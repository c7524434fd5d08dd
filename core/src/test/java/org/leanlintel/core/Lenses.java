package org.leanlintel.core;

import static org.assertj.core.api.Assertions.fail;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import org.leanlintel.core.model.Lens;

/** Lenses that differ from one in what a test is about. */
public final class Lenses {

    private Lenses() {}

    /** The same lens with one of its components otherwise. */
    public static Lens with(Lens lens, String component, Object value) {
        RecordComponent[] all = Lens.class.getRecordComponents();
        if (Arrays.stream(all).noneMatch(c -> c.getName().equals(component))) return fail("A lens has no " + component);
        try {
            Object[] values = new Object[all.length];
            for (int i = 0; i < all.length; i++)
                values[i] = all[i].getName().equals(component)
                        ? value
                        : all[i].getAccessor().invoke(lens);
            Class<?>[] types = Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return Lens.class.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
