package org.leanlintel.core;

import static org.assertj.core.api.Assertions.fail;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;

/** Records that differ from one in what a test is about. */
public final class Records {

    private Records() {}

    /** The same record with one of its components otherwise. */
    @SuppressWarnings("unchecked")
    public static <R extends Record> R with(R record, String component, Object value) {
        RecordComponent[] all = record.getClass().getRecordComponents();
        if (Arrays.stream(all).noneMatch(c -> c.getName().equals(component)))
            return fail("%s has no %s".formatted(record.getClass().getSimpleName(), component));
        try {
            Object[] values = new Object[all.length];
            for (int i = 0; i < all.length; i++)
                values[i] = all[i].getName().equals(component)
                        ? value
                        : all[i].getAccessor().invoke(record);
            Class<?>[] types = Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return (R) record.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
