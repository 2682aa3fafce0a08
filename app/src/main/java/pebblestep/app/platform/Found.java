package pebblestep.app.platform;

import java.util.Map;
import java.util.Objects;

/** Looks up values that must be present, because they were loaded just before. */
public final class Found {
    private Found() {}

    /** The value of a key. A missing one is a defect of the application, not an error of the user. */
    public static <K, V> V in(Map<K, V> map, K key) {
        return Objects.requireNonNull(map.get(key), () -> "nothing was found for " + key);
    }
}
