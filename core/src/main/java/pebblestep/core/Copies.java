package pebblestep.core;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Copies that nobody changes. */
public final class Copies {
    private Copies() {}

    /**
     * A copy of a map in its own order. Unlike {@code Map.copyOf} it is looked up safely in the page as well, where an empty
     * one of those divides by its size.
     */
    public static <K, V> Map<K, V> map(Map<? extends K, ? extends V> map) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(map));
    }
}
