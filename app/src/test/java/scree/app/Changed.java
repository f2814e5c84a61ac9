package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;

/** Records that differ from others in a few parts, by name. */
public final class Changed {
    private Changed() {}

    /**
     * Returns a record like another.
     *
     * @param parts by turns the name of a part and what it is instead
     */
    public static <R extends Record> R with(R of, Object... parts) {
        Map<String, Object> instead = new HashMap<>();
        for (int i = 0; i < parts.length; i += 2) {
            instead.put((String) parts[i], parts[i + 1]);
        }
        RecordComponent[] all = of.getClass().getRecordComponents();
        assertThat(Stream.of(all).map(RecordComponent::getName)).containsAll(instead.keySet());
        try {
            Object[] values = new Object[all.length];
            for (int i = 0; i < all.length; i++) {
                all[i].getAccessor().setAccessible(true);
                String name = all[i].getName();
                values[i] = instead.containsKey(name)
                        ? instead.get(name)
                        : all[i].getAccessor().invoke(of);
            }
            Class<?>[] types = Stream.of(all).map(RecordComponent::getType).toArray(Class[]::new);
            @SuppressWarnings("unchecked")
            Constructor<R> made = (Constructor<R>) of.getClass().getDeclaredConstructor(types);
            made.setAccessible(true);
            return made.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("no " + of.getClass().getSimpleName() + " can be made", e);
        }
    }
}
