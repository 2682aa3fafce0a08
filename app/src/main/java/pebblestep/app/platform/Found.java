package pebblestep.app.platform;

import java.util.Map;
import java.util.Objects;

/** Looks up what must be there, because it was asked for just before. */
public final class Found {
    private Found() {}

    /** The value of a key; an absent one is a mistake of ours and not of whoever asked. */
    public static <K, V> V in(Map<K, V> map, K key) {
        return Objects.requireNonNull(map.get(key), () -> "nothing was found for " + key);
    }
}
