package pebblestep.app.platform;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;

/** Queries many rows in parts, because the database compares every value of a long list with every row. */
public final class InParts {
    private static final int SIZE = 100;

    private InParts() {}

    /** The results of all parts, in order. */
    public static <K, T> List<T> of(Collection<K> keys, Function<List<K>, List<T>> ask) {
        List<K> all = List.copyOf(keys);
        List<T> found = new ArrayList<>();
        for (int from = 0; from < all.size(); from += SIZE) {
            found.addAll(ask.apply(all.subList(from, Math.min(all.size(), from + SIZE))));
        }
        return found;
    }
}
